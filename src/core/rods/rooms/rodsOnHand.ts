import { wholeRods } from '../wholeRods';
import type { Reads } from '../../judge/situation';
import { ROD_SIZES } from '../../data/rodSizes';
import { FILLER_HANDBOOK, PRACTICE } from '../../units/sources';
import { exactly } from '../../units/range';
import { counted, inWords, trimmed } from '../../units/format';
import { under, unknown, yesNo } from '../../judge/room';
import { stickPass, passCount, passesInWords } from '../counts';
import { rodsToBring } from '../kinds';
import type { Assessor } from '../../judge/assessor';

/** Rods needed against rods in the tins, the kind that lasts least. */
export const rodsOnHand: Assessor = {
  title: 'Rods on hand',
  short: 'rods',
  stop: 'rod',
  assess({
    job,
    rod,
    beads,
    butter,
    joint,
    kit,
    system,
  }: Reads<'job' | 'rod' | 'beads' | 'butter' | 'joint' | 'kit' | 'system'>) {
    if (!rod || !beads) return null;
    const kinds = rodsToBring({ beads, butter }).map((kind) => ({
      name: `${kind.rodClass} ${ROD_SIZES[kind.size].inches}`,
      need: wholeRods(kind.rods),
      tins: kit.tins.filter((tin) => tin.rodClass === kind.rodClass && tin.size === kind.size),
    }));
    const need = (n: number) =>
      kinds.length > 1 ? `${kinds[n]?.need.nominal} ${kinds[n]?.name}` : `${kinds[n]?.need.nominal}`;
    const first = stickPass(beads);
    const spoken = {
      now: `needs ${kinds.map((_, n) => need(n)).join(' and ')}`,
      gap: 'to spare',
      past: 'short',
      lack: 'short',
      reasons: [
        {
          words: `One rod lays ${inWords(system).size(Math.round(first?.beadPerRod_mm ?? 0))} of a ${trimmed(first?.area_mm2 ?? 0, 1)} mm² bead; ${passesInWords(passCount(beads))} of ${joint.length_mm === null ? 'a length not known' : inWords(system).size(joint.length_mm)}.`,
          source: FILLER_HANDBOOK,
        },
        {
          words: `A tenth more for bent, stuck and chipped ones: ${kinds.length === 1 ? counted(kinds[0]?.need.nominal, 'rod') : `${kinds.map((_, n) => need(n)).join(' and ')} rods`}.`,
          source: PRACTICE,
        },
      ],
    };
    // All of it by another process: no covered rod is wanted.
    if (kinds.length === 0) return null;
    const without = kinds.find(({ tins }) => tins.length === 0);
    if (without) return yesNo('closed', { ...spoken, gap: 'none in the kit', until: `no ${without.name}` });
    const uncounted = kinds.find(({ tins }) => tins.some(({ count }) => count === null));
    if (uncounted)
      return unknown(
        {
          ...spoken,
          gap: 'not counted',
          until: uncounted.name,
          ask: 'Count the rods in the tin and type it at Kit.',
        },
        false,
      );
    const held = kinds.map(({ name, need: asks, tins }) => {
      const count = tins.reduce((sum, tin) => sum + (tin.count ?? 0), 0);
      return { name, asks, count, left: count - asks.nominal };
    });
    const least = held.reduce((a, b) => (b.left < a.left ? b : a));
    // Shared out over sizes the first tin is meant to be used up: what counts is the one that ends the job.
    const tallied = job.rod.mix && least.left >= 0 ? (held.at(-1) ?? least) : least;
    const count = trimmed(tallied.count, 1);
    const onHand = kinds.length > 1 ? `${count} ${tallied.name} on hand` : `${count} on hand`;
    if (joint.length_mm === null)
      return unknown(
        { ...spoken, gap: 'how long is it?', until: onHand, ask: 'Type the weld length at Joint.' },
        false,
      );
    return under('rods', tallied.asks, exactly(tallied.count), { ...spoken, until: onHand });
  },
};
