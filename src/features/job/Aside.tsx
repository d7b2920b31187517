import { midSentence } from '../../core/units/format';
import { ScrollView } from 'react-native';
import { leversFor } from '@core/plan';
import { speakLeft } from '@core/judge';
import { useLevers, type OpenJob } from '@/state/useJob';
import { LeverRow } from '@/ui/Lever';
import { RoomList } from '@/ui/RoomStrip';
import { usePalette } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { openRoom } from '@/ui/goTo';
import { pull } from './acts';

const LEVERS_SHOWN = 3;

/** Wide: the best levers of the tightest room, then every room. */
export function Aside({ open }: { open: OpenJob }) {
  const palette = usePalette();
  const levers = useLevers(open);
  const { rooms, tightest } = open.assessment;
  const best = tightest ? leversFor(tightest.id, levers).slice(0, LEVERS_SHOWN) : [];
  return (
    <ScrollView
      role="complementary"
      dataSet={{ noprint: 'true' }}
      style={{
        flexGrow: 0,
        width: 380,
        backgroundColor: palette.sunk,
        borderLeftWidth: 1.5,
        borderColor: palette.line,
      }}
      contentContainerStyle={{ padding: SPACE.l, gap: SPACE.s }}
    >
      {tightest && best.length > 0 && (
        <>
          <Words as="head">{`What gives more room: ${midSentence(tightest.title)}`}</Words>
          {best.map((lever) => (
            <LeverRow
              key={lever.id}
              lever={lever}
              room={tightest}
              system={open.system}
              onPull={() => pull(open, lever)}
            />
          ))}
        </>
      )}
      {tightest && best.length === 0 && (
        <Words as="small" tone="quiet">
          {`Nothing in the kit gives ${midSentence(tightest.title)} more room${speakLeft(tightest, open.system) === null ? '' : ' than this'}.`}
        </Words>
      )}
      <Words as="head">Room</Words>
      <RoomList rooms={rooms} system={open.system} onOpen={(room) => openRoom(open.job.id, room)} />
    </ScrollView>
  );
}
