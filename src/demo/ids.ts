/** Ids of the jobs a first visit opens with. */
export const DEMO_IDS: readonly string[] = [
  'ramp-guard',
  'vent-cowl',
  'pier-ladder',
  'galley-tray',
  'bollard-cap',
  'bilge-drum',
  'winch-pawl',
  'gangway-trolley',
  'cradle-arm',
  'rail-bracket',
  'hatch-frame',
  'beacon-mast',
];
