import { RESIDUAL_GUIDE } from '../data/arcBlow';
import { PATTERNS } from '../data/orderIds';
import type { PositionId } from '../data/words';
import { hasEnds } from '../field/piece';
import type { OrderJudged } from './judgeOrder';
import { inWords } from '../units/format';
import type { BlowPlan } from '../field/blowPlan';
import { when, type Change, type ChangeMaker } from '../judge/change';

/** What can be changed about clamp, lead, direction and arc. */

/** Under this share of its limit a field is nobody’s trouble: nothing is tried against it. */
const CALM = 0.4;

/** A field that is worth doing something about; null where the arc is calm. */
export const troubled = (blow: BlowPlan | null): BlowPlan | null =>
  blow && blow.judged.worst.blown.share >= CALM ? blow : null;

/** The clamp to the other end of the weld, or a second one there. */
export const clampChanges: ChangeMaker = ({ blow: found, job }): Change[] => {
  const blow = troubled(found);
  const [clamp] = blow?.piece.clamps ?? [];
  if (!blow || !clamp || job.order.clampFixed) return [];
  const other = Math.round(blow.piece.length_mm - clamp.x);
  const aside = Math.round(clamp.y - blow.seam.from.y);
  return [
    {
      id: 'clamp-other-end',
      title: 'Clamp at the other end',
      cost: 'move it, clean metal under it',
      edits: [
        { path: 'order.clampAlong_mm', value: other },
        { path: 'order.clampAside_mm', value: aside },
      ],
    },
    ...when(blow.piece.clamps.length === 1, {
      id: 'clamp-second',
      title: 'A second clamp at the other end',
      cost: 'a lead more',
      edits: [
        { path: 'order.clampAlong_mm', value: Math.round(clamp.x) },
        { path: 'order.clampAside_mm', value: aside },
        { path: 'order.clamp2Along_mm', value: other },
        { path: 'order.clamp2Aside_mm', value: aside },
      ],
    }),
  ];
};

/** A vertical seam is welded from below: its way is not free. Common practice. */
export const upwardsOnly = (position: PositionId | null): boolean => position === 'vertical';

/** The other way along the seam, or there and back. */
export const travelChanges: ChangeMaker = ({ blow: found, job }) => {
  const blow = troubled(found);
  if (!blow || upwardsOnly(job.look.position)) return [];
  const now = blow.travel;
  const to = (id: 'away' | 'towards' | 'alternate', title: string, cost: string): Change => ({
    id: `travel-${id}`,
    title,
    cost,
    edits: [{ path: 'order.travel', value: id }],
  });
  return [
    to('away', 'Begin at the clamp and weld away from it', 'none'),
    to('towards', 'Weld towards the clamp', 'blown back near it'),
    to('alternate', 'There and back, pass by pass', 'the cap in one direction for looks'),
  ].filter(({ id }) => id !== `travel-${now}`);
};

/** A shorter arc, more arc force, run-off tabs, the lead laid flat. */
export const arcChanges: ChangeMaker = ({ blow: found, job, machine, system }): Change[] => {
  const blow = troubled(found);
  if (!blow) return [];
  const { arc_mm, rod_mm } = blow.arc;
  return [
    ...when(arc_mm > 0.6 * rod_mm, {
      id: 'arc-short',
      title: `Hold the arc at ${inWords(system).size(rod_mm / 2)}`,
      cost: 'a steadier hand',
      edits: [{ path: 'order.arc', value: 'short' }],
    }),
    ...when(machine?.value.arcForce === 'adjustable' && !job.order.arcForce, {
      id: 'arc-force',
      title: 'Turn the arc force up',
      cost: 'a little spatter',
      edits: [{ path: 'order.arcForce', value: true }],
    }),
    ...when(blow.piece.magnetic && hasEnds(blow.piece) && !job.order.tabs, {
      id: 'tabs',
      title: 'Run-off tabs or heavy tacks at both ends',
      cost: 'tack them on, cut them off',
      edits: [{ path: 'order.tabs', value: true }],
    }),
    ...when(blow.piece.lead === 'up', {
      id: 'lead-flat',
      title: 'Lay the work lead flat along the plate',
      cost: 'none',
      edits: [{ path: 'order.lead', value: 'flat' }],
    }),
  ];
};

/** Residual field taken out: what is left then is the arc's own. */
export const demagnetiseChange: ChangeMaker = ({ job }) =>
  Math.abs(job.order.residual_G ?? 0) < RESIDUAL_GUIDE[0].upTo_G
    ? []
    : [
        {
          id: 'demagnetise',
          title: 'Demagnetise it first',
          cost: 'a demagnetiser, or a lead wrapped round it with falling amps',
          edits: [
            { path: 'order.residual_G', value: 0 },
            { path: 'typed.order.residual_G', value: undefined },
          ],
        },
      ];

/** Another order of the runs: the one that begins coolest, and the one that leaves the fewest starts bare. */
export const patternChanges: ChangeMaker = ({ order }) => {
  if (!order || order.question.heat.segments.length < 2) return [];
  const { named, taken } = order;
  const least = (of: (judged: OrderJudged) => number) =>
    named.reduce((best, one) => (of(one.judged) < of(best.judged) - 1e-9 ? one : best));
  const ids = new Set([least(({ hottest_C }) => hottest_C).id, least(({ bareStarts }) => bareStarts).id]);
  return named
    .filter(({ id }) => ids.has(id) && id !== taken.id)
    .map(({ id }) => ({
      id: `order-${id}`,
      title: `${PATTERNS[id]}, run by run`,
      cost: 'none',
      edits: [{ path: 'order.pattern', value: id }],
    }));
};
