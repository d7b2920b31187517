import type { Reads } from '../../judge/situation';
import { BLOW_DOUBT, BLOW_LIMIT_G, RESIDUAL_GUIDE, RESIDUAL_SOURCE, USUAL_CLAMP } from '../../data/arcBlow';
import { FRAME_TRAVELS, TRAVELS } from '../../data/orderIds';
import { cornerAt } from '../sweep';
import { PRACTICE } from '../../units/sources';
import { counted, inWords, trimmed } from '../../units/format';
import { exactly } from '../../units/range';
import { guessed, ofThumb, under } from '../../judge/room';
import type { BlowPlan } from '../blowPlan';
import type { Assessor } from '../../judge/assessor';
import { pieceTraits } from '../../data/pieces';

const PUSHED = { back: 'blown back', side: 'pushed sideways', forward: 'blown forward' } as const;

const placeOf = ({ piece, seam }: BlowPlan, along_mm: number, say: (mm: number) => string): string =>
  pieceTraits(piece.kind).cornered ? `corner ${cornerAt(seam, along_mm)}` : say(Math.round(along_mm));

/** What was summed, by kind of piece. */
function howReckoned(
  { piece, travel, clampAssumed, straightOn }: BlowPlan,
  say: (mm: number) => string,
): string {
  const edges = piece.magnetic ? '' : ' (none: no magnet holds it)';
  if (pieceTraits(piece.kind).cornered)
    return `${FRAME_TRAVELS[travel]}${clampAssumed ? ', the clamp counted in the middle of the lower tube' : ''}: the current that goes both ways round the frame, and the lead, summed at the arc`;
  const between =
    pieceTraits(piece.kind).joins !== null
      ? ` in each plate, from one to the other over ${counted(piece.tacks.length, 'tack')} ${straightOn ? 'and what is welded behind the arc' : 'only, as where a run begins and nothing behind it is welded'}`
      : ' in the plate';
  return `${TRAVELS[travel]}${clampAssumed ? `, the clamp counted ${say(USUAL_CLAMP.before_mm)} before the weld` : ''}: current${between}, its edges${edges} and the lead, summed at the arc`;
}

/** The field across the arc at its worst place, under what an arc stands. */
export const arcBlow: Assessor = {
  title: 'Arc blow',
  short: 'arc blow',
  stop: 'order',
  bears: 'hand',
  assess({ blow, system, wants }: Reads<'blow' | 'system' | 'wants'>) {
    if (!blow || wants.verdict === 'never') return null;
    const { judged, hold, piece, acrossGap, clampAssumed, unheld_G } = blow;
    const { blown: worst, along_mm } = judged.worst;
    const say = inWords(system).size;
    const doubt = acrossGap ? BLOW_DOUBT.gap : BLOW_DOUBT.plain;
    const residual = Math.abs(piece.residual.x);
    const guide = RESIDUAL_GUIDE.find(({ upTo_G }) => residual < upTo_G);
    const body = under(
      'G',
      {
        low: (unheld_G ?? worst.field_G) * doubt.low,
        nominal: worst.field_G,
        high: worst.field_G * doubt.high,
      },
      exactly(worst.limit_G),
      {
        now: `${trimmed(worst.field_G, 1)} G ${PUSHED[worst.kind]} at ${placeOf(blow, along_mm, say)}`,
        gap: 'before the arc goes',
        past: 'over: the arc wanders there',
        until: `${trimmed(worst.limit_G, 0)} G ${worst.kind}`,
        reasons: [
          {
            words: `${howReckoned(blow, say)}.`,
            source: BLOW_LIMIT_G.source,
          },
          {
            words: `An arc as long as its rod is thick stands about ${BLOW_LIMIT_G.back} G back, ${BLOW_LIMIT_G.side} sideways, ${BLOW_LIMIT_G.forward} forward; half the arc stands twice.${hold.gathers > 1 ? ` This joint gathers the field ${trimmed(hold.gathers, 1)} times.` : ''}`,
            source: BLOW_LIMIT_G.source,
          },
          ...(unheld_G === null
            ? []
            : [
                {
                  words: `Some pieces of it are held by a magnet and some are not: reckoned as steel; if none holds this one, ${trimmed(unheld_G, 1)} G. Try yours.`,
                  source: PRACTICE,
                },
              ]),
          ...(residual > 0 && guide
            ? [
                {
                  words: `${trimmed(residual, 0)} G before any arc: ${guide.words}. Fewer amps do not help against that; heat for welding does not take it out.`,
                  source: RESIDUAL_SOURCE,
                },
              ]
            : []),
          {
            words: acrossGap
              ? 'Across a gap, in a tee or a corner it may be half of that, or twice.'
              : 'One plate: good to about a quarter.',
            source: BLOW_DOUBT.source,
          },
          { words: 'Stop when it starts; do not fight on. It fades as a groove fills.', source: PRACTICE },
        ],
        ask: clampAssumed ? 'Say where the clamp sits, at Order.' : '',
      },
    );
    // A fit warns; held against a clamp that nobody placed it is not known.
    return clampAssumed ? guessed(body, 'may wander', 'high') : ofThumb(body, 'may wander');
  },
};
