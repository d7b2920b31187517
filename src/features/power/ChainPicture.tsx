import { midSentence, trimmed } from '../../core/units/format';
import { Pressable, View } from 'react-native';
import { powerChain, weakestLink, type ChainLink, type LinkKind } from '@core/plan';
import { speakState } from '@core/judge';
import type { OpenJob } from '@/state/useJob';
import { openRoom } from '@/ui/goTo';
import { Jaws } from '@/ui/Jaws';
import { openingOf } from '@/ui/roomWords';
import { usePalette } from '@/ui/theme/theme';
import { CORNER, SPACE, STROKE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';

const watts = (w: number): string => (w >= 1000 ? `${trimmed(w / 1000, 1)} kW` : `${trimmed(w, 0)} W`);

/** Links that carry the supply's few amps; the rest carry the weld's. */
const ON_SUPPLY: readonly LinkKind[] = ['line', 'cord', 'machine'];

/** A digit after the point where the number is small enough to show it. */
const fine = (value: number, below: number): string => trimmed(value, value < below ? 1 : 0);

/** What a link does with the power, in words. */
function doesWith({ kind, power_W }: ChainLink): string {
  if (kind === 'source') return `gives ${watts(power_W)}`;
  if (kind === 'arc') return `${watts(power_W)} into the weld`;
  return `keeps ${watts(power_W)}`;
}

/** The way from the socket to the arc, link by link: volts, amps, what each keeps, and the room on it. */
export function ChainPicture({ open }: { open: OpenJob }) {
  const palette = usePalette();
  const { situation, rooms } = open.assessment;
  const chain = powerChain(situation, rooms);
  if (!chain) return null;
  const weakest = weakestLink(chain, rooms);
  return (
    <View style={{ gap: SPACE.s }}>
      <Words as="head">From the socket to the arc</Words>
      {weakest && (
        <Words as="small" tone="quiet" testID="weakest">
          {`It hangs on: ${midSentence(weakest.name)}, ${weakest.room ? midSentence(weakest.room.title) : ''}.`}
        </Words>
      )}
      <View>
        {chain.map((link, n) => {
          const { room } = link;
          return (
            <View key={link.id}>
              {n > 0 && (
                <View
                  style={{
                    width: ON_SUPPLY.includes(link.kind) ? 3 : 6,
                    height: 14,
                    marginLeft: SPACE.xl,
                    backgroundColor: palette.steel,
                  }}
                />
              )}
              <Pressable
                role="button"
                testID={`link-${link.id}`}
                disabled={room === null}
                onPress={() => room && openRoom(open.job.id, room.id)}
                aria-label={`${link.name}: ${trimmed(link.volts_V, 0)} volts, ${trimmed(link.current_A, 1)} amps, ${doesWith(link)}${room ? `; ${room.title} ${speakState(room)}` : ''}`}
                style={{
                  minHeight: 56,
                  flexDirection: 'row',
                  alignItems: 'center',
                  gap: SPACE.m,
                  padding: SPACE.m,
                  borderWidth: link === weakest ? 2.5 : STROKE,
                  borderColor: link === weakest && room ? palette.state[room.state] : palette.line,
                  borderRadius: CORNER,
                  backgroundColor: palette.surface,
                }}
              >
                <View style={{ flex: 1 }}>
                  <Words as="bold">{link.name}</Words>
                  <Words as="label" tone="quiet">
                    {doesWith(link)}
                  </Words>
                </View>
                <Words as="head">{`${fine(link.volts_V, 100)} V · ${fine(link.current_A, 50)} A`}</Words>
                {room && (
                  <Jaws
                    id={`link-${link.id}`}
                    fraction={openingOf(room)}
                    state={room.state}
                    width={56}
                    height={16}
                  />
                )}
              </Pressable>
            </View>
          );
        })}
      </View>
    </View>
  );
}
