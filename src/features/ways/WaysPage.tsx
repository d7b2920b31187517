import { View } from 'react-native';
import { speakRoom } from '@core/judge';
import { midSentence } from '@core/units/format';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { openBeside } from '@/ui/goTo';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { SureCard } from './SureCard';
import { useGround } from '@/state/useGround';
import { usePlanner } from './usePlanner';
import { WayCard } from './WayCard';
import { WhyNotCard } from './WhyNotCard';
import { WorthCard } from './WorthCard';

/** Plan it for me: how else it could be done, the way through where it is shut, how sure it is, and what is worth finding out. */
export function WaysPage({ open }: { open: OpenJob }) {
  const ground = useGround(open);
  const { state, planned, again, stop } = usePlanner(ground);
  const ways = planned?.ways.ways ?? [];
  const shut = planned !== null && planned.ways.now.shut.length > 0;
  return (
    <View style={{ gap: SPACE.l }} testID="ways" dataSet={{ state }}>
      <View style={{ gap: SPACE.xs }}>
        <Words as="title">{shut ? 'A way through' : 'Other ways'}</Words>
        <Words tone="quiet" testID="ways-now">
          {planned
            ? standing(open, planned.ways.now.shut)
            : 'Every change that could be made is tried on this job.'}
        </Words>
      </View>
      {state === 'running' && (
        <View style={{ gap: SPACE.s }}>
          <Words live testID="ways-looking">{`Looking: ${planned?.ways.tried ?? 0} plans judged`}</Words>
          <Act title="Call it off" testID="ways-stop" onPress={stop} />
        </View>
      )}
      {state === 'stopped' && <Act title="Look again" testID="ways-again" onPress={again} />}
      {state === 'failed' && (
        <>
          <Words tone="danger">It could not be worked out.</Words>
          <Act title="Try again" testID="ways-again" onPress={again} />
        </>
      )}
      {planned &&
        ways.map((way) => (
          <WayCard
            key={way.options.map(({ id }) => id).join(' ')}
            open={open}
            way={way}
            now={planned.ways.now}
          />
        ))}
      {planned && planned.ways.done && ways.length === 0 && <NoWay shut={shut} open={open} />}
      {planned?.sure && !shut && <SureCard sure={planned.sure} />}
      {planned?.worth && <WorthCard worth={planned.worth} jobId={open.job.id} />}
      <WhyNotCard open={open} ground={ground} />
      <Act title="Set it beside another job" testID="to-beside" onPress={() => openBeside(open.job.id)} />
    </View>
  );
}

/** The plan as it stands, in a sentence. */
function standing({ assessment, system }: OpenJob, shut: readonly string[]): string {
  const { tightest } = assessment;
  if (shut.length > 0)
    return `As it stands it is shut by ${shut.map(midSentence).join(', ')}. These are the least changes that open it.`;
  return tightest
    ? `As it stands it is open; tightest is ${midSentence(tightest.title)}: ${speakRoom(tightest, system)}.`
    : 'As it stands it is open.';
}

/** Nothing was found: it stands as well as it can, or it is not to be welded here. */
function NoWay({ shut, open }: { shut: boolean; open: OpenJob }) {
  return shut ? (
    <View style={{ gap: SPACE.xs }} testID="no-way">
      <Words as="head" tone="danger">
        Do not weld this here
      </Words>
      <Words>
        No change on the truck, nothing that a shop sells or a neighbour lends, and no three of them together
        leave every limit open. Ask a shop that has another process, or the person who answers for the part
        whether it is bolted, brazed or replaced.
      </Words>
      {open.assessment.rooms
        .filter(({ state }) => state === 'none')
        .map((room) => (
          <Words key={room.id} as="small">{`${room.title}: ${speakRoom(room, open.system)}.`}</Words>
        ))}
    </View>
  ) : (
    <Words testID="no-better">
      Nothing on the truck makes it clearly roomier, quicker, cooler or shorter of rods than it stands.
    </Words>
  );
}
