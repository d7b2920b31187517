import { DEMO_KIT } from '../../../demo/kit';
import { readField } from '../../formats/fields';
import { blankJob } from '../../formats/blankJob';
import { blankTool } from '../../formats/blankKit';
import type { Bottle, FillerItem, Tool, Tungsten } from '../../formats/kit';
import { onGun } from './gun';
import { jointGeometry } from '../../joint/geometry';
import type { ArcBy, OtherArc, SetFor } from './arcBy';
import { fillersFor } from './arcBy';
import { settingsBy } from './settings';
import { gasIn_l, onFiller, onGas, onTungsten, serving, sizesOnHand, type Stock } from './stock';

const filler = (change: Partial<FillerItem>): FillerItem => ({
  id: 'f',
  cls: 'ER70S-6',
  as: 'reel',
  size: '0.8',
  printed: '',
  left_kg: null,
  note: '',
  typed: {},
  ...change,
});
const bottle = (change: Partial<Bottle>): Bottle => ({
  id: 'b',
  gas: 'argon',
  size_l: 20,
  pressure_bar: 150,
  left_kg: null,
  note: '',
  typed: {},
  ...change,
});
const tungsten = (change: Partial<Tungsten>): Tungsten => ({
  id: 't',
  kind: 'lanthanated',
  size: '2.4',
  count: 3,
  note: '',
  typed: {},
  ...change,
});
const stock = (change: Partial<Stock>): Stock => ({
  fillers: [],
  bottles: [],
  tungstens: [],
  tools: [],
  ...change,
});

const where = (process: OtherArc, kit: Stock, change: Partial<SetFor> = {}): SetFor => {
  const wants: SetFor['wants'] = change.wants ?? { families: ['low-carbon-steel'], rods: ['E7018'] };
  return {
    joint: jointGeometry({
      ...blankJob('j', '2026-01-01T00:00:00.000Z').joint,
      kind: 't-fillet',
      thicknessA_mm: 3,
      length_mm: 300,
    }),
    wants,
    position: 'flat',
    length_mm: 300,
    carriesLoad: true,
    oneSided: false,
    pipe_mm: null,
    onHand: sizesOnHand(process, fillersFor(process, wants), kit),
    ...change,
  };
};
const set = (process: OtherArc, kit: Stock, change: Partial<SetFor> = {}): ArcBy => {
  const found = settingsBy(process, where(process, kit, change));
  if (!found) throw new Error('no setting');
  return found;
};
const STAINLESS: SetFor['wants'] = { families: ['austenitic-stainless'], rods: ['E308L-16'] };
const LIGHT: SetFor['wants'] = { families: ['al-5xxx'], rods: [] };

describe('gas in a bottle', () => {
  // Ideal gas at constant temperature: 50 litres at 200 bar are 10 000 litres; 5 bar of them stay in it (common practice).
  test('goes with its size and its gauge', () => {
    expect(gasIn_l(bottle({ size_l: 50, pressure_bar: 200 }))).toBe(9750);
    expect(gasIn_l(bottle({ size_l: 20, pressure_bar: 150 }))).toBe(2900);
    expect(gasIn_l(bottle({ pressure_bar: 3 }))).toBe(0);
    expect(gasIn_l(bottle({ pressure_bar: null }))).toBeNull();
  });

  // Handbook sizes, from memory: a bottle of 80 cubic feet holds about 15 litres of water, one of 125 about 23.
  test('a bottle may be told by its cubic feet', () => {
    const litres = (text: string) => {
      const read = readField('bottle.size_l', text, 'inch');
      return read.ok ? read.value.value : NaN;
    };
    expect(litres('80 cu ft')).toBeCloseTo(15, 0);
    expect(litres('125 cf')).toBeCloseTo(23, 0);
    expect(litres('20 l')).toBe(20);
  });

  // Ideal gas: 8.314 x 288.15 / (0.04401 x 1e5) = 0.5443 m3 a kilogram at 15 °C and 1 bar.
  test('CO2 goes by weight, whatever its gauge reads', () => {
    expect(gasIn_l(bottle({ gas: 'co2', left_kg: 10, pressure_bar: 57 }))).toBeCloseTo(5443, -1);
    expect(gasIn_l(bottle({ gas: 'co2', pressure_bar: 57 }))).toBeNull();
  });
});

describe('what is on hand', () => {
  test('sets the size: the only reel and the only tungsten are planned with', () => {
    const kit = stock({
      fillers: [filler({ size: '1.0' }), filler({ as: 'rods', cls: 'ER70S-2', size: '2.4' })],
      tungstens: [tungsten({ size: '3.2' })],
    });
    expect(set('gas-wire', stock({})).filler_mm).not.toBe(1);
    expect(set('gas-wire', kit).filler_mm).toBe(1);
    expect(set('tig', kit)).toMatchObject({ filler_mm: 2.4, tungsten: { diameter_mm: 3.2 } });
  });

  test('a class that does the same stands in and is said; another is not taken (AWS A5.9 and A5.18, from memory)', () => {
    const stands = stock({ fillers: [filler({ cls: 'ER347Si', size: '0.9' })] });
    const by = set('gas-wire', stands, { wants: STAINLESS });
    expect(onFiller(by, stands)).toMatchObject([{ title: 'Filler', state: 'tight' }]);
    const wrong = stock({ fillers: [filler({ cls: 'ER70S-6' })] });
    expect(onFiller(set('gas-wire', wrong, { wants: STAINLESS }), wrong)).toMatchObject([
      { state: 'none', words: expect.stringMatching(/asks ER308LSi; on the truck: ER70S-6/) },
    ]);
  });

  test('a reel is not TIG rods, nor a self-shielded wire one for gas', () => {
    const kit = stock({ fillers: [filler({}), filler({ cls: 'E71T-11', size: '0.9' })] });
    expect(serving('tig', ['ER70S-6'], kit)).toEqual([]);
    expect(serving('gas-wire', ['ER70S-6'], kit).map(({ cls }) => cls)).toEqual(['ER70S-6']);
    expect(serving('cored-wire', ['E71T-11'], kit).map(({ cls }) => cls)).toEqual(['E71T-11']);
  });

  test('what is short closes where even the good end is, and warns where it is near', () => {
    const need = set('gas-wire', stock({})).filler_kg;
    const state = (left_kg: number | null) => {
      const kit = stock({ fillers: [filler({ left_kg })] });
      return onFiller(set('gas-wire', kit), kit).map((limit) => limit.state);
    };
    expect(state(need * 0.6)).toEqual(['none']);
    expect(state(need)).toEqual(['tight']);
    expect(state(need * 2)).toEqual(['roomy']);
    expect(state(null)).toEqual([]);
  });
});

describe('the gas', () => {
  test('of the wrong kind closes, with why (ISO 14175 groups, from memory)', () => {
    const mixed = stock({ bottles: [bottle({ gas: 'mix-20' })] });
    const on = (process: OtherArc, wants?: SetFor['wants']) => {
      const at = where(process, mixed, wants ? { wants } : {});
      return onGas(settingsBy(process, at) as ArcBy, at, mixed).map(({ state }) => state);
    };
    expect(on('tig')).toEqual(['none']);
    expect(on('tig', LIGHT)).toEqual(['none']);
    expect(on('gas-wire', STAINLESS)).toEqual(['none']);
    expect(on('gas-wire')).toEqual(['roomy']);
    expect(on('cored-wire')).toEqual([]);
  });

  test('that runs out half-way is told, with its minutes', () => {
    const at = (pressure_bar: number) => {
      const kit = stock({ bottles: [bottle({ size_l: 10, pressure_bar })] });
      const [limit] = onGas(set('tig', kit), where('tig', kit), kit);
      return limit;
    };
    expect(at(200)?.state).toBe('roomy');
    expect(at(6)?.state).toBe('none');
    expect(at(200)?.words).toMatch(/in the bottle \(\d+ %\), which lasts \d+ min/);
  });
});

describe('the tungsten', () => {
  test('a pure one balls on direct current, a red one brings the word on its dust (common practice)', () => {
    const on = (kind: Tungsten['kind'], wants?: SetFor['wants']) => {
      const kit = stock({ tungstens: [tungsten({ kind })] });
      return onTungsten(set('tig', kit, wants ? { wants } : {}), kit)
        .filter(({ state }) => state !== 'roomy')
        .map(({ words }) => words)
        .join(' ');
    };
    expect(on('lanthanated')).toBe('');
    expect(on('pure')).toMatch(/balls over on DCEN/);
    expect(on('pure', LIGHT)).toBe('');
    expect(on('thoriated')).toMatch(/dust/);
  });

  // ISO 6848, from memory: 1.0 mm stands about 75 A on negative.
  test('one too thin closes', () => {
    const kit = stock({ tungstens: [tungsten({ size: '1.0' })] });
    expect(onTungsten(set('tig', kit), kit)[0]).toMatchObject({
      state: 'none',
      words: expect.stringMatching(/75 A/),
    });
  });
});

test('the yard can lay its own TIG: bottle, tungstens and rods are read from the kit', () => {
  expect(serving('tig', ['ER316L'], DEMO_KIT).map(({ size }) => size)).toEqual(['1.6']);
  expect(gasIn_l(DEMO_KIT.bottles[0] as Bottle)).toBe(1700);
});

describe('a torch or gun with a rating of its own', () => {
  const rated = (tool: Tool['tool'], rated_A: number | null, duty_pct: number | null = 60): Tool => ({
    ...blankTool(tool, tool),
    rated_A,
    duty_pct,
  });
  const asked = (current_A: number, tools: Tool[], process: OtherArc = 'gas-wire', arc_min = 30) => {
    const at = set(process, stock({}));
    const amps = { low: current_A, nominal: current_A, high: current_A };
    return onGun({ ...at, current_A: amps, arc_min, arcShare: 0.5 }, { tools });
  };

  // IEC 60974-1's rule of the square, by hand: rated 150 A at 60 %, at 200 A 0.6 (150 / 200)² = 33.75 %, 3.4 min in ten.
  test('stands what its rating says, by the square of the amps', () => {
    expect(asked(150, [rated('solid-wire', 150)])).toMatchObject([{ state: 'roomy', title: 'Gun' }]);
    expect(asked(200, [rated('solid-wire', 150)])).toMatchObject([
      { state: 'tight', words: expect.stringMatching(/200 A it stands 3\.4 min of arc in ten/) },
    ]);
    expect(asked(200, [rated('solid-wire', 150)], 'gas-wire', 3)).toMatchObject([{ state: 'roomy' }]);
    expect(asked(230, [rated('solid-wire', 150)])).toMatchObject([{ state: 'none' }]);
    expect(asked(220, [rated('tig-torch', 150, 35)], 'tig')).toMatchObject([
      { state: 'tight', title: 'Torch' },
    ]);
  });

  test('the one that stands most counts; one without a rating is not judged', () => {
    expect(asked(230, [rated('solid-wire', 150), rated('solid-wire', 300)])).toMatchObject([
      { state: 'roomy' },
    ]);
    expect(asked(230, [rated('solid-wire', 150), rated('solid-wire', null)])).toEqual([]);
    expect(asked(230, [rated('tig-torch', 100)])).toEqual([]);
  });
});
