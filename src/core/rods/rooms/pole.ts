import type { Reads } from '../../judge/situation';
import { POLE_WORDS } from '../../data/words';
import { rodClass } from '../../data/rods';
import { AWS_A5_1_CURRENT, PRACTICE } from '../../units/sources';
import { yesNo } from '../../judge/room';
import type { Assessor } from '../../judge/assessor';

/** Sheet on which 6011 on electrode negative is argued about but done, mm. */
const DEPARTURE_UP_TO_mm = 2.05;

/** Current kind and pole: does the rod run on it, and does the machine give it? */
export const pole: Assessor = {
  title: 'Current and pole',
  short: 'pole',
  stop: 'rod',
  assess({ rod, pole: chosen, machine, joint }: Reads<'rod' | 'pole' | 'machine' | 'joint'>) {
    if (!rod || !chosen) return null;
    const id = rod.value.rodClass;
    const { poles } = rodClass(id);
    const named = POLE_WORDS[chosen.value];
    const runsOn = poles.map((p) => POLE_WORDS[p]).join(' or ');
    const spoken = { now: named, until: runsOn };
    const classReason = { words: `${id} is classed for ${runsOn}.`, source: AWS_A5_1_CURRENT };
    if (machine && !machine.value.poles.includes(chosen.value)) {
      const gives = machine.value.poles.map((p) => POLE_WORDS[p]).join(', ');
      return yesNo('closed', {
        ...spoken,
        gap: 'the machine does not give it',
        reasons: [{ words: `${machine.value.name} gives ${gives}.`, source: PRACTICE }, classReason],
      });
    }
    if (poles.includes(chosen.value)) {
      return yesNo('open', {
        ...spoken,
        gap: 'suits the rod',
        reasons: [classReason, { words: chosen.why, source: PRACTICE }],
      });
    }
    if (
      id === 'E6011' &&
      chosen.value === 'DCEN' &&
      joint.thin_mm !== null &&
      joint.thin_mm <= DEPARTURE_UP_TO_mm
    ) {
      return yesNo('departure', {
        ...spoken,
        gap: 'outside its class, sheet only',
        reasons: [
          classReason,
          {
            words: '6011 on electrode negative is argued about: non-critical sheet to 2 mm only.',
            source: PRACTICE,
          },
        ],
      });
    }
    return yesNo('closed', { ...spoken, gap: 'wrong pole for the rod', reasons: [classReason] });
  },
};
