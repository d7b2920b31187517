import { midSentence } from '../units/format';
import { baseMetalOf, type BaseMetal } from './baseMetal';
import { mixed, type Chemistry } from './chemistry';
import { dilutionByLayer, dilutionByPass, dilutionOf } from './dilution';
import { judgePair } from './pair';
import { ferriteWanted } from './wanted';
import { judgeWeld, type JudgedWeld } from './weld';
import { FAVOURED_SHARE, STICK_DILUTION_pct, type BeadPlace } from '../data/dilution';
import { depositOf } from '../data/deposits';
import type { FamilyId } from '../data/families';
import { metalFamily } from '../data/metals';
import { butteredSide, type Buttering } from '../data/pairs';
import type { Pole, RodClassId } from '../data/rods';
import { jointTraits, type JointKind } from '../data/joints';
import type { Job, Side } from '../formats/job';
import type { JointGeometry } from '../joint/geometry';
import { layered } from './layered';
import { isRodClass, rodsBetween } from '../metal/rodsBetween';
import { pairsOf, type JointWants } from '../metal/wants';
import type { AmpWindow } from '../rods/amps/amps';
import type { BeadPlan } from '../rods/beads';
import { memoize } from '../units/memoize';
import type { Range } from '../units/range';
import type { ButterPlan, MixPair, MixPlan } from './mixPlan';

/** What the mixed weld of a job is worked out from. */
export interface MixContext {
  job: Job;
  wants: JointWants;
  joint: JointGeometry;
  rodClass: RodClassId | null;
  current_A: number | null;
  window: AmpWindow | null;
  pole: Pole | null;
  beads: BeadPlan | null;
  /** Share of the arc that the thin side takes, where the sides are unequal; else null. */
  thinShare: number | null;
}

/** Pairs of plausible metals that are looked at: past these belief is thin. */
const MOST_PAIRS = 6;
/** Layers that a butter is made of: common practice. */
const BUTTER_LAYERS = 2;
/** A butter's top layer is known about so well, as a share of every element. */
const BUTTER_DOUBT = 0.1;
/** Where the first bead lies, as its dilution goes by. */
export const placeOf = (kind: JointKind | null): BeadPlace => jointTraits(kind)?.place ?? 'fill';

/** Works out the mixed weld of a job; null while rod or metals are not known. */
export function resolveMix(context: MixContext): MixPlan | null {
  const { job, wants, rodClass } = context;
  if (rodClass === null) return null;
  const same = job.metal.sameBothSides;
  const place = placeOf(job.joint.kind);
  const dilution = firstDilution(context, place);
  const shareA = shareOfA(context);
  const meeting = pairsOf(wants.sides, same).sort((x, y) => y.share - x.share);
  const [likeliest] = meeting;
  if (!likeliest) return null;
  const butter = butterOf(job, likeliest.a, likeliest.b);
  const pairs = meeting.slice(0, MOST_PAIRS).map(({ a, b, share }): MixPair => {
    const sides = sidesFor(job, a, b);
    return {
      a,
      b,
      share,
      judged: judgePair({ rodClass, sideA: sides.a, sideB: sides.b, dilution, shareA }),
      wanted: ferriteWanted(rodClass, [a, b], job.look.service_C),
    };
  });
  const worst = pairs.reduce((bad, pair) => (badness(pair) > badness(bad) ? pair : bad), pairs[0] as MixPair);
  const { question } = worst.judged;
  const roles = context.beads?.passes.map(({ role }) => role) ?? [];
  const shares =
    place === 'overlay'
      ? dilutionByLayer(dilution.nominal, roles.length)
      : dilutionByPass(dilution.nominal, roles);
  const groups = new Set([metalFamily(worst.a).group, metalFamily(worst.b).group]);
  return {
    rodClass,
    dilution,
    by: job.weld.dilution_pct === null ? 'app' : 'you',
    place,
    shareA,
    pairs,
    worst,
    sides: { a: question.sideA, b: question.sideB },
    passes: layered(context.beads?.passes ?? [], shares, question, {
      first: dilution.nominal,
      overlay: place === 'overlay',
    }),
    butter,
    unlike: groups.size > 1 || question.sideA !== question.sideB || !isPlain(worst.judged.nominal),
  };
}

/** Nothing but carbon steel: not a question of mixing. */
const isPlain = ({ scope }: JudgedWeld): boolean => scope.id === 'plain-steel' || scope.id === 'aluminium';

function firstDilution(context: MixContext, place: BeadPlace): Range {
  const { job, window, current_A, pole } = context;
  const ampsAt =
    window && current_A !== null
      ? (current_A - window.low_A) / Math.max(1, window.high_A - window.low_A)
      : null;
  return dilutionOf({ place, move: job.rod.move, pole, ampsAt, typed_pct: job.weld.dilution_pct });
}

/** Share of the melted base metal that is of side A: by the side the arc is held to, else by the thin side's share of it. */
function shareOfA({ job, joint, thinShare }: MixContext): number {
  const { favour } = job.weld;
  if (job.metal.sameBothSides) return 0.5;
  if (favour !== null) return favour === 'A' ? FAVOURED_SHARE.value : 1 - FAVOURED_SHARE.value;
  if (thinShare === null) return 0.5;
  const aIsThin = (job.joint.thicknessA_mm ?? 0) <= (job.joint.thicknessB_mm ?? Infinity);
  return joint.ratio <= 1 ? 0.5 : aIsThin ? thinShare : 1 - thinShare;
}

/** The less room a pair has, the higher. */
function badness({ judged, wanted, share }: MixPair): number {
  const { nominal, far } = judged;
  const martensite = { none: 0, some: 1, much: 2 };
  const dry = wanted ? Number(nominal.fn < wanted.least) + Number(far.fn === 0 && far.ferrite_pct === 0) : 0;
  return 2 * martensite[nominal.martensite] + dry + Number(nominal.cracksHot) + share / 10;
}

/** The records of both sides; one where they are the same piece. */
const recordsOf = ({ metal }: Job): { a: Side; b: Side } => ({
  a: metal.sideA,
  b: metal.sameBothSides ? metal.sideA : metal.sideB,
});

/** The butter that the table of pairs offers between two families, as the job would lay it. */
function butterOf(job: Job, a: FamilyId, b: FamilyId): ButterPlan | null {
  const offered = job.metal.sameBothSides ? null : rodsBetween(a, b).butter;
  const on = offered && butteredSide(offered, a, b);
  if (!offered || !on || !isRodClass(offered.rod)) return null;
  const records = recordsOf(job);
  const base = baseMetalOf(on === 'A' ? records.a : records.b, on === 'A' ? a : b);
  return {
    on,
    rodClass: offered.rod,
    layers: butterLayers(offered.rod, base.likeliest),
    why: offered.why,
    planned: job.weld.butter,
  };
}

/** Rods for the joint once a side is buttered, best first. */
export const rodsAfterButter = ({ rod, then }: Buttering): RodClassId[] =>
  [...new Set([...then, rod])].filter(isRodClass);

function butterLayers(rodClass: RodClassId, base: Chemistry): JudgedWeld[] {
  const deposit = depositOf(rodClass).percent;
  const shares = dilutionByLayer(STICK_DILUTION_pct.overlay.nominal / 100, BUTTER_LAYERS);
  return shares.map((dilution) => judgeWeld(mixed(deposit, base, base, { dilution, shareA: 1 })));
}

/** Both sides as the joint meets them: buttered where the job says so. */
export function sidesFor(job: Job, a: FamilyId, b: FamilyId): { a: BaseMetal; b: BaseMetal } {
  const records = recordsOf(job);
  const sides = { a: baseMetalOf(records.a, a), b: baseMetalOf(records.b, b) };
  const butter = job.weld.butter ? butterOf(job, a, b) : null;
  if (!butter) return sides;
  return butter.on === 'A'
    ? { ...sides, a: buttered(sides.a)(butter.rodClass) }
    : { ...sides, b: buttered(sides.b)(butter.rodClass) };
}

/** A side as the joint meets it once it is buttered: the top layer in place of the metal. */
const buttered = memoize((base: BaseMetal) => {
  const made = new Map<RodClassId, BaseMetal>();
  return (rodClass: RodClassId): BaseMetal => {
    const before = made.get(rodClass);
    if (before) return before;
    const top = butterLayers(rodClass, base.likeliest).at(-1)?.percent ?? base.likeliest;
    const side: BaseMetal = {
      ...base,
      name: `${rodClass} on ${midSentence(base.name)}`,
      words: `${base.words} Buttered: the top layer is what the joint melts.`,
      elements: Object.fromEntries(
        Object.entries(top).map(([element, nominal]) => [
          element,
          { low: nominal * (1 - BUTTER_DOUBT), nominal, high: nominal * (1 + BUTTER_DOUBT) },
        ]),
      ),
      likeliest: top,
    };
    made.set(rodClass, side);
    return side;
  };
});
