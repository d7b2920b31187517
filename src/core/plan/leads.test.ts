import { cleared } from '../../../tests/support/demo';
import { LEADS, LIMITS, type Leading } from '../../../tests/support/leads';
import { LEADS_MORE } from '../../../tests/support/leadsMore';
import { OWN_LEADS } from '../../../tests/support/leadsOwn';
import { fullTin } from '../../../tests/support/tins';
import { DEMO_KIT } from '../../demo/kit';
import { blankTool } from '../formats/blankKit';
import { blankJob } from '../formats/blankJob';
import { applyEdits } from '../formats/edits';
import type { Kit, Machine, Supply } from '../formats/kit';
import type { JobEdit } from '../formats/paths';
import { assess } from './assess';
import { planBy } from './byProcess';

const NOON = '2026-01-01T12:00:00.000Z';
const before = (hours: number) => new Date(Date.parse(NOON) - 3_600_000 * hours).toISOString();

/** A bench with a 200 A inverter on a 32 A socket, ten metres of good cord and one tin. */
function benchOf({ rod: [rodClass, size], machine, supply, tin }: Leading): Kit {
  const opened = fullTin(rodClass, size, {
    printed: tin?.printed ?? '',
    openedAt: before(tin?.hoursOut ?? 1),
  });
  return {
    ...DEMO_KIT,
    machines: [
      {
        ...(DEMO_KIT.machines[0] as Machine),
        type: 'inverter',
        poles: ['DCEP', 'DCEN'],
        min_A: 10,
        max_A: 200,
        ocv_V: 75,
        bias_pct: null,
        rated: [{ process: 'stick', volts_V: null, current_A: 200, duty_pct: 60 }],
        inputs: [{ volts_V: 230, phases: 1, inputMax_A: 32, inputEff_A: 20, top_A: null }],
        ...machine,
      },
    ],
    supplies: [
      {
        ...(DEMO_KIT.supplies[0] as Supply),
        kind: 'socket',
        volts_V: 230,
        breaker_A: 32,
        breakerKind: 'C',
        plug_A: 32,
        phases: 1,
        cordLength_m: 10,
        cordSize: 'mm2-4',
        cordLie: 'straight',
        source_ohm: null,
        ...supply,
      },
    ],
    cords: [],
    leads: [],
    tins: [
      {
        ...opened,
        count: tin?.count ?? opened.count,
        events: tin?.wet ? [...opened.events, { at: before(0.5), kind: 'wet' }] : opened.events,
      },
    ],
  };
}

/** What a bench needs for TIG and for wire. */
const forArc = (['tig-torch', 'shield-gas', 'solid-wire', 'cored-wire'] as const).map((tool) =>
  blankTool(`tool-${tool}`, tool),
);

const FULL = { size_l: 20, pressure_bar: 150, left_kg: null, note: '', typed: {} };

/** What limits a row, the tightest first: rooms, or the limits of another process by their titles. */
function leadingRooms(row: Leading): string[] {
  const usual = {
    'look.place': 'indoors',
    'look.surface': 'bright',
    'look.access': 'both',
    'look.air_C': 18,
    'look.position': 'flat',
    'look.startAt': NOON,
    'metal.sideA.family': 'low-carbon-steel',
    'metal.sideA.part': 'bracket',
    'metal.sideA.coating': 'none',
    'metal.sideB.part': 'bracket',
    'metal.sideB.coating': 'none',
    'metal.sameBothSides': true,
    'joint.kind': 't-fillet',
    'joint.gap_mm': 0,
    'joint.length_mm': 200,
    'rod.rodClass': row.rod[0],
    'rod.size': row.rod[1],
    'rod.skill': 'steady',
    'rod.duty': 'carries',
    ...row.job,
  };
  const edits = Object.entries(usual).map(([path, value]) => ({ path, value }) as JobEdit);
  const bench = benchOf(row);
  const kit = row.by
    ? {
        ...bench,
        tools: [...bench.tools, ...forArc],
        bottles: (['mix-20', 'argon'] as const).map((gas) => ({ ...FULL, id: gas, gas })),
      }
    : bench;
  const assessment = assess(cleared(applyEdits(blankJob('leads', NOON), edits)), kit);
  if (row.by) return planBy(assessment, row.by).limits.map(({ title }) => title.toLowerCase());
  const { rooms } = assessment;
  return rooms.map(({ id }) => id).filter((id) => id !== 'go-ahead');
}

/** Where the limit that a practitioner names stands among the rooms, from 0. */
const placeOf = (row: Leading): number =>
  leadingRooms(row).findIndex((id) => [row.first, ...LIMITS[row.first]].some((name) => name === id));

test.each([
  ['everyday repair', [...LEADS, ...LEADS_MORE], { first: 40, amongThree: 46 }],
  ['our own', OWN_LEADS, { first: 15, amongThree: 19 }],
])('%s: the limit that a practitioner names first leads, or is among the first three', (_, rows, least) => {
  const places = rows.map((row) => [placeOf(row), row.what] as const);
  const within = (most: number) => places.filter(([at]) => at >= 0 && at < most).map(([, what]) => what);
  expect(within(1).length).toBeGreaterThanOrEqual(least.first);
  expect(within(3).length).toBeGreaterThanOrEqual(least.amongThree);
});
