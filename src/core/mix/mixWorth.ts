import { dilutionOf } from './dilution';
import { judgePair } from './pair';
import { tooMuchOf } from './pickUp';
import { ferriteWanted } from './wanted';
import { MIX_POINTS as POINTS } from '../data/mixChoice';
import { metalFamily } from '../data/metals';
import { rodClass, type RodClassId } from '../data/rods';
import { CARBON_MOVES_FROM_C } from '../data/service';
import type { Worth } from '../data/rodChoice';
import type { FamilyId } from '../data/families';
import type { Job } from '../formats/job';
import { pairsOf, type JointWants } from '../metal/wants';
import { placeOf, sidesFor } from './resolveMix';

/** Pairs that a rod is weighed on: the likeliest ones. */
const MOST_PAIRS = 2;

/** Answers "what would this rod's bead come to here?" as reasons for and against it; nothing where the diagrams have nothing to say. */
export function mixWorth(job: Job, wants: JointWants, id: RodClassId): Worth[] {
  const pairs = pairsOf(wants.sides, job.metal.sameBothSides)
    .sort((x, y) => y.share - x.share)
    .slice(0, MOST_PAIRS);
  const all = pairs.flatMap(({ a, b }) => worthOf(job, id, a, b));
  // Said once, as badly as the worse pair has it.
  const seen = new Map<string, Worth>();
  for (const one of all) if (!seen.has(one.words)) seen.set(one.words, one);
  const worths = [...seen.values()];
  return worths.some(({ points }) => points > 0) ? worths.filter(({ points }) => points > 0) : worths;
}

function worthOf(job: Job, id: RodClassId, a: FamilyId, b: FamilyId): Worth[] {
  const { look, weld } = job;
  const sides = sidesFor(job, a, b);
  const { nominal, far } = judgePair({
    rodClass: id,
    sideA: sides.a,
    sideB: sides.b,
    dilution: dilutionOf({
      place: placeOf(job.joint.kind),
      move: job.rod.move,
      pole: null,
      ampsAt: null,
      typed_pct: weld.dilution_pct,
    }),
    shareA: 0.5,
  });
  const worths: Worth[] = [];
  const add = (points: number, words: string) => void worths.push({ points, words });
  const taken = tooMuchOf(id, far);
  if (taken !== '') add(POINTS.pickUp, `Up to ${sentenceOf(taken)}`);
  const asked = nominal.scope.id === 'chart' || nominal.scope.id === 'field-only';
  if (!asked) return worths;
  if (nominal.martensite === 'much')
    add(POINTS.martensite, 'Its mixed bead is martensite: hard and brittle.');
  else if (nominal.martensite === 'some')
    add(POINTS.someMartensite, 'Some martensite possible in its mixed bead.');
  const wanted = ferriteWanted(id, [a, b], look.service_C);
  if (wanted === null || nominal.scope.id !== 'chart') return worths;
  if (wanted.kind === 'hot' && (id === 'E312-16' || nominal.fn > wanted.closed))
    add(POINTS.sigma, 'Goes brittle in hot service.');
  if (far.fn === 0 && far.ferrite_pct === 0)
    add(POINTS.noFerrite, 'No ferrite left where much base metal melts in: may crack as it sets.');
  else if (nominal.fn >= wanted.least && nominal.ferrite_pct >= wanted.least && nominal.fn <= wanted.most)
    add(POINTS.sound, `Keeps about ${Math.round(nominal.fn)} FN in the mixed bead.`);
  if (nominal.cracksHot) add(POINTS.hotCrack, 'Austenite sets first, and there is dirt to push about.');
  const onSteel = [a, b].some((family) => ['carbon', 'hardenable'].includes(metalFamily(family).group));
  const hotService = (look.service_C ?? 0) >= CARBON_MOVES_FROM_C.value;
  if (onSteel && hotService && rodClass(id).coating === 'stainless')
    add(POINTS.carbonMoves, 'In that heat carbon leaves the steel for a stainless bead.');
  return worths;
}

const sentenceOf = (words: string): string => `${words.replace(/^over/, 'more than')}.`.replace(/\.\.$/, '.');
