import type { Reads } from '../../judge/situation';
import { ALUMINIUM_FLOOR, FUSION_FIT } from '../../data/fusion';
import { jointTraits } from '../../data/joints';
import { isSheet } from '../../data/limits';
import { rodClass } from '../../data/rods';
import { ROD_SIZES } from '../../data/rodSizes';
import { PRACTICE } from '../../units/sources';
import { aluminiumFloor_A, fusionFloor_A } from '../../heat/fusion';
import { heatShare } from '../settings';
import { inWords, trimmed } from '../../units/format';
import { mapRange, type Range } from '../../units/range';
import { ofThumb, over, type RoomBody } from '../../judge/room';
import type { Assessor } from '../../judge/assessor';
import { dialledAmps } from '../dialled';
import { isUneven } from '../../joint/geometry';

/** Share of the heat that goes into each of two like plates. */
const HALF = 0.5;

/** Amps over those at which thick metal is only wetted, and slag is caught under the bead. */
export const fusionFloor: Assessor = {
  title: 'Fusion on thick metal',
  short: 'fusion',
  stop: 'rod',
  assess(
    situation: Reads<
      | 'joint'
      | 'rod'
      | 'aim'
      | 'current_A'
      | 'meltFitted'
      | 'holesAt_A'
      | 'system'
      | 'job'
      | 'machine'
      | 'heat'
      | 'bias'
    >,
  ) {
    const { joint, rod, aim, current_A, meltFitted, holesAt_A, system, job } = situation;
    const amps = dialledAmps(situation);
    if (!rod || !amps || !current_A) return null;
    if (rodClass(rod.value.rodClass).coating === 'aluminium')
      return onAluminium(situation, amps, current_A.value);
    if (!meltFitted) return null;
    const uneven = isUneven(joint);
    // Between two plates each draws half of the heat away; sheet is asked for depth instead.
    const plates = jointTraits(joint.kind)?.corner === true && !isSheet(joint.thin_mm);
    if (joint.thick_mm === null || !(uneven || plates)) return null;
    const { coating } = rodClass(rod.value.rodClass);
    const { diameter_mm, inches } = ROD_SIZES[rod.value.size];
    const thickShare = uneven ? 1 - heatShare(aim.value, job.rod.workAngle_deg) : HALF;
    const floor = mapRange(
      fusionFloor_A(coating, diameter_mm, joint.thick_mm, thickShare),
      (at) => situation.bias(null).dial * at,
    );
    const noWindow = holesAt_A !== null && floor.nominal > holesAt_A.nominal;
    const ceiling = trimmed(holesAt_A?.nominal ?? 0, 0);
    const body = over('A', amps, floor, {
      now: `${current_A.value} A`,
      gap: noWindow ? 'fused, but no amps suit both sides' : 'over slag caught on cold metal',
      past: noWindow ? 'short: no amps suit both sides' : 'too cold for metal this thick',
      until: `fuses from ${trimmed(floor.nominal, 0)} A`,
      reasons: [
        {
          words: `A ${inches} ${rod.value.rodClass} on ${inWords(system).size(joint.thick_mm)} with ${trimmed(100 * thickShare, 0)} % of the heat keeps its pool melted from about ${trimmed(floor.low, 0)} to ${trimmed(floor.high, 0)} A.`,
          source: FUSION_FIT,
        },
        ...(noWindow
          ? [
              {
                words: `No window: the thick side fuses from ${trimmed(floor.nominal, 0)} A, the thin side holes at ${ceiling} A. Lean onto the thick side, warm the thick side only, take 6011, or use wire.`,
                source: PRACTICE,
              },
            ]
          : []),
      ],
      ask: 'Cut a scrap joint across: that shows whether the thick metal was fused.',
    });
    return ofThumb(body, 'thick metal may only be wetted');
  },
};

/** Thick aluminium is warmed, or run hotter: sheet of it is asked for holes instead. */
function onAluminium(
  { joint, heat, system }: Reads<'joint' | 'heat' | 'system'>,
  amps: Range,
  current_A: number,
): RoomBody | null {
  if (joint.thick_mm === null || isSheet(joint.thin_mm)) return null;
  const floor = aluminiumFloor_A(joint.thick_mm, heat.start_C);
  const size = inWords(system).size(joint.thick_mm);
  const body = over('A', amps, floor, {
    now: `${current_A} A`,
    gap: 'over what only wets it',
    past: 'too cold for aluminium this thick',
    until: `fuses from ${trimmed(floor.nominal, 0)} A`,
    reasons: [
      {
        words: `${size} of aluminium begun at ${inWords(system).temperature(heat.start_C)} wants about ${trimmed(floor.low, 0)} to ${trimmed(floor.high, 0)} A; it draws heat away five times as fast as steel.`,
        source: ALUMINIUM_FLOOR.source,
      },
    ],
    ask: 'Cut a scrap joint across: that shows whether the thick metal was fused.',
  });
  return ofThumb(body, 'thick metal may only be wetted');
}
