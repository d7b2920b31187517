import { damageTraits } from '../../data/damage';
import { partKind } from '../../data/partKinds';
import { pieceTraits } from '../../data/pieces';
import { pieceKindOf } from '../../field/blowPiece';
import type { Situation } from '../../judge/situation';
import { inWords } from '../../units/format';
import { carries, check, type Check } from './check';

/** Straight, square and true. */
export function ofShape({ job, pull, system, joint }: Situation): Check[] {
  const say = inWords(system).size;
  const { tolerance_mm } = job.order;
  const frame = pieceTraits(pieceKindOf(job)).cornered;
  const limit = tolerance_mm === null ? '' : `${say(tolerance_mm)} at most`;
  return [
    ...(frame
      ? [check('diagonals', 'Both diagonals', 'cold', 'Corner to corner, and laid on a flat.', { limit })]
      : []),
    ...(job.look.damage === 'worn-hole'
      ? [
          check('pin', 'The pin in it', 'cold', 'In by hand, turns, no rock; centre against the marks.', {
            limit,
          }),
        ]
      : []),
    ...(partKind(job.metal.sideA.part)?.turns === true
      ? [
          check(
            'run-out',
            'Run-out',
            'cold',
            'On V-blocks or between centres, a dial at the same three places as before.',
            { limit: limit || 'what it was before, or what its bearing and seal stand' },
          ),
        ]
      : []),
    ...(job.look.damage === 'worn-face'
      ? [
          check('template', 'Template', 'cold', 'Against the sound part or the template, at three places.', {
            limit,
          }),
        ]
      : []),
    ...(!frame &&
    (tolerance_mm !== null ||
      pull.angular_mm !== null ||
      (pull.transverse_mm !== null && (joint.length_mm ?? 0) > 200))
      ? [
          check('straight', 'Straight edge', 'cold', 'Along it and across it, against what it was before.', {
            must: tolerance_mm !== null,
            limit,
          }),
        ]
      : []),
  ];
}

/** What it has to do. */
export function ofService(situation: Situation): Check[] {
  const { job } = situation;
  const failed = damageTraits(job.look.damage)?.failed === true;
  return [
    ...(job.look.damage === 'thin-sheet'
      ? [
          check(
            'leak',
            'Tight',
            'cold',
            'Water in it, or soap film and a vacuum box over the seam. Never air pressure: it bursts.',
            {
              must: false,
              limit: 'no drop, no bubble in two minutes',
            },
          ),
        ]
      : []),
    ...(carries(situation) && failed
      ? [
          check(
            'use',
            'Once more',
            'use',
            'Where it broke, and at both ends of the new weld: clean, by eye and by dye.',
            {
              must: job.look.cause === 'fatigue',
            },
          ),
          check('proof', 'Load it', 'cold', 'A known load, slowly, nobody under or beside it.', {
            must: false,
            who: 'only under a competent person',
          }),
        ]
      : []),
  ];
}
