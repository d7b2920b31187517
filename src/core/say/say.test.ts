import fc from 'fast-check';
import { blankJob } from '../formats/blankJob';
import { applyEdits } from '../formats/edits';
import { Job } from '../formats/job';
import { SAY_STOPS } from './words';
import { inFigures } from './numbers';
import { editsOf, readSentence } from './read';
import { STOP_WORK_QUESTIONS } from '../data/stopWork';

const meant = (text: string, system: 'metric' | 'inch' = 'metric') =>
  readSentence(text, system).chips.map(({ means }) => means);
const filled = (text: string, system: 'metric' | 'inch' = 'metric') =>
  applyEdits(blankJob('said', '2026-01-01T00:00:00.000Z'), editsOf(readSentence(text, system).chips));

describe('numbers as they are said', () => {
  test.each([
    ['three sixteenths', '3/16'],
    ['an eighth inch', '1/8 inch'],
    ['a quarter inch', '1/4 inch'],
    ['half inch gap', '1/2 inch gap'],
    ['three thirty-seconds', '3/32'],
    ['five sixteenths plate', '5/16 plate'],
    ['seventy eighteen', '7018'],
    ['sixty ten', '6010'],
    ['sixty eleven', '6011'],
    ['three oh eight L', '308l'],
    ['three oh nine', '309'],
    ['an inch and a half', '1 1/2 inch'],
    ['twenty five', '25'],
    ['a hundred and twenty', '120'],
    ['two hundred and fifty', '250'],
    ['two point five', '2.5'],
    ['½ inch', '1/2 inch'],
  ])('%s is %s', (said, figures) => expect(inFigures(said)).toBe(figures));
});

describe('a sentence of the trade', () => {
  test('bracket off a channel, as it is dictated', () => {
    const job = filled(
      'three sixteenths bracket cracked off the old channel, vertical, outside, bit of wind, got three thirty seconds seventy eighteen',
    );
    expect(job.joint).toMatchObject({ kind: 't-fillet', thicknessA_mm: 4.7625 });
    expect(job.look).toMatchObject({ position: 'vertical', place: 'outdoors', wind_m_s: 4 });
    expect(job.rod).toMatchObject({ rodClass: 'E7018', size: '3/32' });
    expect(job.metal.sideA).toMatchObject({ part: 'plate-bracket', age: 'to-1980', family: null });
  });

  test('a rod of its own for the root, for the top, and TIG for root and hot pass', () => {
    const rods = filled('10 mm V butt, 6010 root, fill with 1/8 7018 and cap with 3/32 7014').rod;
    expect(rods.root).toMatchObject({ rodClass: 'E6010' });
    expect(rods.cap).toEqual({ rodClass: 'E7014', size: '3/32' });
    expect(rods).toMatchObject({ rodClass: 'E7018', size: '1/8' });
    expect(filled('pipe butt, tig root and hot pass, 7018 on it').rod.root).toMatchObject({
      process: 'tig',
      hot: true,
    });
    expect(filled('rusty top edge of the 6 mm hopper, 6013').rod.cap.rodClass).toBeNull();
  });

  test('a face that is built up, a crack with its depth, and a grade that is no rod', () => {
    const pad = filled('worn edge of a mild steel shoe, 20 mm thick, build up 8 mm, 50 wide, 250 long, shop');
    expect(pad.joint).toMatchObject({
      kind: 'pad',
      thicknessA_mm: 20,
      padHeight_mm: 8,
      padWidth_mm: 50,
      length_mm: 250,
    });
    expect(pad.look.place).toBe('indoors');
    const crack = filled('crack 90 mm long 7 mm deep in 20 mm mild steel, carbon arc gouge, 7018, flat');
    expect(crack.repair).toMatchObject({ crackLength_mm: 90, crackDepth_mm: 7, remover: 'gouge' });
    expect(crack.joint.depth_mm).toBeNull();
    const tube = filled('63 mm pipe, 3 mm wall, stainless 316, butt, flat');
    expect(tube.rod.rodClass).toBeNull();
    expect(filled('3/32 316 rods, stainless 304 pipe').rod.rodClass).toBe('E316L-16');
  });

  test('two thicknesses, a length and a wind', () => {
    const job = filled('1/8 to 3/8 tee, horizontal, 4 inches long, 20 knots of wind, minus five degrees');
    expect(job.joint).toMatchObject({
      thicknessA_mm: 3.175,
      thicknessB_mm: 9.525,
      sameThickness: false,
      length_mm: 101.6,
    });
    // A knot is 0.514444 m/s (ISO 80000-3).
    expect(job.look.wind_m_s).toBeCloseTo(10.2889, 3);
    expect(job.look).toMatchObject({ position: 'horizontal', air_C: -5 });
  });

  test('a bare number is in the reader’s units, a fraction in inches, a gauge by its table', () => {
    expect(filled('10 plate lap', 'metric').joint.thicknessA_mm).toBe(10);
    expect(filled('2 plate lap', 'inch').joint.thicknessA_mm).toBeCloseTo(50.8, 6);
    expect(filled('3/8 plate', 'metric').joint.thicknessA_mm).toBe(9.525);
    // 16 gauge steel is 0.0598 in (manufacturers' standard gauge).
    expect(filled('16 gauge panel').joint.thicknessA_mm).toBeCloseTo(1.519, 2);
    expect(filled('60 F in the yard', 'metric').look.air_C).toBeCloseTo(15.5556, 3);
  });

  test('rods by word and size, before or behind', () => {
    const rod = (text: string) => {
      const { rodClass, size } = filled(text).rod;
      return [rodClass, size];
    };
    expect(rod('1/8 6011')).toEqual(['E6011', '1/8']);
    expect(rod('6013 in 2.5 mm')).toEqual(['E6013', '3/32']);
    expect(rod('e7018 3.2')).toEqual(['E7018', '1/8']);
    expect(rod('308l rods')).toEqual(['E308L-16', null]);
    expect(rod('sixty eleven eighth inch')).toEqual(['E6011', '1/8']);
    expect(rod('3/16 plate, 90 amps')).toEqual([null, null]);
  });

  test('sizes by what they are of', () => {
    const job = filled('10 mm plate, 6 mm leg, 2 mm gap, 300 mm long, 400 mm of room, 110 amps');
    expect(job.joint).toMatchObject({ thicknessA_mm: 10, leg_mm: 6, gap_mm: 2, length_mm: 300 });
    expect(job.look.clearance_mm).toBe(400);
    expect(job.rod.current_A).toBe(110);
    expect(filled('50x50x3 box section').joint).toMatchObject({
      thicknessA_mm: 3,
      tubeWidth_mm: 50,
      tubeHeight_mm: 50,
    });
    expect(filled('tide in two hours').look.timeWindow_s).toBe(7200);
  });

  test('what only looks like something else is not taken for it', () => {
    expect(filled('316L pipe').metal.sideA.grade).toBe('316l');
    expect(filled('316L pipe').rod.rodClass).toBeNull();
    expect(filled('316L rods').rod.rodClass).toBe('E316L-16');
    expect(filled('outside corner').look.place).toBeNull();
    expect(filled('broken clean through').look.surface).toBeNull();
    expect(filled('40 mm flat bar').look.position).toBeNull();
    expect(filled('two plates, 8 mm').joint.thicknessA_mm).toBe(8);
    expect(filled('2 inch square tube, eighth wall').joint).toMatchObject({
      tubeWidth_mm: 50.8,
      thicknessA_mm: 3.175,
    });
  });

  test('grades and metals by name, and a coat', () => {
    expect(filled('4140 shaft').metal.sideA).toMatchObject({
      family: 'low-alloy-steel',
      grade: '4140',
      part: 'shaft',
    });
    expect(filled('S355 beam').metal.sideA.grade).toBe('s355');
    expect(filled('galvanised gate').metal.sideA).toMatchObject({ coating: 'zinc', family: null });
    expect(filled('mild steel').metal.sideA.family).toBe('low-carbon-steel');
  });

  test('a leg and a long bare size need no word; a leg is a fillet’s', () => {
    const job = filled('fillet 6 mm on 8 mm plate, mild steel, 300 mm, 7018 3/32');
    expect(job.joint).toMatchObject({ kind: 't-fillet', leg_mm: 6, thicknessA_mm: 8, length_mm: 300 });
    expect(filled('butt 250 mm, 4 mm, gap 2 mm').joint).toMatchObject({
      kind: 'square-butt',
      thicknessA_mm: 4,
      length_mm: 250,
    });
    expect(filled('lug 12 mm to steel channel 20 mm').joint).toMatchObject({
      thicknessA_mm: 12,
      thicknessB_mm: 20,
    });
    // Our judgement: from 60 mm on a bare size is a length.
    expect(filled('butt 60 mm, 4 mm').joint).toMatchObject({ length_mm: 60, thicknessA_mm: 4 });
    expect(filled('butt 58 mm').joint).toMatchObject({ length_mm: null, thicknessA_mm: 58 });
    // A diameter is no length.
    expect(filled('shaft 80 mm, butt 10 mm').joint).toMatchObject({ length_mm: null, thicknessA_mm: 10 });
    expect(filled('t1 bolt').joint.thicknessA_mm).toBeNull();
  });

  test('two metals that are joined are one a side; of one piece the grade counts', () => {
    const metals = (text: string) => {
      const { sideA, sideB, sameBothSides } = filled(text).metal;
      return [
        sideA.family,
        sideA.grade,
        sameBothSides ? null : sideB.family,
        sameBothSides ? null : sideB.grade,
      ];
    };
    expect(metals('ar400 liner 12 mm to mild steel 20 mm')).toEqual([
      'quenched-tempered-wear-plate',
      'wear400',
      'low-carbon-steel',
      null,
    ]);
    expect(metals('304 tray onto an a36 bracket')).toEqual([
      'austenitic-stainless',
      '304',
      'low-carbon-steel',
      'a36',
    ]);
    expect(metals('stainless, 410')).toEqual(['martensitic-stainless', '410', null, null]);
    // Of the other side only that it is another metal: it is found out, and not taken for iron.
    expect(filled('ductile iron bracket 15 mm to steel 10 mm').metal).toMatchObject({
      sameBothSides: false,
      sideB: { family: null },
    });
    expect(metals('6061 bracket')[0]).toBe('al-6xxx');
    expect(metals('titanium tube')[0]).toBe('titanium');
    expect(metals('1020 mm long seam')).toEqual([null, null, null, null]);
  });

  test('rods by what they are called', () => {
    const rod = (text: string) => [filled(text).rod.rodClass, filled(text).rod.size];
    expect(rod('nickel rods 3/32')).toEqual(['ENi-CI', '3/32']);
    expect(rod('1/8 nickel iron rod')).toEqual(['ENiFe-CI', '1/8']);
    expect(rod('ENiFe-CI 3.2')).toEqual(['ENiFe-CI', '1/8']);
    expect(rod('low hydrogen rods 1/8')).toEqual(['E7018', '1/8']);
    expect(rod('manganese rods 5/32')).toEqual(['EFeMn-A', '5/32']);
    // A number that is plate as well is a rod only where it is called one.
    expect(rod('3003 sheet')).toEqual([null, null]);
    expect(rod('316L 2 inch pipe')).toEqual([null, null]);
  });

  // ASME B36.10M: NPS 2 schedule 40 is 60.3 by 3.91 mm, NPS 4 schedule 80 is 114.3 by 8.56 mm, NPS 1 schedule 10S is 33.4 by 2.77 mm.
  test.each([
    ['2 inch schedule 40 pipe butt', 60.3, 3.91, 'v-butt', 189],
    ['4" sch 80 pipe, butt', 114.3, 8.56, 'v-butt', 359],
    ['one inch sch 10s stainless pipe end to end', 33.4, 2.77, 'square-butt', 105],
    ['1 inch sch 40 pipe butt', 33.4, 3.38, 'v-butt', 105],
    ['3/4 inch sch 40 pipe butt', 26.7, 2.87, 'square-butt', 84],
    ['6 inch std pipe butt', 168.3, 7.11, 'v-butt', 529],
  ])('%s is told by its table', (text, outside_mm, wall_mm, kind, round_mm) => {
    expect(filled(text).joint).toMatchObject({
      pipeDiameter_mm: outside_mm,
      thicknessA_mm: wall_mm,
      kind,
      length_mm: round_mm,
    });
  });

  test('what may mean two things is asked: a casting, light metal, how a pipe joins', () => {
    const asked = (text: string) => readSentence(text, 'metric').asks.map(({ id }) => id);
    expect(asked('cracked casting')).toEqual(['cast']);
    expect(asked('aluminium bracket')).toEqual(['light']);
    expect(asked('50 mm pipe leaks')).toContain('pipe');
    expect(asked('pipe butted end to end')).not.toContain('pipe');
    expect(filled('cracked casting').metal.sideA.family).toBeNull();
    expect(filled('aluminium hull').metal.sideA.family).toBeNull();
  });

  test('a joint that is said goes before the one a part mostly has', () => {
    const kind = (text: string) => filled(text).joint.kind;
    expect(kind('bracket, 2 mm lap, vertical')).toBe('lap');
    expect(kind('lug 4 mm butt')).toBe('square-butt');
    expect(kind('patch butted in flush, 2 mm')).toBe('square-butt');
    expect(kind('bracket to a channel')).toBe('t-fillet');
    expect(kind('doubler over the hole')).toBe('lap');
    expect(kind('tee bracket')).toBe('t-fillet');
  });

  test('a speed is wind, and never how long the weld is', () => {
    for (const [text, m_s] of [
      ['2 mm lap, wind 6 m/s', 6],
      ['2 mm lap, 6 m / s of wind', 6],
      ['2 mm lap, 5.5 metres per second', 5.5],
      ['2 mm lap, 12 kn', 6.173],
      ['2 mm lap, 20 km / h winds', 5.556],
      ['2 mm lap, 12.5 mph', 5.588],
    ] as const) {
      const { look, joint } = filled(text);
      expect(look.wind_m_s).toBeCloseTo(m_s, 2);
      expect(joint.length_mm).toBeNull();
      expect(joint.thicknessA_mm).toBe(2);
    }
    expect(filled('6 m of 2 mm lap').joint.length_mm).toBe(6000);
  });

  test('wind, feet and frost in figures', () => {
    const wind = (text: string) => filled(text).look.wind_m_s;
    // Beaufort: gentle breeze 3.4 to 5.4 m/s, fresh 8 to 10.7, near gale from 13.9 (published scale).
    expect([wind('bit of wind'), wind('windy'), wind('a gale')]).toEqual([4, 8, 14]);
    expect(wind('20 mph')).toBeCloseTo(8.9408, 3);
    expect(filled('2 feet long').joint.length_mm).toBeCloseTo(609.6, 6);
    expect(filled('freezing').look.air_C).toBe(-2);
    // Our judgement: a square of less than 15 mm is a wall.
    expect(filled('16 mm square tube').joint.tubeWidth_mm).toBe(16);
    expect(filled('14 mm square tube').joint.tubeWidth_mm).toBeNull();
  });

  test('words that mean nothing to it are told, and nothing is lost of the rest', () => {
    const { unknown, chips } = readSentence('flummoxed 10 mm lap', 'metric');
    expect(unknown).toEqual(['flummoxed']);
    expect(chips.map(({ means }) => means)).toEqual(['Thickness 10 mm', 'Lap']);
  });

  test('one thing said twice is one chip, the first', () => {
    expect(meant('vertical, vertical, overhead')).toEqual(['Vertical']);
  });
});

describe('what stops work', () => {
  test.each([
    ['diesel tank leaks', 'container'],
    ['crane hook worn', 'lifting-gear'],
    ['split rim on the wheel', 'tyre'],
    ['gas bottle bracket', 'cylinder'],
    ['boiler door', 'pressure'],
  ])('%s raises its question and answers none', (text, id) => {
    expect(readSentence(text, 'metric').raised.map((one) => one.id)).toContain(id);
    expect(filled(text).look.stopWork).toEqual({});
  });

  test('every word that raises one names a question there is', () => {
    const ids = STOP_WORK_QUESTIONS.map(({ id }) => id);
    for (const { asks } of SAY_STOPS) expect(ids).toContain(asks);
  });
});

test('whatever is said is read without an error into a job that can be kept', () => {
  const words = fc.constantFrom(
    ...'3/16 10 mm plate 7018 1/8 to on vertical outside long leg gap -5 degrees c amps 999 0 1/0 50x50x3 pipe cast tank knots minus rusty S355 , ; " ½ ga'.split(
      ' ',
    ),
  );
  fc.assert(
    fc.property(
      fc.oneof(
        fc.array(words, { maxLength: 18 }).map((all) => all.join(' ')),
        fc.string({ maxLength: 80 }),
      ),
      (text) => {
        for (const system of ['metric', 'inch'] as const) {
          const said = readSentence(text, system);
          expect(Job.safeParse(filled(text, system)).success).toBe(true);
          expect(filled(text, system).look.stopWork).toEqual({});
          for (const { answers } of said.asks)
            for (const { edits } of answers)
              expect(Job.safeParse(applyEdits(filled(text, system), edits)).success).toBe(true);
        }
      },
    ),
    { numRuns: 150 },
  );
});

describe('what stands next to what', () => {
  test('a fillet’s size is its leg where the plate has one of its own', () => {
    expect(filled('T fillet 6 mm, A36 8 mm, horizontal, 300 mm long').joint).toMatchObject({
      kind: 't-fillet',
      leg_mm: 6,
      thicknessA_mm: 8,
      length_mm: 300,
    });
    expect(filled('T fillet 8 mm, vertical').joint).toMatchObject({ leg_mm: null, thicknessA_mm: 8 });
    expect(filled('T fillet 8 mm, 200 mm long').joint).toMatchObject({ leg_mm: null, thicknessA_mm: 8 });
  });

  test('a fillet on both sides is two; sides that are reached are not welded', () => {
    expect(filled('6 mm fillet both sides of 10 mm plate').joint.kind).toBe('double-fillet');
    const reached = filled('6 mm fillet on 10 mm plate, can get at both sides');
    expect(reached.joint.kind).toBe('t-fillet');
    expect(reached.look.access).toBe('both');
    expect(filled('double-v 30 mm, both sides').joint.kind).toBe('double-v');
  });

  test('a V and a T by their letter, but not volts', () => {
    expect(filled('ductile iron 15 mm V, flat').joint).toMatchObject({ kind: 'v-butt', thicknessA_mm: 15 });
    expect(filled('T, 5 mm plate').joint.kind).toBe('t-fillet');
    expect(filled('8 mm plate on 230 V').joint.kind).toBeNull();
  });

  test.each([
    ['8018 in 1/8', 'E8018-C3', '1/8'],
    ['1/8 11018', 'E11018M', '1/8'],
    ['3/32 8018-B2', 'E8018-B2', '3/32'],
    ['ENi 3/32', 'ENi-CI', '3/32'],
    ['1/8 ENiFe', 'ENiFe-CI', '1/8'],
  ])('%s', (text, rodClass, size) => expect(filled(text).rod).toMatchObject({ rodClass, size }));

  test('weathering steel by name and by number', () => {
    for (const text of ['weathering steel 8 mm', 'A588 8 mm', 'S355J2W plate, 8 mm'])
      expect(filled(text).metal.sideA).toMatchObject({ family: 'low-carbon-steel', grade: 'a588' });
  });
});

describe('slips of a second hearing', () => {
  test('a position is no temperature, a temperature may have no degrees', () => {
    expect(filled('ring fillet 6 mm, 2F, 10 mm plate').look).toMatchObject({
      position: 'horizontal',
      air_C: null,
    });
    expect(filled('8 mm plate, minus 5').look.air_C).toBe(-5);
    expect(filled('14 mm v groove 60 degrees').joint.includedAngle_deg).toBe(60);
    expect(filled('14 mm v groove 60 degrees').look.air_C).toBeNull();
    // 15 km/h is 4.17 m/s.
    expect(filled('8 mm plate, wind 15 km/h').look.wind_m_s).toBeCloseTo(4.1667, 3);
  });

  test('a hundred needs no article', () => expect(inFigures('hundred and fifty')).toBe('150'));

  test('a gauge and a size are a pair, so is one over the other; the part between them still says its joint', () => {
    expect(filled('10 gauge bracket on quarter inch angle').joint).toMatchObject({
      thicknessA_mm: 3.42,
      thicknessB_mm: 6.35,
    });
    expect(filled('1/4 inch over 3/16 patch').joint).toMatchObject({ thicknessB_mm: 4.7625, kind: 'lap' });
    expect(filled('5/16 lug to 3/8 tube').joint.kind).toBe('t-fillet');
    expect(filled('12 mm to 50x10 flat bar').joint.thicknessA_mm).toBe(10);
  });

  test('what is round stands on what is flat as a ring; a thick butt is bevelled', () => {
    expect(filled('3 mm pipe to 8 mm flange, 60 mm diameter').joint).toMatchObject({
      kind: 'ring',
      thicknessB_mm: 8,
      pipeDiameter_mm: 60,
    });
    expect(filled('40 mm square tube onto a plate, 3 mm').joint.kind).toBe('rectangle');
    expect(filled('16 mm butt, 3 mm gap').joint.kind).toBe('v-butt');
    expect(filled('6 mm butt').joint.kind).toBe('square-butt');
    expect(filled('7 mm butt').joint.kind).toBe('v-butt');
  });

  test('how long a crack is said to be is how long the crack is', () => {
    const job = filled('crack in a 25 mm plate, 300 mm long');
    expect(job.repair.crackLength_mm).toBe(300);
    expect(job.joint.length_mm).toBeNull();
  });

  test.each([
    ['10 mm V, 6010 root, 1/8 7018 fill', 'E6010', '1/8', 'E7018'],
    ['10 mm V, root with 3/32 6010, 7018', 'E6010', '3/32', 'E7018'],
    ['10 mm V, 6010 2.5 root, 7018 3.2', 'E6010', '3/32', 'E7018'],
  ])('%s', (text, rodClass, size, fill) => {
    expect(filled(text).rod.root).toEqual({ rodClass, size });
    expect(filled(text).rod.rodClass).toBe(fill);
  });

  test('a root by TIG, and what stands behind it', () => {
    expect(filled('6 inch sch 40 pipe butt, tig root, 7018').rod).toMatchObject({
      rodClass: 'E7018',
      root: { process: 'tig' },
    });
    expect(filled('2 mm butt with a copper backing bar').joint.backing).toBe('copper');
  });

  test('what broke by the thing it is', () => {
    expect(filled('lug cracked, 12 mm').look.damage).toBe('cracked-metal');
    expect(filled('tip broke off, 10 mm').look.damage).toBe('snapped');
    expect(filled('shaft snapped clean in two').look.surface).toBeNull();
  });

  test('drizzle and gas call up their questions', () => {
    const raised = (text: string) => readSentence(text, 'metric').raised.map(({ id }) => id);
    expect(raised('gate hinge, drizzle')).toEqual(['dry']);
    expect(raised('three point hitch, ball end')).toEqual(['vehicle-safety']);
    expect(raised('foot ring of a propane tank')).toEqual(expect.arrayContaining(['cylinder', 'container']));
  });
});
