import type { SignId, FaultId } from '../../src/core/data/diagnosis';
import type { ArcProcess } from '../../src/core/data/processIds';

/** A weld that went wrong: on what job, what it shows, and what it was. */
export interface WeldStory {
  name: string;
  /** On the hinge guard of the yard, but for these. */
  job: Readonly<Record<string, unknown>>;
  by?: ArcProcess;
  sign: SignId;
  truth: FaultId;
}

const CLEAN = { 'look.surface': 'bright', 'look.place': 'indoors', 'look.wind_m_s': 0 };
const HARD = { 'metal.sideA.family': 'medium-carbon-steel', 'metal.sameBothSides': true };
const STAINLESS = { 'metal.sideA.family': 'austenitic-stainless', 'metal.sameBothSides': true };
const ALUMINIUM = { 'metal.sideA.family': 'al-6xxx', 'metal.sameBothSides': true };
const GROOVE = { 'joint.kind': 'v-butt', 'joint.thicknessA_mm': 12, 'joint.gap_mm': 2.5 };
const SHEET = { 'joint.thicknessA_mm': 1.5, 'joint.sameThickness': true };

/**
 * What a welding teacher says first of each (common practice). Written before the likelihoods of wire and TIG, and never after a look at what
 * they give. Even ones (from 0) were used while the likelihoods were set; odd ones were kept apart and only judge them.
 */
export const WELD_STORIES: readonly WeldStory[] = [
  {
    name: 'cart rail with cutting oil in the corner',
    job: { ...CLEAN, 'look.surface': 'oil' },
    sign: 'pores',
    truth: 'dirt',
  },
  {
    name: 'gate hinge over old paint and rust',
    job: { 'look.surface': 'rust' },
    sign: 'pores',
    truth: 'dirt',
  },
  {
    name: 'slipway in half a gale',
    job: { ...CLEAN, 'look.place': 'outdoors', 'look.wind_m_s': 13 },
    sign: 'pores',
    truth: 'wind',
  },
  {
    name: 'bead peeled off a thick bracket',
    job: { ...CLEAN, 'rod.current_A': 90, 'joint.thicknessA_mm': 12 },
    sign: 'on-top',
    truth: 'cold',
  },
  {
    name: 'rope of a bead on a cold rail',
    job: { ...CLEAN, 'rod.current_A': 92 },
    sign: 'ropy',
    truth: 'cold',
  },
  {
    name: 'grooves both sides on a bright plate',
    job: { ...CLEAN, 'rod.current_A': 140 },
    sign: 'undercut',
    truth: 'hot',
  },
  { name: 'punch holder, cracked next day at the toe', job: HARD, sign: 'late-crack', truth: 'hydrogen' },
  {
    name: 'shaft key way welded cold, ticked over night',
    job: { ...HARD, 'joint.thicknessA_mm': 30, 'look.air_C': 2 },
    sign: 'late-crack',
    truth: 'hydrogen',
  },
  {
    name: 'box corner clamped all round',
    job: { ...CLEAN, 'heat.restraint': 'high' },
    sign: 'centre-crack',
    truth: 'bound',
  },
  { name: 'star at the end of every stringer', job: CLEAN, sign: 'crater-crack', truth: 'crater' },
  {
    name: 'black lines in a ground groove',
    job: { ...CLEAN, ...GROOVE },
    sign: 'slag-in',
    truth: 'slag-left',
  },
  {
    name: 'three layers in a bevel, lines between',
    job: { ...GROOVE, 'joint.thicknessA_mm': 16 },
    sign: 'slag-in',
    truth: 'slag-left',
  },
  { name: 'drain tray, holes at every tack', job: { ...CLEAN, ...SHEET }, sign: 'holes', truth: 'hot' },
  {
    name: 'butt with a gap one could push a coin through',
    job: { ...CLEAN, 'joint.kind': 'square-butt', 'joint.thicknessA_mm': 4, 'joint.gap_mm': 4.5 },
    sign: 'holes',
    truth: 'gap',
  },
  { name: 'cover plate like a crisp', job: { ...CLEAN, ...SHEET }, sign: 'warped', truth: 'order' },
  { name: 'arc dragged to the clamp on DC', job: CLEAN, sign: 'wander', truth: 'blow' },
  { name: 'one lip of covering stands', job: CLEAN, sign: 'one-sided', truth: 'covering' },
  { name: 'breaker after two minutes, kettle on it', job: CLEAN, sign: 'trips', truth: 'supply' },
  { name: 'fan runs, no arc, comes back', job: CLEAN, sign: 'stops', truth: 'duty' },
  {
    name: 'galley rail bleeding brown after a week',
    job: { ...CLEAN, ...STAINLESS },
    sign: 'rusts',
    truth: 'tint',
  },
  {
    name: 'wire fuses into the tip at every start',
    job: CLEAN,
    by: 'gas-wire',
    sign: 'burn-back',
    truth: 'wire-slow',
  },
  {
    name: 'wire jabs and pushes the hand back',
    job: CLEAN,
    by: 'gas-wire',
    sign: 'stubs',
    truth: 'wire-fast',
  },
  { name: 'nest of wire at the rolls', job: CLEAN, by: 'gas-wire', sign: 'tangle', truth: 'drive' },
  {
    name: 'wire bead like a sponge, in still air on bright steel',
    job: CLEAN,
    by: 'gas-wire',
    sign: 'pores',
    truth: 'gas-lost',
  },
  {
    name: 'wire bead like a sponge by an open dock door',
    job: { ...CLEAN, 'look.place': 'outdoors', 'look.wind_m_s': 4 },
    by: 'gas-wire',
    sign: 'pores',
    truth: 'wind',
  },
  {
    name: 'wire bead rolls off thick plate',
    job: { ...CLEAN, 'joint.thicknessA_mm': 12 },
    by: 'gas-wire',
    sign: 'on-top',
    truth: 'cold',
  },
  {
    name: 'tungsten grows a dirty ball when it touches',
    job: CLEAN,
    by: 'tig',
    sign: 'tungsten-dirty',
    truth: 'dip',
  },
  {
    name: 'tungsten blue and flaking after each bead',
    job: CLEAN,
    by: 'tig',
    sign: 'tungsten-blue',
    truth: 'gas-lost',
  },
  {
    name: 'root of a dairy tube like burnt sugar',
    job: { ...CLEAN, ...STAINLESS, 'joint.kind': 'square-butt', 'joint.thicknessA_mm': 2 },
    by: 'tig',
    sign: 'sugar',
    truth: 'no-purge',
  },
  {
    name: 'aluminium under a skin that will not flow',
    job: { ...CLEAN, ...ALUMINIUM, 'joint.thicknessA_mm': 4 },
    by: 'tig',
    sign: 'skin',
    truth: 'oxide',
  },
  {
    name: 'black soot beside aluminium beads by wire',
    job: { ...CLEAN, ...ALUMINIUM, 'joint.thicknessA_mm': 6 },
    by: 'gas-wire',
    sign: 'soot',
    truth: 'gun',
  },
  {
    name: 'tungsten spits into the pool on a thick lug',
    job: { ...CLEAN, 'joint.thicknessA_mm': 10 },
    by: 'tig',
    sign: 'tungsten-spits',
    truth: 'tungsten-small',
  },
  { name: 'TIG clicks and will not light', job: CLEAN, by: 'tig', sign: 'no-start', truth: 'contact' },
  {
    name: 'end of each TIG bead cracked on a lug',
    job: CLEAN,
    by: 'tig',
    sign: 'crater-crack',
    truth: 'crater',
  },
  {
    name: 'flux wire spits like a frying pan, fresh from the box',
    job: CLEAN,
    by: 'cored-wire',
    sign: 'spatter',
    truth: 'pole',
  },
  {
    name: 'worm tracks under the slag of a flux wire',
    job: CLEAN,
    by: 'cored-wire',
    sign: 'pores',
    truth: 'stick-out',
  },
];
