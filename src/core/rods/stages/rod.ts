import type { Pole } from '../../data/rods';
import type { AimId } from '../../data/words';
import { meltOf, type Melt } from '../../heat/melt';
import { ampWindow, type AmpWindow } from '../amps/amps';
import { choosePole, isThat } from '../choose';
import { rodHydrogen, type RodHydrogen } from '../keeping/hydrogen';
import { rebaked, tinVerdict, type TinVerdict } from '../keeping/verdict';
import { heatShare, settingsFor, type RodSettings } from '../settings';
import type { Choice } from '../../judge/choice';
import type { Reads } from '../../judge/situation';
import type { MeltProperties } from '../../heat/burnThrough';
import { isUneven } from '../../joint/geometry';

declare module '../../judge/situation' {
  interface Situation {
    /** When the arc is to be struck, ms since 1970; null where nobody said. */
    readonly at_ms: number | null;
    readonly window: AmpWindow | null;
    readonly pole: Choice<Pole> | null;
    readonly aim: Choice<AimId>;
    /** Share of the arc's heat that the thin side takes: by aim or angle, and with the pole counted. */
    readonly leanShare: number;
    readonly thinShare: number;
    /** How the metal melts through, its properties. */
    readonly metalMelt: Melt;
    readonly melt: MeltProperties;
    /** True where the melt-through fit was made on this kind of metal. */
    readonly meltFitted: boolean;
    /** How dry the tin is when the arc is struck; null where no tin or no time is given. */
    readonly dryness: TinVerdict | null;
    readonly hydrogen: RodHydrogen | null;
    readonly settings: RodSettings | null;
  }
}

/** Thin side from which the arc is set for the thick one and leaned, mm; below it is run on the thick side and flicked. */
const LEAN_FROM_mm = 3;

/** When the arc is to be struck, ms since 1970; null where nobody said. */
export const at_ms = ({ entered, now_ms }: Reads<'entered' | 'now_ms'>): number | null =>
  entered.look.startAt === null ? now_ms : Date.parse(entered.look.startAt);

/** Amps between which the rod runs. */
export const window = ({ rod: taken }: Reads<'rod'>): AmpWindow | null =>
  taken && ampWindow(taken.value.rodClass, taken.value.size, taken.value.tin);

/** The pole it is run on. */
export function pole({
  entered,
  rod: taken,
  machine,
  joint,
  preferred,
}: Reads<'entered' | 'rod' | 'machine' | 'joint' | 'preferred'>): Choice<Pole> | null {
  if (entered.rod.pole !== null) return { value: entered.rod.pole, by: 'you', why: 'You chose it.' };
  if (!taken) return null;
  if (preferred?.pole && isThat(preferred, taken.value))
    return { value: preferred.pole, by: 'app', why: preferred.why };
  const chosen = choosePole(taken.value.rodClass, machine?.value.poles ?? null, joint.thin_mm);
  return { value: chosen.pole, by: 'app', why: chosen.why };
}

/** Where the arc is held between a thin and a thick side. */
export function aim({ entered, joint }: Reads<'entered' | 'joint'>): Choice<AimId> {
  if (!isUneven(joint)) return { value: 'bisect', by: 'app', why: 'Both sides take the same.' };
  if (entered.rod.aim !== null) return { value: entered.rod.aim, by: 'you', why: 'You chose it.' };
  return (joint.thin_mm ?? 0) >= LEAN_FROM_mm
    ? { value: 'lean', by: 'app', why: 'Thin side 3 mm or more: set for the thick one and lean onto it.' }
    : { value: 'flick', by: 'app', why: 'Thin side under 3 mm: run on the thick side and flick over.' };
}

/** Angle the rod is leaned to, typed, where the sides are unequal; else null. */
const leanOf = ({ entered, joint }: Reads<'entered' | 'joint'>): number | null =>
  isUneven(joint) ? entered.rod.workAngle_deg : null;

/** Electrode negative puts less of the heat into the plate. Placed by us between the two schools, not measured. */
const NEGATIVE_HEAT = 0.9;

/** Share of the arc's heat that the thin side takes before the pole is counted: by aim or angle. */
export const leanShare = ({ entered, joint, aim: at }: Reads<'entered' | 'joint' | 'aim'>): number =>
  heatShare(at.value, leanOf({ entered, joint }));

/** Share of the arc's heat that the thin side takes. */
export const thinShare = ({ leanShare: share, pole: by }: Reads<'leanShare' | 'pole'>): number =>
  share * (by?.value === 'DCEN' ? NEGATIVE_HEAT : 1);

/** How the metal melts through. */
export const metalMelt = ({ wants }: Reads<'wants'>): Melt => meltOf(wants.families);
export const melt = ({ metalMelt: of }: Reads<'metalMelt'>): Melt['properties'] => of.properties;
/** True where the melt-through fit was made on this kind of metal. */
export const meltFitted = ({ metalMelt: of }: Reads<'metalMelt'>): boolean => of.fitted;

/** How dry the tin is when the arc is struck; null where no tin or no time is given. */
export function dryness({
  rod: taken,
  at_ms: at,
  entered,
}: Reads<'rod' | 'at_ms' | 'entered'>): TinVerdict | null {
  const tin = taken?.value.tin;
  return tin && at !== null ? tinVerdict(entered.rod.rebake ? rebaked(tin, at) : tin, at) : null;
}

/** Hydrogen that the rod brings. */
export const hydrogen = ({ rod: taken, dryness: state }: Reads<'rod' | 'dryness'>): RodHydrogen | null =>
  taken && rodHydrogen(taken.value.rodClass, taken.value.tin ?? null, state);

/** How the rod is held and moved. */
export function settings({
  rod: taken,
  joint,
  entered,
  aim: at,
}: Reads<'rod' | 'joint' | 'entered' | 'aim'>): RodSettings | null {
  return (
    taken &&
    settingsFor({
      rodClass: taken.value.rodClass,
      size: taken.value.size,
      kind: joint.kind,
      position: entered.look.position,
      aim: at.value,
      workAngle_deg: leanOf({ entered, joint }),
      ratio: joint.ratio,
      thin_mm: joint.thin_mm,
    })
  );
}
