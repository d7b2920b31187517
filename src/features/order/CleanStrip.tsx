import { View } from 'react-native';
import { judgeSeam, type BlowJudged, type BlowPlan, type Travel } from '@core/field';
import { inWords } from '@core/units/format';
import type { UnitSystem } from '@core/units/kinds';
import { usePalette } from '@/ui/theme/theme';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { pieceTraits } from '@core/data/pieces';

const LETTERS = { back: 'B', side: 'S', forward: 'F' } as const;

/** The seam as the arc finds it, welded either way: where it stays, and where it is blown back, sideways or forward. */
export function CleanStrip({ blow, system }: { blow: BlowPlan; system: UnitSystem }) {
  const { judged, places, hold, piece } = blow;
  const frame = pieceTraits(piece.kind).cornered;
  const other = judgeSeam(places, -judged.travel as Travel, hold);
  const say = inWords(system).size;
  const over = judged.places.filter(({ blown }) => blown.share > 1);
  const name = (travel: Travel) =>
    frame
      ? travel === 1
        ? 'from the inside out'
        : 'from the outside in'
      : travel === 1
        ? 'to the right'
        : 'to the left';
  return (
    <View style={{ gap: SPACE.xs }} testID="clean-strip">
      <Words as="label" tone="quiet">{`Welded ${name(judged.travel)}`}</Words>
      <Strip judged={judged} tall />
      {other && (
        <>
          <Words as="label" tone="quiet">{`and ${name(other.travel)}`}</Words>
          <Strip judged={other} />
        </>
      )}
      <Words as="small" testID="clean-says">
        {over.length === 0
          ? 'The arc stays on all of it.'
          : frame
            ? 'Corner after corner, each from its inside out: where a letter stands the arc is lost. B back, S sideways, F forward.'
            : `The arc stays on ${say(Math.round(judged.clean_mm))}, ${say(Math.round(judged.cleanRun_mm))} of it in one go; it is lost from ${say(Math.round(over[0]?.along_mm ?? 0))} to ${say(Math.round(over[over.length - 1]?.along_mm ?? 0))}, counted from the left of the weld. B back, S sideways, F forward.`}
      </Words>
    </View>
  );
}

/** One way along the seam; the one not taken is lower. */
function Strip({ judged, tall = false }: { judged: BlowJudged; tall?: boolean }) {
  const palette = usePalette();
  const height = tall ? 26 : 16;
  return (
    <View style={{ flexDirection: 'row', height }}>
      {judged.places.map(({ along_mm, blown }) => (
        <View
          key={along_mm}
          style={{
            flex: 1,
            height,
            alignItems: 'center',
            justifyContent: 'center',
            backgroundColor:
              blown.share > 1
                ? palette.state.none
                : blown.share > 0.7
                  ? palette.state.tight
                  : palette.state.roomy,
          }}
        >
          {blown.share > 1 && tall && (
            <Words as="label" color={palette.onState}>
              {LETTERS[blown.kind]}
            </Words>
          )}
        </View>
      ))}
    </View>
  );
}
