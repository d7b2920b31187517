import type { Reads } from '../../judge/situation';
import { CHOSEN } from '../../units/sources';
import { stoodHydrogen } from '../keeping/stoodHydrogen';
import { hoursInWords } from '../keeping/verdict';
import { under, unknown, yesNo } from '../../judge/room';
import { exactly } from '../../units/range';
import type { Assessor } from '../../judge/assessor';

/** Time in the air that the tin has left when the arc is struck. */
export const dryRods: Assessor = {
  title: 'Rods out of the oven',
  short: 'dry rods',
  stop: 'rod',
  assess({
    dryness,
    rod,
    job,
    hydrogen,
    timeline,
    wants,
    joint,
  }: Reads<'dryness' | 'rod' | 'job' | 'hydrogen' | 'timeline' | 'wants' | 'joint'>) {
    const tin = rod?.value.tin;
    if (!dryness || !tin || dryness.limit_h === null) return null;
    // Their weld metal keeps hydrogen to itself, or is not cracked by it: damp is a matter of pores.
    const onlyPores = hydrogen?.ml.high === 0;
    const when = job.look.startAt === null ? 'by now' : 'when you start';
    const reasons = [
      { words: `${tin.rodClass} ${tin.size}: ${dryness.words} ${dryness.act}`, source: CHOSEN },
      {
        words: `At most ${hoursInWords(dryness.limit_h)} out of oven or sealed tin.`,
        source: dryness.source,
      },
    ];
    const spoken = {
      now: `${tin.rodClass} ${tin.size}, ${when}`,
      until: `${hoursInWords(dryness.limit_h)} allowed`,
      reasons,
    };
    if (onlyPores && dryness.state === 'unknown') return null;
    switch (dryness.state) {
      case 'scrap':
        return yesNo('closed', { ...spoken, gap: 'wet or baked too often' });
      case 'unknown':
        return unknown(
          {
            ...spoken,
            gap: 'nobody wrote down when it was opened',
            ask: 'Say at Kit, under the tin, when it was opened and where it has been since.',
          },
          false,
        );
      case 'dry':
      case 'no-clock':
      case 'oven':
      case 'over':
      case 'sealed': {
        // In the air from the first arc on: the whole job has to fit.
        const { high: out_h } = dryness.exposure.out_h;
        const work_h = (timeline?.elapsed_s ?? 0) / 3600;
        const isOver = out_h + work_h > dryness.limit_h;
        if (onlyPores && !isOver) return null;
        // Thin plain steel stands the hydrogen: what is left is pores where each bead begins.
        if (isOver && (onlyPores || stoodHydrogen({ wants, joint }) === null))
          return yesNo('departure', {
            ...spoken,
            now: `out ${hoursInWords(out_h)} ${when}`,
            gap: 'damp: pores where beads begin',
          });
        return under('min', exactly(60 * (out_h + work_h)), exactly(60 * dryness.limit_h), {
          ...spoken,
          now: `out ${hoursInWords(out_h)} ${when}`,
          gap: 'before they go back into the oven',
          past: 'too long in the air',
        });
      }
    }
  },
};
