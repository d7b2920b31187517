import { step, type Step } from '../judge/step';
import type { Reads } from '../judge/situation';
import { gasUsed_l } from '../process/settings/arcBy';
import { inWords, trimmed } from '../units/format';
import { settingsOf } from './byProcessSteps';

const MINUTE_s = 60;
const STEEL_kg_mm3 = 7.85e-6;

/** What a root by TIG takes: minutes of arc, argon (null where none is set) and filler. Null where there is none. */
export function rootTakes({
  rootBy,
  length_mm,
}: Reads<'rootBy' | 'length_mm'>): { arc_min: number; gas_l: number | null; filler_g: number } | null {
  if (!rootBy) return null;
  const { set, hot } = rootBy;
  const beads = hot ? [rootBy, hot] : [rootBy];
  const arc_min = beads.reduce((sum, { pace_mm_s }) => sum + length_mm / pace_mm_s / MINUTE_s, 0);
  const bead_mm2 = beads.reduce((sum, bead) => sum + bead.bead_mm2, 0);
  const gas_l = gasUsed_l([set.gas_l_min, set.purge_l_min], arc_min);
  return {
    arc_min,
    gas_l: gas_l && Math.ceil(gas_l / 10) * 10,
    filler_g: Math.max(1, Math.round(1000 * bead_mm2 * length_mm * STEEL_kg_mm3)),
  };
}

/** The root laid by another process than the rest: what it is set to, what it takes, how it is done. */
export function rootStep({
  rootBy,
  length_mm,
  system,
}: Reads<'rootBy' | 'length_mm' | 'system'>): Step | null {
  const takes = rootTakes({ rootBy, length_mm });
  if (!rootBy || !takes) return null;
  const { set, hot, pace_mm_s } = rootBy;
  const { arc_min, gas_l, filler_g } = takes;
  return step(hot ? 'Root and hot pass by TIG' : 'Root by TIG', {
    settings: [
      ...settingsOf(set, system),
      { label: 'Pace', value: `${inWords(system).size(Math.round(pace_mm_s * MINUTE_s))} a minute` },
      ...(hot ? [{ label: 'Hot pass', value: `${hot.current_A} A, at the same pace` }] : []),
      { label: 'Takes', value: `${trimmed(arc_min, 1)} min of arc` },
      ...(gas_l === null ? [] : [{ label: 'Argon, all of it', value: `about ${gas_l} l` }]),
      {
        label: 'Filler, all of it',
        value: `about ${filler_g} g`,
      },
    ],
    actions: [
      ...set.how,
      ...(hot
        ? ['Brush the root bright; the hot pass melts out both of its edges, before anything is laid by rod.']
        : []),
      'Then the covered rod: bright between, the first one hot enough to melt what lies beside the root.',
    ],
    holds: ['Root looked at from behind where it can be seen, and sound, before anything is laid on it.'],
    cautions: [
      'Argon lies in low places and takes the air: fan and watcher in a confined space.',
      'Stop where a draught reaches the gas: it turns porous without a sound.',
    ],
  });
}
