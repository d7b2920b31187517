import type { Pole, RodClassId } from '../data/rods';
import type { AimId } from '../data/words';
import type { Job } from '../formats/job';
import type { Kit, LeadSet, Machine, Supply } from '../formats/kit';
import type { MeltProperties } from '../heat/burnThrough';
import type { Melt } from '../heat/melt';
import type { Problem } from '../joint/check';
import type { JointGeometry } from '../joint/geometry';
import type { MetalBelief } from '../metal/belief';
import type { JointWants } from '../metal/wants';
import type { Plate } from '../power/nameplate';
import type { Cord, SupplyDraw } from '../power/supply';
import type { AmpWindow } from '../rods/amps';
import type { RunPlan } from '../rods/along';
import type { BeadPlan } from '../rods/beads';
import type { RodChoice } from '../rods/choose';
import type { RodHydrogen } from '../rods/keeping/hydrogen';
import type { TinVerdict } from '../rods/keeping/verdict';
import type { RodSettings } from '../rods/settings';
import type { UnitSystem } from '../units/kinds';
import type { Range } from '../units/range';
import type { Choice } from './choice';
import type { HeatPlan } from './heat/heatPlan';
import type { MixPlan } from './mix/mixPlan';
import type { OrderPlan } from './order/orderPlan';
import type { BlowPlan } from './order/blowPlan';
import type { PullPlan } from './order/pullPlan';
import type { IronChoice } from '../repair/ironWay';
import type { Timeline } from './timeline';

/** Why no setting stands anywhere: it is stopped, or its metal hurts or is not known. */
export type Withheld = 'stopped' | 'metal';

/** What a judgement starts from. */
export interface Given {
  /** The job as it was entered. */
  entered: Job;
  kit: Kit;
  /** The units the reader works in: words use it, numbers do not. */
  system: UnitSystem;
  /** What the clock says, ms since 1970; null where nothing may depend on it. */
  now_ms: number | null;
}

/** A job with every blank filled by a proposal or left null, and everything worked out that the rooms need: each when it is asked for. */
export interface Situation extends Readonly<Given> {
  /** Sizes of the joint that cannot be so; the job is judged without them. */
  problems: readonly Problem[];
  job: Job;
  wants: JointWants;
  /** Why no setting is told; null where all are. */
  withheld: Withheld | null;
  /** The iron is brazed: machine, supply and rod have nothing to answer. */
  brazed: boolean;
  /** No rod is to be told. */
  noRod: boolean;
  /** What each side may be; one where both are the same metal. */
  beliefs: readonly MetalBelief[];
  joint: JointGeometry;
  /** Weld length, or what is counted with while it is blank, mm. */
  length_mm: number;
  machine: Choice<Machine> | null;
  /** Null also where the machine makes its own power. */
  supply: Choice<Supply> | null;
  /** Cords from the socket on; none where it is plugged straight in; null where not known. */
  cords: Choice<readonly Cord[]> | null;
  /** The machine's plate on this supply, every blank filled. */
  plate: Plate | null;
  /** Weld leads, where named. */
  leads: Choice<LeadSet> | null;
  /** When the arc is to be struck, ms since 1970; null where nobody said. */
  at_ms: number | null;
  /** Rods that may be used, best first: the metal's own, and hard ones for a pad. */
  rodsWanted: readonly RodClassId[];
  /** The rod for the joint as it was entered: what cannot be so of the joint is told by it. */
  enteredRod: Choice<RodChoice> | null;
  rod: Choice<RodChoice> | null;
  /** Another rod for the root. */
  root: { rod: RodChoice; window: AmpWindow; current_A: number } | null;
  /** How dry the tin is when the arc is struck; null where no tin or no time is given. */
  dryness: TinVerdict | null;
  hydrogen: RodHydrogen | null;
  settings: RodSettings | null;
  window: AmpWindow | null;
  pole: Choice<Pole> | null;
  aim: Choice<AimId>;
  /** Amps that the app begins with, and those that are planned with. */
  proposed_A: number | null;
  current_A: Choice<number> | null;
  rest_s: number;
  /** Share of the arc's heat that the thin side takes: by aim or angle, and with the pole counted. */
  leanShare: number;
  thinShare: number;
  /** How the metal melts through, its properties. */
  metalMelt: Melt;
  melt: MeltProperties;
  /** True where the melt-through fit was made on this kind of metal. */
  meltFitted: boolean;
  beads: BeadPlan | null;
  /** How the first pass is laid along the joint. */
  runs: RunPlan | null;
  /** Amps at which the thin side holes. */
  holesAt_A: Range | null;
  heat: HeatPlan;
  /** How a casting is mended, and why; null where there is none. */
  iron: IronChoice | null;
  /** What rod and sides come to, stirred together; null while rod or metals are not known. */
  mix: MixPlan | null;
  /** Where the arc is blown along the first pass; null while nothing burns. */
  blow: BlowPlan | null;
  /** In what order the first pass is laid; null while nothing is laid out. */
  order: OrderPlan | null;
  /** How the parts are pulled. */
  pull: PullPlan;
  timeline: Timeline | null;
  draw: SupplyDraw | null;
  /** What was put in for a blank, in words. */
  assumed: readonly string[];
}

/** What a stage or a room reads of a situation: what it needs, by its type. */
export type Reads<K extends keyof Situation> = Pick<Situation, K>;
