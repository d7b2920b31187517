import { SPOIL_SHARE } from '../../data/limits';
import { ROD_SIZES } from '../../data/rodSizes';
import { FILLER_HANDBOOK, PRACTICE } from '../../data/sources';
import { exactly } from '../../units/range';
import { inWords, trimmed } from '../../units/format';
import { under, unknown, yesNo } from '../room';
import { rodsNeeded } from '../../rods/beads';
import type { Assessor } from './assessor';

/** Rods the job takes, whole rods with spoil, at the careful and the spendthrift end. */
export const wholeRods = (exact: number) => ({
  low: Math.ceil(exact - 1e-9),
  nominal: Math.ceil(exact * (1 + SPOIL_SHARE) - 1e-9),
  high: Math.ceil(exact * (1 + 2 * SPOIL_SHARE) - 1e-9),
});

/** Rods needed against rods in the tin. */
export const rodsOnHand: Assessor = {
  id: 'rods',
  title: 'Rods on hand',
  short: 'rods',
  stop: 'rod',
  assess({ rod, beads, joint, system }) {
    if (!rod || !beads) return null;
    const name = `${rod.value.rodClass} ${ROD_SIZES[rod.value.size].inches}`;
    const need = wholeRods(rodsNeeded(beads));
    const spoken = {
      now: `needs ${need.nominal}`,
      gap: 'to spare',
      past: 'short',
      lack: 'short',
      reasons: [
        {
          words: `One rod lays ${inWords(system).size(Math.round(beads.beadPerRod_mm))} of a ${trimmed(beads.passes[0]?.area_mm2 ?? 0, 1)} mm² bead; ${beads.passes.length} ${beads.passes.length === 1 ? 'pass' : 'passes'} of ${joint.length_mm === null ? 'a length not known' : inWords(system).size(joint.length_mm)}.`,
          source: FILLER_HANDBOOK,
        },
        { words: `A tenth more for bent, stuck and chipped ones: ${need.nominal} rods.`, source: PRACTICE },
      ],
    };
    if (!rod.value.tin) {
      return yesNo('closed', { ...spoken, gap: 'none in the kit', until: `no ${name}` });
    }
    const { count } = rod.value.tin;
    if (count === null) {
      return unknown(
        { ...spoken, gap: 'not counted', until: name, ask: 'Count the rods in the tin and type it at Kit.' },
        false,
      );
    }
    if (joint.length_mm === null) {
      return unknown(
        {
          ...spoken,
          gap: 'how long is it?',
          until: `${count} on hand`,
          ask: 'Type the weld length at Joint.',
        },
        false,
      );
    }
    return under('rods', need, exactly(count), { ...spoken, until: `${count} on hand` });
  },
};
