import { stickPass } from '../counts';
import { DIGGING, PENETRATION_DOUBT, ROOT_FUSED_mm } from '../../data/fusion';
import { rodClass } from '../../data/rods';
import { BURN_THROUGH_FIT, PRACTICE } from '../../units/sources';
import { vShape } from '../../joint/shapes/butt';
import { JOINTS } from '../../data/joints';
import { penetration_mm, sheetDepth_mm } from '../../heat/fusion';
import { inWords, trimmed } from '../../units/format';
import { exactly } from '../../units/range';
import { ofThumb, over } from '../../judge/room';
import type { Reads } from '../../judge/situation';
import type { Assessor } from '../../judge/assessor';

/** Metal that the arc has to melt through or into, mm, and why. */
function wanted({
  job,
  joint,
  system,
}: Reads<'job' | 'joint' | 'system'>): { mm: number; words: string } | null {
  const { kind, thin_mm } = joint;
  // A root that is cut out from behind is fused by the run laid there.
  if (kind === null || thin_mm === null || job.joint.back === 'gouged') return null;
  const say = inWords(system).size;
  const gap = joint.gap_mm ?? 0;
  const deep = Math.min(ROOT_FUSED_mm.value, ROOT_FUSED_mm.ofSheet * thin_mm);
  const root = { mm: deep, words: `The root is fused ${say(deep)} past its corner.` };
  switch (JOINTS[kind].root) {
    case 'through': {
      const both = job.look.access === 'both';
      const mm = Math.max((thin_mm - gap / 2) / (both ? 2 : 1), root.mm);
      return {
        mm,
        words: both
          ? `Welded from both sides: each goes half way, ${say(mm)} with this gap.`
          : `From one side it has to go through: ${say(mm)} with this gap.`,
      };
    }
    case 'face': {
      const { face_mm } = vShape(job.joint, thin_mm, gap);
      const mm = Math.max(face_mm - gap / 2, root.mm);
      return { mm, words: `The root face of ${say(face_mm)} is melted through, with this gap.` };
    }
    case 'none':
      return null;
    case 'corner':
      return root;
  }
}

/** Depth of fusion into the root, over what the joint asks. */
export const penetration: Assessor = {
  title: 'Depth at the root',
  short: 'root',
  stop: 'rod',
  assess(situation: Reads<'beads' | 'pole' | 'system' | 'joint' | 'job' | 'thinShare' | 'melt'>) {
    const { beads, pole, system, joint, thinShare, melt } = situation;
    const asked = wanted(situation);
    const pass = stickPass(beads);
    // A root by another process is not this rod's to fuse.
    if (!asked || !pass || pass !== beads?.passes[0]) return null;
    const { coating } = rodClass(pass.rod.rodClass);
    if (DIGGING[coating] === undefined) return null;
    const inPlate = penetration_mm(coating, pass.rod.current_A, pole?.value === 'DCEN');
    const inSheet =
      joint.thin_mm === null
        ? null
        : sheetDepth_mm(pass.rod.current_A, pass.travel_mm_s, joint.thin_mm, thinShare, melt);
    const bySheet = inSheet !== null && inSheet.nominal > inPlate.nominal;
    const depth = bySheet ? inSheet : inPlate;
    const say = inWords(system).size;
    const body = over('mm', depth, exactly(asked.mm), {
      now: `digs about ${say(depth.nominal)}`,
      gap: 'past the root',
      past: 'not to the root',
      until: `asks ${say(asked.mm)}`,
      reasons: [
        { words: asked.words, source: PRACTICE },
        {
          words: bySheet
            ? `Sheet: heat is stopped by its other face. At ${pass.rod.current_A} A and ${trimmed(pass.travel_mm_s, 1)} mm/s it is melted ${say(depth.low)} to ${say(depth.high)} deep.`
            : `A ${pass.rod.rodClass} at ${pass.rod.current_A} A melts in about ${say(depth.low)} to ${say(depth.high)}${pole?.value === 'DCEN' ? ', on electrode negative' : ''}.`,
          source: bySheet ? BURN_THROUGH_FIT : PENETRATION_DOUBT.source,
        },
      ],
      ask: 'Cut a scrap joint across and etch it.',
    });
    return ofThumb(body, 'maybe not to the root');
  },
};
