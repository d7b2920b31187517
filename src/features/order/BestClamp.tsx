import type { JobEdit } from '@core/formats/paths';
import { useState } from 'react';
import { View } from 'react-native';
import type { BlowPlan, ClampChoice } from '@core/field';
import { inWords } from '@core/units/format';
import type { OpenJob } from '@/state/useJob';
import { Act } from '@/ui/Act';
import { SPACE } from '@/ui/theme/tokens';
import { Words } from '@/ui/Words';
import { coreWorker } from '@/workers/core';
import { clampEdits } from './movedEdits';
import { pieceTraits } from '@core/data/pieces';

/** Single places shown; one pair stands after them. */
const SHOWN = 3;

/** Where the clamp would do best, every place and both ways tried beside the page; and where two would. */
export function BestClamp({ open }: { open: OpenJob }) {
  const { blow } = open.assessment.situation;
  const [found, setFound] = useState<{ for: string; choices: readonly ClampChoice[] } | null>(null);
  if (!blow || open.job.order.clampFixed) return null;
  const say = inWords(open.system).size;
  const asked = JSON.stringify([blow.piece, blow.seam, blow.hold]);
  const choices = found?.for === asked ? found.choices : [];
  const find = () =>
    void coreWorker()
      .bestClamps(blow.piece, blow.seam, blow.hold)
      .then(({ one, two }) =>
        setFound({ for: asked, choices: [...one.slice(0, SHOWN), ...two.slice(0, 1)] }),
      );
  return (
    <View style={{ gap: SPACE.s }}>
      <Act title="Where would the clamp do best?" testID="best-clamp" onPress={find} />
      {choices.map((choice, n) => (
        <View
          key={n}
          testID={`best-clamp-${n + 1}`}
          style={{ flexDirection: 'row', gap: SPACE.s, alignItems: 'center' }}
        >
          <Words style={{ flex: 1 }}>
            {`${choice.clamps.length > 1 ? 'Two: ' : ''}${choice.clamps.map((clamp) => placeInWords(clamp, blow, say)).join('; and ')}; welding ${wayInWords(choice, blow)}: ${Math.round(100 * choice.worst)} % of what the arc stands`}
          </Words>
          <Act
            title="Put it there"
            testID={`put-clamp-${n + 1}`}
            onPress={() => open.edit(putEdits(choice, blow), 'Best clamp')}
          />
        </View>
      ))}
    </View>
  );
}

function placeInWords(
  { x, y, upright }: ClampChoice['clamps'][number],
  { piece, seam }: BlowPlan,
  say: (mm: number) => string,
): string {
  const along = say(Math.round(x));
  if (pieceTraits(piece.kind).cornered) return `${along} from the left, ${say(Math.round(y))} up`;
  const aside = say(Math.round(Math.abs(y - seam.from.y)));
  if (upright) return `${along} along, ${aside} up the upright`;
  return `${along} along, ${aside} to side ${y >= seam.from.y ? 'A' : 'B'}`;
}

const wayInWords = ({ travel }: ClampChoice, { piece }: BlowPlan): string =>
  pieceTraits(piece.kind).cornered
    ? travel === 1
      ? 'from the inside out'
      : 'from the outside in'
    : `to the ${travel === 1 ? 'right' : 'left'}`;

/** Clamps and way as a choice has them; a second clamp that it has not is taken off. */
function putEdits({ clamps, travel }: ClampChoice, blow: BlowPlan): JobEdit[] {
  const [first, second] = clamps;
  if (!first) return [];
  const frame = pieceTraits(blow.piece.kind).cornered;
  const away = frame ? travel === 1 : first.x <= blow.piece.length_mm / 2 === (travel === 1);
  return [
    ...clampEdits(0, first, blow),
    ...(second ? clampEdits(1, second, blow) : [{ path: 'order.clamp2Along_mm', value: null } as const]),
    { path: 'typed.order.clamp2Along_mm', value: undefined },
    {
      path: 'order.clampOn',
      value: first.upright ? 'upright' : pieceTraits(blow.piece.kind).joins === 'upright' ? 'flat' : null,
    },
    { path: 'order.travel', value: away ? 'away' : 'towards' },
  ];
}
