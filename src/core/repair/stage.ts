import { jointGeometry } from '../joint/geometry';
import { ironWayOf, type IronChoice } from './ironWay';
import type { Reads } from '../judge/situation';
import type { Withheld } from './withheld';
import { whyWithheld } from './withheld';

declare module '../judge/situation' {
  interface Situation {
    /** Why no setting is told; null where all are. */
    readonly withheld: Withheld | null;
    /** How a casting is mended, and why; null where there is none. */
    readonly iron: IronChoice | null;
    /** The iron is brazed: machine, supply and rod have nothing to answer. */
    readonly brazed: boolean;
    /** No rod is to be told. */
    readonly noRod: boolean;
  }
}

/** How a casting is mended, and why; null where there is none. */
export const iron = ({ entered, wants, system }: Reads<'entered' | 'wants' | 'system'>): IronChoice | null =>
  ironWayOf(entered, wants, jointGeometry(entered.joint), system);

/** Brazing strikes no arc: machine, supply and rod have nothing to answer. */
export const brazed = ({ iron: way }: Reads<'iron'>): boolean => way?.way.value === 'braze';

/** Under a stop, or on a metal that may hurt, no rod is chosen: nothing that hangs on one is worked out, so nothing can be told. */
export const noRod = ({ brazed: by, withheld }: Reads<'brazed' | 'withheld'>): boolean =>
  by || withheld !== null;

/** Why no setting is told; null where all are. */
export function withheld({ entered, wants: asked }: Reads<'entered' | 'wants'>): Withheld | null {
  return whyWithheld({ job: entered, wants: asked });
}
