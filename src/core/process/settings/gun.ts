import { GUN_OF, GUN_SOURCE, OVER_RATING } from '../../data/guns';
import { TOOLS } from '../../data/tools';
import type { Kit } from '../../formats/kit';
import { trimmed } from '../../units/format';
import type { ArcBy, LimitBy } from './arcBy';

const TEN_min = 10;

/** The torch or gun that stands most, held against what the settings ask of it; nothing where no rating is typed. */
export function onGun(
  { process, current_A, arc_min, arcShare }: ArcBy,
  { tools }: Pick<Kit, 'tools'>,
): LimitBy[] {
  const asks_A = current_A.nominal;
  const here = tools.filter(({ tool }) => tool === GUN_OF[process]);
  // One of which nobody knows what it stands may stand all of it.
  if (here.length === 0 || here.some(({ rated_A }) => rated_A === null)) return [];
  const duties = here.map(({ rated_A, duty_pct }) => ({
    rated_A: rated_A ?? 0,
    // I squared times duty stays what the rating says.
    duty: Math.min(1, ((duty_pct ?? 100) / 100) * ((rated_A ?? 0) / asks_A) ** 2),
  }));
  const best = duties.reduce((a, b) => (b.duty > a.duty ? b : a));
  const name = TOOLS[GUN_OF[process]];
  const limit = (state: LimitBy['state'], words: string): LimitBy => ({
    title: process === 'tig' ? 'Torch' : 'Gun',
    state,
    words,
    source: GUN_SOURCE,
  });
  if (current_A.low > OVER_RATING * best.rated_A)
    return [limit('none', `${name}: made for ${best.rated_A} A, and asked for ${asks_A} A. It burns out.`)];
  if (best.duty < arcShare && arc_min > TEN_min * best.duty)
    return [
      limit(
        'tight',
        `${name}: at ${asks_A} A it stands ${trimmed(TEN_min * best.duty, 1)} min of arc in ten: let it cool between.`,
      ),
    ];
  return [limit('roomy', `${name}: stands ${asks_A} A for as long as it is welded with.`)];
}
