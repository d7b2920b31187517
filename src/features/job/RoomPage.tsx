import { midSentence, sentence } from '@core/units/format';
import { View } from 'react-native';
import { sourceWords } from '@core/units/sources';
import { leversFor, type Room } from '@core/plan';
import { speakAmount, speakRoom, speakState } from '@core/judge';
import type { Option } from '@core/planner';
import { addItem } from '@/state/shelf';
import { takeOptions } from '@/state/takeOptions';
import { useLevers, type OpenJob } from '@/state/useJob';
import { useWaysOut } from '@/state/useWaysOut';
import { Act } from '@/ui/Act';
import { Card } from '@/ui/Card';
import { openNewItem, openWays } from '@/ui/goTo';
import { LeverRow } from '@/ui/Lever';
import { usePalette } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { pull } from './acts';
import { ADD_FROM, ADD_WORDS } from './addFrom';

/** One room opened: how much, why, how sure, and what would give more. */
export function RoomPage({ open, roomId }: { open: OpenJob; roomId: string }) {
  const palette = usePalette();
  const levers = useLevers(open);
  const room = open.assessment.rooms.find(({ id }) => id === roomId);
  const isShut = room?.state === 'none' && open.assessment.withheld === null;
  if (!room) return <Words>This limit does not apply to the job as it stands now.</Words>;
  const helping = leversFor(room.id, levers);
  const alone = helping.some(({ effects }) =>
    effects.some(({ roomId: other, after }) => other === room.id && after !== 'none'),
  );
  return (
    <>
      <View style={{ gap: SPACE.xs }}>
        <Words as="title">{room.title}</Words>
        <Words color={palette.state[room.state]} as="bold">
          {`${speakRoom(room, open.system)} · ${speakState(room)}`}
        </Words>
        {room.until !== '' && <Words as="small">{`${sentence(room.now)}; ${room.until}.`}</Words>}
        <Sureness room={room} open={open} />
        {room.ask !== '' && <Words tone="quiet">{`Better known: ${room.ask}`}</Words>}
      </View>
      {helping.length > 0 && (
        <View style={{ gap: SPACE.s }}>
          <Words as="head">What gives more room</Words>
          {helping.map((lever) => (
            <LeverRow
              key={lever.id}
              lever={lever}
              room={room}
              system={open.system}
              onPull={() => pull(open, lever)}
            />
          ))}
        </View>
      )}
      <AddHere room={room} />
      {isShut && <Together open={open} alone={alone} />}
      <View style={{ gap: SPACE.s }}>
        <Words as="head">Why</Words>
        {room.reasons.map(({ words, source }) => (
          <Card key={words}>
            <Words as="small">{words}</Words>
            <Words as="label" tone="quiet">
              {sourceWords(source)}
            </Words>
          </Card>
        ))}
      </View>
    </>
  );
}

/** What is on the truck and not in its list is put there from here, and the way back leads here. */
function AddHere({ room }: { room: Room }) {
  const shelves = room.state === 'roomy' ? [] : (ADD_FROM[room.id] ?? []);
  if (shelves.length === 0) return null;
  return (
    <View style={{ gap: SPACE.s }}>
      <Words as="small" tone="quiet">
        On the truck, and not in its list yet?
      </Words>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        {shelves.map((shelf) => (
          <Act
            key={shelf}
            title={`${ADD_WORDS[shelf]} +`}
            label={`Add to the truck: ${midSentence(ADD_WORDS[shelf])}`}
            testID={`truck-${shelf}`}
            onPress={() => {
              const added = addItem(shelf);
              if (added !== null) openNewItem(shelf, added);
            }}
          />
        ))}
      </View>
    </View>
  );
}

/** Where no single change opens it: the smallest sets that open all that is shut, each taken at a press. */
function Together({ open, alone }: { open: OpenJob; alone: boolean }) {
  const found = useWaysOut(open, !alone);
  const ways = (found?.ways ?? []).filter(({ options }) => options.length > 1 || options.some(isAway));
  return (
    <View style={{ gap: SPACE.s }}>
      {!alone && (
        <Words testID="alone">
          {found === null
            ? 'No single change that is at hand opens it. Looking for two or three together …'
            : ways.length > 0
              ? 'No single change that is at hand opens it. These do:'
              : 'No change at hand opens it, and no three of them together.'}
        </Words>
      )}
      {ways.map(({ options, tightest }, n) => (
        <Card key={options.map(({ id }) => id).join(' ')} testID={`together-${n + 1}`}>
          {options.map((option) => (
            <View key={option.id}>
              <Words as="bold">{option.title}</Words>
              <Words as="label" tone="quiet">
                {isAway(option) ? `${option.cost}; not on the truck` : option.cost}
              </Words>
            </View>
          ))}
          {tightest && (
            <Words as="small" tone="quiet">
              {`Tightest then: ${midSentence(tightest.title)}, ${speakRoom(tightest, open.system)}.`}
            </Words>
          )}
          {options.every(({ reach }) => reach !== 'wait') && (
            <Act
              title={options.some(isAway) ? 'I have it: change the plan' : 'Make these changes'}
              testID={`make-${n + 1}`}
              onPress={() => takeOptions(open, options)}
            />
          )}
        </Card>
      ))}
      <Act title="Look for a way through" testID="to-ways" onPress={() => openWays(open.job.id)} />
    </View>
  );
}

const isAway = ({ reach, adds }: Option): boolean => reach !== 'here' || adds.length > 0;

/** The range behind the number. */
function Sureness({ room, open }: { room: Room; open: OpenJob }) {
  if (!room.left || room.left.high - room.left.low < 1e-9) return null;
  const { low, high } = room.left;
  const say = (amount: number) => speakAmount(Math.abs(amount), room.unit, open.system);
  const words =
    high <= 0
      ? `Over the limit by ${say(high)} to ${say(low)}.`
      : low < 0
        ? `Anything from ${say(low)} past the limit to ${say(high)} of room; the state is read from the worse end.`
        : `Somewhere between ${say(low)} and ${say(high)}; the state is read from the worse end.`;
  return (
    <Words as="small" tone="quiet">
      {words}
    </Words>
  );
}
