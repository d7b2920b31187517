import type { Given, Situation } from '../../judge/situation';
import { cap, current_A, proposed_A, root } from '../../rods/stages/amps';
import { assumed } from './assumed';
import { bias } from '../../bench/stage';
import { beads } from '../../rods/stages/beads';
import { rootBy } from '../../process/stages/rootBy';
import { graphOf } from '../../judge/graph';
import { holesAt_A } from '../../rods/stages/holes';
import { job, joint, length_mm, problems, stitch_mm, tacks } from '../../joint/stage';
import { beliefs, wants } from '../../metal/stage';
import { blow } from '../../field/stage';
import { heat } from '../../preheat/stage';
import { butter } from '../../mix/butter';
import { mix } from '../../mix/stage';
import { order, pull } from '../../order/stage';
import { hurried, timeline } from '../../timeline/stage';
import { brazed, iron, noRod, withheld } from '../../repair/stage';
import { enteredRod, rod, rodsWanted } from './rodChoice';
import {
  aim,
  at_ms,
  dryness,
  hydrogen,
  leanShare,
  melt,
  meltFitted,
  metalMelt,
  pole,
  settings,
  thinShare,
  window,
} from '../../rods/stages/rod';
import { runs } from '../../order/runs';
import { rest, rest_s } from '../../power/rest';
import { cords, draw, drawAt, dutyAt, leads, machine, plate, strongest_A, supply } from '../../power/stage';

/** What every stage makes, by its name. */
type Stages = { readonly [K in Exclude<keyof Situation, keyof Given>]: (reads: never) => Situation[K] };

/** Every stage of the judgement. A new one is a file beside these, its type in the situation, and a line here: the compiler asks for it. */
const STAGES: Stages = {
  beliefs,
  stitch_mm,
  wants,
  withheld,
  iron,
  brazed,
  noRod,
  machine,
  bias,
  supply,
  plate,
  leads,
  cords,
  at_ms,
  enteredRod,
  problems,
  job,
  joint,
  length_mm,
  tacks,
  rod,
  rodsWanted,
  window,
  pole,
  aim,
  leanShare,
  thinShare,
  metalMelt,
  melt,
  meltFitted,
  proposed_A,
  current_A,
  root,
  cap,
  rootBy,
  beads,
  dryness,
  hydrogen,
  settings,
  rest,
  rest_s,
  heat,
  mix,
  butter,
  blow,
  holesAt_A,
  order,
  runs,
  pull,
  timeline,
  hurried,
  strongest_A,
  drawAt,
  dutyAt,
  draw,
  assumed,
};

const GRAPH = graphOf<Given, Stages>(['entered', 'kit', 'system', 'now_ms', 'preferred'], STAGES);

/** Fills a job's blanks with proposals, leaving out entries that cannot be so. */
export const situationOf = (given: Given): Situation => GRAPH.of(given);

/** Remembers what is read off a situation for as long as all that it reads stays the same. */
export const memoizeOf = <V>(read: (situation: Situation) => V): ((situation: Situation) => V) =>
  GRAPH.memoize(read);
