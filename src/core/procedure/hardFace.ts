import { jointTraits } from '../data/joints';
import { beadAt } from '../mix/pair';
import { dilutionByLayer } from '../mix/dilution';
import { percentOf } from '../mix/chemistry';
import { LAYER_DILUTION_pct } from '../data/dilution';
import { CRACKS_ACROSS, HARD_FACE } from '../data/procedures';
import { HARDFACE } from '../data/rodChoice';
import { metalFamily } from '../data/metals';
import { rodClass, type RodClassId } from '../data/rods';
import { PRACTICE } from '../units/sources';
import { counted, inWords, trimmed } from '../units/format';
import type { Reads, Situation } from '../judge/situation';
import { note, part, type Note, type Procedure } from './procedure';

/** Build-up and hard face: how much of each, in what layers. */
export interface Layers {
  buildUp_mm: number;
  buildUpLayers: number;
  hardLayers: number;
}

/** Shares a height out: no more than three layers of hard metal, the rest built up under it. */
export function layersFor(height_mm: number): Layers {
  const { layer_mm, layersMost, underSize_mm } = HARD_FACE;
  if (height_mm <= underSize_mm.high)
    return {
      buildUp_mm: 0,
      buildUpLayers: 0,
      hardLayers: Math.min(layersMost, Math.max(1, Math.round(height_mm / layer_mm))),
    };
  const buildUp_mm = height_mm - underSize_mm.nominal;
  return {
    buildUp_mm,
    buildUpLayers: Math.ceil(buildUp_mm / layer_mm),
    hardLayers: Math.max(1, Math.round(underSize_mm.nominal / layer_mm)),
  };
}

/** A pad: built up with matching metal, then a few layers against wear. */
export function hardFace(situation: Situation): Procedure | null {
  const { job, wants, system, mix, rod } = situation;
  if (!jointTraits(job.joint.kind)?.overlay || wants.verdict === 'unknown' || wants.verdict === 'never')
    return null;
  const [family] = wants.families;
  const hardRods = family ? (HARDFACE[metalFamily(family).group] ?? []) : [];
  if (!family || hardRods.length === 0) return null;
  const say = inWords(system);
  const height = job.joint.padHeight_mm;
  const layers = height === null ? null : layersFor(height);
  const hardRod = hardRodOf(rod?.value.rodClass ?? null, hardRods);
  const cracks = CRACKS_ACROSS.includes(hardRod);
  const matching = wants.rods.slice(0, 2).join(' or ');
  const length = job.joint.length_mm ?? situation.length_mm;
  const checks = `${Math.max(1, Math.floor(length / HARD_FACE.checks_mm.high))} to ${Math.max(1, Math.floor(length / HARD_FACE.checks_mm.low))}`;
  return {
    id: 'hard-face',
    title: 'Build-up and hard face',
    answer:
      layers === null
        ? 'Type how high the pad is to be, at Joint.'
        : layers.buildUpLayers > 0
          ? `${say.size(Math.round(layers.buildUp_mm))} built up with ${matching} in ${counted(layers.buildUpLayers, 'layer')}, then ${layers.hardLayers} of ${hardRod}.`
          : `${layers.hardLayers} ${layers.hardLayers === 1 ? 'layer' : 'layers'} of ${hardRod}, no build-up.`,
    beads: [],
    parts: {
      prepare: part({
        actions: [
          note('All old hard face and every crack ground out: never laid over a cracked base.', PRACTICE),
          note(
            `Stop the build-up ${say.size(HARD_FACE.underSize_mm.low)} to ${say.size(HARD_FACE.underSize_mm.high)} under size.`,
            HARD_FACE.source,
          ),
        ],
      }),
      warm: part({
        actions: [note('Preheat by the metal underneath, not by the rod.', HARD_FACE.source)],
      }),
      weld: part({
        settings:
          layers === null
            ? []
            : [
                ...(layers.buildUpLayers > 0
                  ? [{ label: 'Build-up', value: `${counted(layers.buildUpLayers, 'layer')} of ${matching}` }]
                  : []),
                { label: 'Hard face', value: `${layers.hardLayers} of ${hardRod}` },
              ],
        actions: [
          ...(mix ? [layerWords(situation, hardRod, layers?.hardLayers ?? 2)] : []),
          cracks
            ? note(
                `Cracks across the bead every ${say.size(HARD_FACE.checks_mm.low)} to ${say.size(HARD_FACE.checks_mm.high)} are normal with this rod: ${checks} of them along ${say.size(Math.round(length))}. They let the pull out; along the bead or into the base they are not.`,
                HARD_FACE.source,
              )
            : note(
                'No cracks are normal with this rod: one is a sign of too little preheat.',
                HARD_FACE.source,
              ),
          note(`No more than ${HARD_FACE.layersMost} hard layers: the fourth spalls.`, HARD_FACE.source),
        ],
        cautions: [
          'Chromium and manganese in the fume of hard rods: extract it, respirator as the site asks.',
        ],
      }),
      after: part({ actions: [note('Ground, not machined: a hard layer takes no tool.', PRACTICE)] }),
    },
  };
}

const hardRodOf = (taken: RodClassId | null, hardRods: readonly RodClassId[]): RodClassId =>
  taken && rodClass(taken).coating === 'hardfacing' ? taken : (hardRods[0] ?? 'EFe1');

/** What each layer comes to, from the dilution of it. */
function layerWords({ mix }: Reads<'mix'>, rod: RodClassId, layers: number): Note {
  const shares = dilutionByLayer((LAYER_DILUTION_pct.layers[0] ?? 30) / 100, Math.max(2, layers));
  const question = mix?.worst.judged.question;
  const each = shares.map((dilution, n) => {
    const carbon = question ? percentOf(beadAt({ ...question, rodClass: rod }, dilution).percent, 'C') : null;
    return `${['first', 'second', 'third'][n] ?? `${n + 1}th`} ${trimmed(100 * dilution, 0)} % base metal${carbon === null ? '' : `, ${trimmed(carbon, 1)} % carbon`}`;
  });
  return note(
    `Layer by layer: ${each.join('; ')}. Full hardness comes with the second.`,
    LAYER_DILUTION_pct.source,
  );
}
