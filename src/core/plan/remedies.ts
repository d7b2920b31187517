import { rodClass } from '../data/rods';
import { ROD_SIZES, type RodSizeId } from '../data/rodSizes';
import { trimmed } from '../units/format';
import { applyEdits } from '../formats/edits';
import { assess } from './assess';
import { findLevers } from './levers/levers';
import { upwardsOnly } from '../order/levers';
import type { Lever } from './levers/lever';
import type { Reads, Situation } from '../judge/situation';
import type { BlowPlan } from '../field/blowPlan';

/** What can be done against a wandering arc, in the order it is tried: with its gain, or with why it cannot be had here. */
export interface Remedy {
  title: string;
  /** What it buys, in words; empty where it cannot be had. */
  buys: string;
  /** Why it is struck out; empty where it can be done. */
  forbidden: string;
  lever: Lever | null;
}

/** Stands for any lever that takes a thinner rod. */
const SMALLER = 'rod-smaller';

const isSmallerRod = ({ edits }: Lever, { rod }: Reads<'rod'>): boolean =>
  edits.some(
    ({ path, value }) =>
      path === 'rod.size' &&
      rod !== null &&
      ROD_SIZES[value as RodSizeId].diameter_mm < ROD_SIZES[rod.value.size].diameter_mm,
  );

const onlyUpwards = ({ job }: Reads<'job'>): string =>
  upwardsOnly(job.look.position) ? 'A vertical seam is welded upwards.' : '';

/** Levers of arc blow in the order of trouble they cost, with what is said where they are not offered. */
const REMEDIES: readonly { title: string; levers: readonly string[]; forbidden: (s: Situation) => string }[] =
  [
    { title: 'Weld away from the clamp', levers: ['travel-away'], forbidden: onlyUpwards },
    {
      title: 'Move the clamp to the other end',
      levers: ['clamp-other-end'],
      forbidden: ({ job }) => (job.order.clampFixed ? 'The clamp cannot be moved.' : ''),
    },
    {
      title: 'A second clamp at the other end',
      levers: ['clamp-second'],
      forbidden: ({ job, blow }) =>
        job.order.clampFixed
          ? 'The clamp cannot be moved.'
          : (blow?.piece.clamps.length ?? 0) > 1
            ? 'There are two already.'
            : '',
    },
    { title: 'There and back, pass by pass', levers: ['travel-alternate'], forbidden: onlyUpwards },
    { title: 'A shorter arc', levers: ['arc-short'], forbidden: () => '' },
    { title: 'A smaller rod', levers: [SMALLER], forbidden: () => '' },
    {
      title: 'Demagnetise it first',
      levers: ['demagnetise'],
      forbidden: () => '',
    },
    { title: 'Fewer amps', levers: ['amps-10', 'amps-5'], forbidden: () => '' },
    {
      title: 'More arc force',
      levers: ['arc-force'],
      forbidden: ({ machine }) =>
        machine?.value.arcForce === 'adjustable' ? '' : 'This machine has none to turn up.',
    },
    {
      title: 'Run-off tabs, heavy tacks',
      levers: ['tabs'],
      forbidden: ({ blow }) =>
        blow?.piece.magnetic === false ? 'No magnet holds it: its edges do not push.' : '',
    },
    {
      title: 'Alternating current',
      levers: ['pole-AC'],
      forbidden: ({ rod, machine }) =>
        rod && !rodClass(rod.value.rodClass).poles.includes('AC')
          ? `${rod.value.rodClass} does not run on it.`
          : machine && !machine.value.poles.includes('AC')
            ? 'This machine does not give it.'
            : '',
    },
  ];

/** Remedies that are not reckoned: told with how to try them. */
export const UNRECKONED: readonly string[] = [
  'Tilt the rod against the blow, so that the arc’s own force opposes it.',
  'Wrap the work lead round the piece a few turns: try it one way round and the other.',
  'Back-step, or weld back from the far end to the tie-in; begin again where it is blown.',
];

/** Room under this is none that anybody would feel, G. */
const FELT_G = 0.05;

/** Every remedy for a job: those that help, in the order they are tried; those that do not; then the forbidden ones, struck out. */
export function remediesFor(situation: Situation): Remedy[] {
  const { blow, job, kit } = situation;
  if (!blow) return [];
  const levers = findLevers(job, kit);
  const found = REMEDIES.flatMap(({ title, levers: ids, forbidden }): (Remedy & { gain_G: number })[] => {
    const why = forbidden(situation);
    if (why !== '') return [{ title, buys: '', forbidden: why, lever: null, gain_G: -Infinity }];
    const lever = levers.find(
      (one) => ids.includes(one.id) || (ids.includes(SMALLER) && isSmallerRod(one, situation)),
    );
    const after =
      lever && assess(applyEdits(job, lever.edits), kit, 'metric', null, situation.preferred).situation.blow;
    if (!lever || !after) return [];
    const gain_G = roomLeft_G(after) - roomLeft_G(blow);
    const buys = `${gain_G >= 0 ? '+' : '−'}${trimmed(Math.abs(gain_G), 1)} G`;
    return [{ title: lever.title, buys, forbidden: '', lever, gain_G }];
  });
  const rank = ({ gain_G }: { gain_G: number }) => (gain_G > FELT_G ? 0 : gain_G > -Infinity ? 1 : 2);
  return found
    .sort((a, b) => rank(a) - rank(b))
    .map(({ title, buys, forbidden, lever }) => ({ title, buys, forbidden, lever }));
}

/** What the arc stands more than there is at its worst place, G. */
const roomLeft_G = ({ judged: { worst } }: BlowPlan): number => worst.blown.limit_G - worst.blown.field_G;
