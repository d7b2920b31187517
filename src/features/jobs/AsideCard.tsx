import { View } from 'react-native';
import { JOB_PREFIX, KIT_KEY } from '@/state/keys';
import { saveFile } from '@/state/files';
import { letGo, putBack, notify, useApp, type Damaged } from '@/state/store';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

/** What could not be read, whole or in part, or could not be laid on its job: said, and offered. */
export function AsideCard() {
  const damaged = useApp((state) => state.damaged);
  const newer = useApp((state) => state.newer);
  const jobs = useApp((state) => state.jobs);
  const nameOf = (key: string) =>
    key === KIT_KEY ? 'The kit' : jobs[key.slice(JOB_PREFIX.length)]?.job.title || key;
  const names = Object.entries(newer).map(([key, name]) => name || nameOf(key));
  return (
    <>
      {names.length > 0 && (
        <Card tone="danger" testID="newer-records">
          <Words as="bold">Written by a newer version of this app</Words>
          <Words as="small">
            {`${names.join('; ')}. Nothing here changes ${names.length === 1 ? 'it' : 'them'}; load the page again with a signal, and the newer version opens ${names.length === 1 ? 'it' : 'them'} whole.`}
          </Words>
        </Card>
      )}
      {damaged.length > 0 && (
        <Card tone="danger" testID="damaged">
          <Words as="bold">{titleOf(damaged)}</Words>
          {damaged.map((held) => (
            <Held key={held.heldAt} held={held} name={nameOf(held.key)} />
          ))}
        </Card>
      )}
    </>
  );
}

const titleOf = (damaged: readonly Damaged[]): string =>
  `${damaged.length === 1 ? 'One record' : `${damaged.length} records`} could not be read and ${damaged.length === 1 ? 'was' : 'were'} set aside`;

function Held({ held, name }: { held: Damaged; name: string }) {
  const again = async () => {
    if (!(await putBack(held))) notify(`It still does not fit: ${held.reason}`);
  };
  return (
    <View style={{ gap: SPACE.xs }}>
      <Words as="small">
        {held.part === undefined
          ? `${name}: ${held.reason}. Everything else opened.`
          : `${name}, one entry: ${held.reason}. It stood as ${held.text.slice(0, 60)}. The rest of it opened.`}
      </Words>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        <Act grow title="Put it back" testID="damaged-again" onPress={() => void again()} />
        <Act
          grow
          title="Save what is left"
          testID="damaged-save"
          onPress={() => saveFile(`${held.key.replace(/\//g, '-')}.txt`, 'text/plain', held.text)}
        />
        <Act grow kind="danger" title="Let it go" testID="damaged-let-go" onPress={() => void letGo(held)} />
      </View>
    </View>
  );
}
