import { JOINTS } from '../data/joints';
import { POLE_WORDS } from '../data/words';
import { midSentence, trimmed, inWords } from '../units/format';
import type { UnitSystem } from '../units/kinds';
import { VERDICT_WORDS } from '../plan/sheet';
import type { Assessment } from '../plan/assess';
import { metalFamily } from '../data/metals';
import { passCount } from '../rods/counts';
import { measuresOf } from './measures';

/** One line of two plans side by side. */
export interface Beside {
  name: string;
  values: readonly [string, string];
  differs: boolean;
}

/** Two plans side by side: what they are for, how they are set and what they come to; what neither has is left out. */
export function besideEachOther(one: Assessment, other: Assessment, system: UnitSystem): Beside[] {
  const say = inWords(system);
  const both = [one, other].map((assessment) => ({ of: measuresOf(assessment), plan: assessment.situation }));
  type Both = (typeof both)[number];
  const line = (name: string, of: (plan: Both) => string): Beside[] => {
    const [a = '', b = ''] = both.map(of);
    return a === '' && b === '' ? [] : [{ name, values: [a || '-', b || '-'], differs: a !== b }];
  };
  return [
    ...line('Verdict', ({ of }) => VERDICT_WORDS[of.verdict]),
    ...line('Metal', ({ plan: { wants } }) => wants.families.map((id) => metalFamily(id).name).join(', ')),
    ...line('Joint', ({ plan: { job, joint } }) =>
      job.joint.kind === null
        ? ''
        : `${JOINTS[job.joint.kind].name}${joint.thin_mm === null ? '' : `, ${say.size(joint.thin_mm)}`}`,
    ),
    ...line('Rod', ({ plan: { rod } }) => (rod ? `${rod.value.rodClass} ${rod.value.size}` : '')),
    ...line('Pole', ({ plan: { pole, rod } }) => (rod && pole ? POLE_WORDS[pole.value] : '')),
    ...line('Amps', ({ plan: { current_A } }) => (current_A ? `${current_A.value} A` : '')),
    ...line('Machine', ({ plan: { machine } }) => machine?.value.name ?? ''),
    ...line('Passes', ({ plan: { beads } }) => (beads ? `${passCount(beads)}` : '')),
    ...line('Warmed to', ({ plan: { heat } }) => (heat.preheat ? say.temperature(heat.preheat.value) : '')),
    ...line('Rods', ({ of }) => (of.rods === null ? '' : trimmed(of.rods, 0))),
    ...line('Time', ({ of }) => (of.minutes === null ? '' : say.time(60 * of.minutes))),
    ...line('Moves', ({ of }) => (of.pull_mm === null ? '' : say.size(Number(of.pull_mm.toFixed(1))))),
    ...line('Hottest bead', ({ of }) => (of.heat_kJ_mm === null ? '' : `${trimmed(of.heat_kJ_mm, 2)} kJ/mm`)),
    ...line('Tightest', ({ of }) => (of.tightest ? midSentence(of.tightest.title) : '')),
    ...line('Shut by', ({ of }) => of.shut.map(midSentence).join(', ')),
  ];
}
