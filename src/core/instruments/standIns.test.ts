import { assess } from '../plan/assess';
import { DEMO_JOBS } from '../../demo/jobs';
import { DEMO_KIT } from '../../demo/kit';
import { INSTRUMENT_IDS, type InstrumentId } from '../data/instruments';
import type { Reading } from '../formats/instrument';
import { fixedChance } from '../units/chance';
import { hear, NOTHING_HEARD, standingOf, type Listening, type Standing } from './listen';
import { FAULT_IDS, spoil, type FaultId } from './faults';
import { aboutStandIn, HELD, standInValues, type Held } from './standIns';

const job = DEMO_JOBS.find(({ id }) => id === 'rail-bracket');
const { situation } = assess(job as NonNullable<typeof job>, DEMO_KIT);
const NOW = Date.parse('2026-03-02T09:00:00Z');

/** What is heard of a stand-in, reading by reading, and how it stood after each; from a moment on it fails. */
function course(
  kind: InstrumentId,
  {
    from_s = 0,
    count = 30,
    held = {},
    fault = null,
  }: { from_s?: number; count?: number; held?: Partial<Held>; fault?: FaultId | null } = {},
) {
  const about = aboutStandIn(kind);
  const chance = fixedChance(5);
  let heard: Listening = NOTHING_HEARD;
  let sound: Reading | null = null;
  const stood: Standing[] = [];
  for (let n = 0; n < count; n++) {
    const t_s = from_s + (n * about.every_ms) / 1000;
    const now_ms = NOW + n * about.every_ms;
    const reading: Reading = {
      format: 'elbow-room-reading',
      version: 1,
      serial: about.serial,
      n,
      at: new Date(now_ms).toISOString(),
      quality: 'good',
      values: standInValues(kind, situation, { ...HELD, ...held }, t_s, n),
    };
    sound ??= reading;
    const sent =
      fault === null ? reading : spoil(fault, reading, (n * about.every_ms) / 1000, sound, chance());
    if (sent) heard = hear(heard, about, JSON.stringify(sent), now_ms);
    stood.push(standingOf(heard, about, now_ms));
  }
  return { heard, stood };
}

const last = (heard: Listening, what: string) => heard.recent.at(-1)?.values[what]?.value ?? NaN;
const middle = (heard: Listening, what: string) => {
  const all = heard.recent.map(({ values }) => values[what]?.value ?? NaN).sort((a, b) => a - b);
  return all[Math.floor(all.length / 2)] ?? NaN;
};
/** When an arc of the plan burns, s. */
const arc = situation.timeline?.events.find(({ kind, duration_s }) => kind === 'arc' && duration_s > 10);

describe('what a stand-in tells', () => {
  test.each(INSTRUMENT_IDS)('%s is believed, from the first reading to the last', (kind) => {
    const { stood, heard } = course(kind, { from_s: kind === 'ammeter' ? (arc?.start_s ?? 0) + 1 : 0 });
    expect(stood.filter(({ state }) => state !== 'live')).toEqual([]);
    expect(heard.refused).toBe(0);
  });

  test('the ammeter reads the amps that the plan welds with, at volts of a stick arc', () => {
    const { heard } = course('ammeter', { from_s: (arc?.start_s ?? 0) + 1, count: 40 });
    expect(middle(heard, 'current') / (arc?.current_A ?? 1)).toBeCloseTo(1, 1);
    // 20 V + 0.04 V/A: IEC 60974-1.
    expect(middle(heard, 'voltage')).toBeCloseTo(20 + 0.04 * (arc?.current_A ?? 0), -0.5);
  });

  test('the plate is at the air before anything, warm after the weld, and cooler later', () => {
    const end_s = situation.timeline?.elapsed_s ?? 0;
    const at = (from_s: number) => last(course('thermometer', { from_s, count: 3 }).heard, 'temperature');
    expect(Math.abs(at(0) - situation.heat.holds.cooling.air_C)).toBeLessThan(3);
    expect(at(end_s + 30)).toBeGreaterThan(at(0) + 20);
    expect(at(end_s * 1.9)).toBeLessThan(at(end_s + 30));
  });

  test('the field is stronger at the end of a seam than in its middle', () => {
    const at = (along: number) => middle(course('field-meter', { held: { along } }).heard, 'field');
    expect(at(0)).toBeGreaterThan(2 * at(0.5));
    expect(at(1)).toBeCloseTo(at(0), 0);
  });

  test('a piece weighs less in water by the water it pushes away', () => {
    const weigh = (inWater: boolean) =>
      last(course('scale', { held: { inWater, family: 'copper' } }).heard, 'mass');
    // Copper, 8.96 g/cm3: any handbook of metals.
    expect(weigh(false) / (weigh(false) - weigh(true))).toBeCloseTo(8.96, 0);
  });

  test('the analyser sees 18 and 8 in stainless, and never carbon', () => {
    const { heard } = course('analyser', { held: { family: 'austenitic-stainless' } });
    // 304: 17.5 to 19.5 Cr, 8 to 10.5 Ni: ASTM A240.
    expect(middle(heard, 'Cr')).toBeCloseTo(18.3, 0);
    expect(middle(heard, 'Ni')).toBeCloseTo(8.3, 0);
    expect(heard.recent.every(({ values }) => !('C' in values))).toBe(true);
  });

  test('the same moment is told the same', () => {
    for (const kind of INSTRUMENT_IDS)
      expect(standInValues(kind, situation, HELD, 12, 4)).toEqual(
        standInValues(kind, situation, HELD, 12, 4),
      );
  });
});

describe('every way to fail, of every instrument', () => {
  /** What the listener says of it. A scale and cold metal may stand still, and a thermometer's or an ammeter's zero cannot be told from the metal's own change. */
  const SAYS: Readonly<Record<FaultId, RegExp>> = {
    'drop-out': /Nothing (has come|came)/,
    noise: /jumps about|cannot be|no arc/,
    stuck: /not moved/,
    'wrong-unit': /in "div"/,
    drift: /creeps|no arc|cannot be/,
    late: /40 s old/,
    'out-of-range': /past the end/,
    reboot: /Nothing (has come|came)/,
  };
  const UNSEEN: readonly (readonly [InstrumentId, FaultId])[] = [
    ['scale', 'stuck'],
    ['thermometer', 'stuck'],
    ['thermometer', 'drift'],
    ['ammeter', 'noise'],
    ['ammeter', 'stuck'],
  ];
  const pairs = INSTRUMENT_IDS.flatMap((kind) => FAULT_IDS.map((fault) => [kind, fault] as const)).filter(
    ([kind, fault]) => !UNSEEN.some(([k, f]) => k === kind && f === fault),
  );
  test.each(pairs)('%s: %s', (kind, fault) => {
    const { stood, heard } = course(kind, { fault, count: 60 });
    // Of one that reads every two seconds a gap of six is no silence yet: it is seen to start again.
    const said = stood.some(({ words }) => SAYS[fault].test(words));
    const restarted = fault === 'reboot' && heard.restarts > 0;
    const gap = ['drop-out', 'reboot'].includes(fault) && aboutStandIn(kind).every_ms > 1000;
    expect(said || restarted || gap).toBe(true);
  });

  test('hot metal that hangs, and an arc that does, are found out', () => {
    const end_s = situation.timeline?.elapsed_s ?? 0;
    expect(
      course('thermometer', { from_s: end_s + 10, fault: 'stuck' }).stood.some(({ words }) =>
        /not moved/.test(words),
      ),
    ).toBe(true);
    expect(
      course('ammeter', { from_s: (arc?.start_s ?? 0) + 1, fault: 'stuck' }).stood.some(({ words }) =>
        /not moved/.test(words),
      ),
    ).toBe(true);
  });
});
