import assert from 'node:assert/strict';
import { beforeEach, describe, test } from 'node:test';
import type { Session } from './browser';
import { freshStart, openDemo, oneBrowser, type Served } from './paths';

let app: Served;
let b: Session;
oneBrowser((session, served) => {
  b = session;
  app = served;
});
beforeEach(() => freshStart(b, app.url));

/** Amperes of a bead of the table. */
const amps = async (bead: number): Promise<number> =>
  Number(/(\d+) A/.exec(await b.text(`bead-${bead}`))?.[1]);

/** Sets the second side of the ramp job. */
async function otherSide(family: string): Promise<void> {
  await openDemo(b, app.url, 'ramp-guard', 'metal');
  await b.tap('same-metal-other');
  await b.tap('place-sideB');
  await b.tap('sideB-all');
  await b.tap(`sideB-${family}`);
}

describe('a stainless tray on a steel bracket', () => {
  test('the bead on both diagrams, its limits, what changes them, and the sheet', async () => {
    await openDemo(b, app.url, 'galley-tray', 'rod');
    await b.tap('to-mix');
    await b.says('mix-says', /E309L-16 in austenitic stainless and low-carbon steel: \d+ % .* no martensite/);
    await b.says('cloud-says', /^Of 10 000 beads drawn: \d+ % A\+F/);
    await b.tap('diagram-pick-wrc');
    await b.tap('diagram-pick-closer');
    await b.says('mix-rooms', /Ferrite, enough[\s\S]*tight/);
    // Less melted in leaves more ferrite; much melted in leaves none.
    await b.type('weld.dilution_pct', '15');
    await b.says('mix-says', /15 % of the bead is melted base metal/);
    await b.says('mix-rooms', /Ferrite, enough[\s\S]*(snug|roomy)/);
    await b.type('weld.dilution_pct', '60');
    await b.says('mix-rooms', /Ferrite, enough[\s\S]*no room/);
    await b.says('tightest', /no room|shut/);
    await b.type('weld.dilution_pct', 'a lot');
    await b.says('weld.dilution_pct-says', /Melted base metal.*Type|type/);
    await b.type('weld.dilution_pct', '30');
    // Held to the stainless, more of what melts is stainless.
    await b.tap('favour-A');
    await b.says('mix-rooms', /Ferrite, enough/);
    // A grade narrows it.
    await b.tap('mix-grade-A-304l');
    await b.says('mix-side-A', /Between the ends of grade 304L/);
    await b.driver.get(`${app.url}/job/galley-tray/room/ferrite-low`);
    await b.saysMain(/WRC-1992: \d+ FN[\s\S]*Schaeffler: \d+ %[\s\S]*from memory, unchecked/);
    await b.driver.get(`${app.url}/job/galley-tray/sheet`);
    await b.saysMain(/Stringers, no wide weave[\s\S]*Read the tint/);
  });

  test('buttered first, it has a step of its own; food asks for a finish; heat closes the stainless rod', async () => {
    await openDemo(b, app.url, 'galley-tray', 'mix');
    await b.tap('butter-yes');
    await b.says('mix-passes', /Butter, layer 1[\s\S]*Butter, layer 2/);
    await b.driver.get(`${app.url}/job/galley-tray/sheet`);
    await b.saysMain(/Butter the low-carbon steel[\s\S]*Layers/);
    await openDemo(b, app.url, 'galley-tray', 'look');
    await b.tap('food-food');
    await b.tap('wet-sea');
    await b.type('look.service_C', '650 C');
    await openDemo(b, app.url, 'galley-tray', 'procedure');
    await b.says('procedure-stainless', /touches food[\s\S]*60, 80, 120, 180 grit[\s\S]*Passivate/);
    await b.driver.get(`${app.url}/job/galley-tray/room/expansion`);
    await b.saysMain(/at 650 °C[\s\S]*carbon leaves the steel/);
    await b.driver.get(`${app.url}/job/galley-tray/room/galvanic`);
    await b.saysMain(/Salt water/);
  });
});

describe('a steel nobody knows, to stainless', () => {
  test('planned for all it may be, with rods weighed by what they come to', async () => {
    await openDemo(b, app.url, 'galley-tray', 'metal');
    await b.tap('place-sideB');
    // Out with the name: a magnet holds it, and it throws long straw sparks.
    await b.tap('sideB-low-carbon-steel');
    for (const [id, saw] of [
      ['magnet', 'strong'],
      ['look', 'rolled'],
      ['spark', 'straw-long'],
      ['colour', 'grey'],
    ]) {
      await openDemo(b, app.url, 'galley-tray', `test/sideB/${id}`);
      await b.tap(`saw-${saw}`);
      await b.says('now', /%|nearly sure/);
    }
    await openDemo(b, app.url, 'galley-tray', 'mix');
    // One cloud over all it may be, and the family named.
    await b.says('cloud-says', /^Of 10 000 beads drawn: .*A/);
    await b.says('mix-side-B', /Grade not known/);
    await b.says('mix-rooms', /Ferrite, enough/);
    await openDemo(b, app.url, 'galley-tray', 'rods');
    await b.saysMain(/Which rod[\s\S]*E309L-16[\s\S]*mixed bead/);
  });
});

describe('a gray iron casting', () => {
  test('cold: short beads, waits by the piece, peened', async () => {
    await openDemo(b, app.url, 'bollard-cap', 'heat');
    await b.tap('to-procedure');
    await b.says('iron-says', /Cold, in place/);
    await b.says(
      'procedure-cast-iron-answer',
      /beads of about .* a pass, each peened warm; about .* between/,
    );
    await b.says('bead-2', /A.*°C/s);
    await b.says('cast-iron-weld', /Skip about[\s\S]*Peen every bead/);
    await b.driver.get(`${app.url}/job/bollard-cap/sheet`);
    await b.saysMain(/Drill|drill a [\s\S]*hole[\s\S]*under 65 °C before the next/);
  });

  test('hot, once it can come out and is to be machined; red heat asked of the torch', async () => {
    await openDemo(b, app.url, 'bollard-cap', 'procedure');
    await b.tap('movable-yes');
    await b.tap('machined-yes');
    await b.says('iron-says', /Hot, whole/);
    await b.says('procedure-cast-iron', /between 500 °C and 650 °C[\s\S]*buried|buried[\s\S]*500 °C/);
    await openDemo(b, app.url, 'bollard-cap', 'heat');
    await b.says('heat-answer', /Warm it to 5\d0 °C/);
  });

  test('brazed: no rod, no machine, the iron never melts', async () => {
    await openDemo(b, app.url, 'bollard-cap', 'procedure');
    await b.tap('iron-way-braze');
    await b.says('procedure-cast-iron', /Bronze at dull red[\s\S]*iron never melts/);
    await b.driver.get(`${app.url}/job/bollard-cap/sheet`);
    await b.saysMain(/brazed[\s\S]*Braze it[\s\S]*Bronze rod/);
    const sheet = await b.driver.executeScript<string>('return document.body.innerText');
    assert.doesNotMatch(sheet, /Set the machine/);
    await b.driver.navigate().refresh();
    await b.saysMain(/Braze it/);
  });
});

describe('an aluminium bracket', () => {
  test('bead by bead the amps come down, and the sheet says so', async () => {
    await openDemo(b, app.url, 'rail-bracket', 'procedure');
    await b.says('procedure-aluminium-answer', /Amps down from \d+ to \d+ A over \d+ rods/);
    const [first, fourth] = [await amps(1), await amps(4)];
    assert.ok(fourth < first, `${first} then ${fourth} A`);
    await b.says('aluminium-prepare', /soap and water[\s\S]*acetone[\s\S]*stainless brush/);
    await b.says('aluminium-after', /All of the flux off/);
    await b.driver.get(`${app.url}/job/rail-bracket/sheet`);
    await b.saysMain(/Amps as it warms/);
    // Thick, it is warmed first.
    await openDemo(b, app.url, 'rail-bracket', 'joint');
    await b.type('joint.thicknessA_mm', '12 mm');
    await openDemo(b, app.url, 'rail-bracket', 'heat');
    await b.says('heat-answer', /Warm it to (9\d|1[01]\d) °C/);
  });
});

describe('nickel on steel', () => {
  test('pure nickel rod, its iron kept down, spotless round it', async () => {
    await otherSide('nickel');
    await b.driver.get(`${app.url}/job/ramp-guard/rod`);
    await b.saysMain(/ENi-1/);
    await b.driver.get(`${app.url}/job/ramp-guard/mix`);
    await b.says('mix-says', /ENi-1 in low-carbon steel and nickel/);
    await b.says('mix-technique', /Arc on the nickel: the steel thins the bead/);
    // Held to the steel against that advice, its iron has a limit.
    await b.tap('favour-A');
    await b.driver.get(`${app.url}/job/ramp-guard/room/dilution`);
    await b.saysMain(/40 % iron/);
    await b.driver.get(`${app.url}/job/ramp-guard/procedure`);
    await b.says('procedure-nickel', /sulphur, lead and zinc crack nickel/);
  });
});

describe('silicon bronze on steel', () => {
  test('aluminium bronze rod, its own rod as the other choice, cool between beads', async () => {
    await otherSide('silicon-bronze');
    // It looks like leaded bronze and like beryllium copper: each is cleared by a test of its own.
    await b.driver.get(`${app.url}/job/ramp-guard/test/sideB/conductivity`);
    await b.tap('start-reading');
    await b.type('iacs_pct', '8');
    await b.driver.get(`${app.url}/job/ramp-guard/test/sideB/chip`);
    await b.tap('saw-curl');
    // Lead conducts as badly and curls as long: a scrape that shows gold tells them apart.
    await b.driver.get(`${app.url}/job/ramp-guard/test/sideB/colour`);
    await b.tap('saw-red-gold');
    await b.says('now', /Silicon bronze|nearly sure|%/);
    await b.driver.get(`${app.url}/job/ramp-guard/rod`);
    await b.saysMain(/ECuAl-A2/);
    await b.saysMain(/ECuSi/);
    await b.driver.get(`${app.url}/job/ramp-guard/mix`);
    await b.says('mix-says', /ECuAl-A2 in low-carbon steel and silicon bronze/);
    await b.driver.get(`${app.url}/job/ramp-guard/procedure`);
    await b.says('procedure-copper', /Silicon bronze: Brittle between 800 and 950 °C/);
    await b.says('procedure-copper', /under 65 °C between beads/);
  });
});

describe('metals that no arc joins', () => {
  test('aluminium to steel is refused, with other ways that this job allows', async () => {
    await otherSide('al-6xxx');
    await b.driver.get(`${app.url}/job/ramp-guard/test/sideB/density`);
    await b.tap('start-reading');
    await b.type('air_g', '540');
    await b.type('water_g', '340.4');
    await b.type('scale_g', '1');
    await b.says('showed', /2\.7/);
    await b.driver.get(`${app.url}/job/ramp-guard/metal`);
    await b.says('metal-says', /No arc joins these two/);
    await b.says('other-ways', /Bolt it[\s\S]*A transition piece/);
    await b.driver.get(`${app.url}/job/ramp-guard/sheet`);
    await b.says('verdict', /STOP\. DO NOT WELD/);
    await b.says('other-ways', /How else[\s\S]*Bolt it/);
    await openDemo(b, app.url, 'ramp-guard', 'look');
    await b.tap('access-one-side');
    await b.driver.get(`${app.url}/job/ramp-guard/sheet`);
    await b.says('other-bolt', /not here[\s\S]*both faces/);
    await b.driver.get(`${app.url}/job/ramp-guard/mix`);
    await b.says('withheld-page', /No arc joins these two/);
  });
});
