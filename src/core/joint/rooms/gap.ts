import type { Reads } from '../../judge/situation';
import { GAP_BRIDGE_SHARE, OPEN_ROOT_RODS } from '../../data/limits';
import { ROD_SIZES } from '../../data/rodSizes';
import { OUR_JUDGEMENT, PRACTICE } from '../../units/sources';
import { JOINTS } from '../../data/joints';
import { exactly, mapRange } from '../../units/range';
import { inWords, midSentence } from '../../units/format';
import { ofThumb, under, unknown } from '../../judge/room';
import type { Assessor } from '../../judge/assessor';
import { BACKED, BACKED_SOURCE, BACKINGS } from '../../data/backing';

/** Gap against what the rod and the thin edge can bridge. */
export const gap: Assessor = {
  title: 'Gap',
  short: 'gap',
  stop: 'joint',
  assess({ joint, rod, system }: Reads<'joint' | 'rod' | 'system'>) {
    if (!rod || joint.kind === null || joint.thin_mm === null || !JOINTS[joint.kind].fitUp) return null;
    if (joint.gap_mm === null) {
      return unknown(
        {
          now: 'gap',
          gap: 'gap not measured',
          until: '',
          reasons: [],
          ask: 'Measure the widest gap and type it at Joint; 0 is an answer.',
        },
        false,
      );
    }
    const show = inWords(system).size;
    const { groove } = JOINTS[joint.kind];
    const rod_mm = ROD_SIZES[rod.value.size].diameter_mm;
    const open_mm = groove ? OPEN_ROOT_RODS * rod_mm : Math.min(rod_mm, joint.thin_mm);
    const bridge_mm = open_mm * (joint.backing === null ? 1 : BACKED[joint.backing].bridges);
    const limit = mapRange(GAP_BRIDGE_SHARE, (share) => share * bridge_mm);
    const body = under('mm', exactly(joint.gap_mm), limit, {
      now: `${show(joint.gap_mm)} gap`,
      gap: 'before it falls through',
      past: 'too wide',
      until: `bridges about ${show(bridge_mm)}`,
      reasons: [
        {
          words: groove
            ? `An open root is held to about a rod and a half: ${show(open_mm)} with a ${show(rod_mm)} rod.`
            : `A bead closes over a gap no wider than the rod (${show(rod_mm)}) and the thin edge (${show(joint.thin_mm)}).`,
          source: PRACTICE,
        },
        ...(joint.backing === null
          ? []
          : [
              {
                words: `With ${midSentence(BACKINGS[joint.backing])} behind it, up to ${show(bridge_mm)}.`,
                source: BACKED_SOURCE,
              },
            ]),
        { words: 'Give or take a fifth, by hand.', source: OUR_JUDGEMENT },
      ],
    });
    return ofThumb(body, 'wide: bridge it from side to side, dot on dot');
  },
};
