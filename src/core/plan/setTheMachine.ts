import { CABLES } from '../data/cables';
import { rodClass } from '../data/rods';
import { ROD_SIZES } from '../data/rodSizes';
import { POLE_WORDS } from '../data/words';
import { stickPass } from '../rods/counts';
import { hasTop } from '../rods/kinds';
import { inWords } from '../units/format';
import type { Reads } from '../judge/situation';
import { step, type Step } from '../judge/step';
import type { Room } from './rooms';

/** Coverings whose fume carries fluoride. Common practice. */
const FLUORIDE: readonly string[] = ['basic', 'stainless'];

/** What of the machine goes by the rods: which, at how many amps, on which pole. */
function rodRows({
  rod,
  cap,
  beads,
  root,
  rootBy,
  current_A,
  pole,
  machine,
  settings,
}: Reads<
  'rod' | 'cap' | 'beads' | 'root' | 'rootBy' | 'current_A' | 'pole' | 'machine' | 'settings'
>): Step['settings'] {
  if (!rod || !current_A || !pole) return [];
  const row = rodClass(rod.value.rodClass);
  const size = ROD_SIZES[rod.value.size];
  const top = hasTop({ beads, cap }) ? cap : null;
  const amps = [
    ...(root && !rootBy
      ? [`${root.current_A} A for the root, then ${current_A.value} A`]
      : [`${current_A.value} A`]),
    ...(top ? [`${top.current_A} A for the top`] : []),
  ];
  return [
    { label: 'Rod', value: `${rod.value.rodClass} ${size.inches} in · ${size.diameter_mm} mm` },
    ...(top
      ? [
          {
            label: 'Rod for the top',
            value: `${top.rod.rodClass} ${ROD_SIZES[top.rod.size].inches} in${top.pole ? `, on ${POLE_WORDS[top.pole]}` : ''}`,
          },
        ]
      : []),
    { label: 'Amps', value: amps.join(', ') },
    { label: 'Pole', value: POLE_WORDS[pole.value] },
    ...(machine?.value.arcForce === 'none' ? [] : [{ label: 'Arc force', value: row.arcForce }]),
    ...(machine?.value.hotStart === 'adjustable'
      ? [{ label: 'Hot start', value: settings?.hotStart ?? 'up if it sticks' }]
      : []),
  ];
}

/** What machine and supply are set to before the first arc. */
export function setTheMachine(
  {
    machine,
    supply,
    cords,
    rod,
    pole,
    current_A,
    root,
    rootBy,
    cap,
    beads,
    settings,
    system,
    dryness,
  }: Reads<
    | 'machine'
    | 'supply'
    | 'cords'
    | 'rod'
    | 'pole'
    | 'current_A'
    | 'root'
    | 'rootBy'
    | 'cap'
    | 'beads'
    | 'settings'
    | 'system'
    | 'dryness'
  >,
  rooms: readonly Room[],
): Step | null {
  if (!rod || !current_A || !pole) return null;
  const row = rodClass(rod.value.rodClass);
  const duty = rooms.find(({ id }) => id === 'duty');
  // All of it by another process has that set in a step of its own.
  const byRod = beads === null || stickPass(beads) !== null;
  return step('Set the machine', {
    settings: [
      ...(byRod ? rodRows({ rod, cap, beads, root, rootBy, current_A, pole, machine, settings }) : []),
      ...(machine ? [{ label: 'Machine', value: machine.value.name }] : []),
      ...(supply ? [{ label: 'Supply', value: supply.value.name }] : []),
      ...(cords?.value ?? []).map(({ length_m, size }, n) => ({
        label: n === 0 ? 'Cord' : 'and then',
        value: `${inWords(system).distance(length_m)} of ${CABLES[size].name}, off the drum`,
      })),
    ],
    actions: [
      ...(byRod && dryness && dryness.limit_h !== null ? [`Rods: ${dryness.words} ${dryness.act}`] : []),
      'Run a bead on scrap of the same thickness first, then adjust.',
    ],
    cautions: [
      ...(byRod ? ['Rod in the holder only when about to strike.'] : []),
      ...(byRod && FLUORIDE.includes(row.coating)
        ? ['Fluoride in the flux fume: extract it or stay upwind.']
        : []),
    ],
    why: [current_A.why, duty?.value ? `Duty: ${duty.now}, ${duty.until}.` : '']
      .filter((w) => w !== '')
      .join(' '),
  });
}
