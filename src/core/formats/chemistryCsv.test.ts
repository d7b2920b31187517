import fc from 'fast-check';
import { readChemistryCsv, writeChemistryCsv } from './chemistryCsv';
import { ELEMENTS, type Elements } from './elements';

const messageOf = (text: string) => {
  const read = readChemistryCsv(text);
  return read.ok ? 'accepted' : read.message;
};

describe('an analyser’s table', () => {
  test('symbols in any case, comma or semicolon, missing errors, and elements not found', () => {
    expect(readChemistryCsv('Element,Percent,Error\nfe,70.1,0.2\nCr,18.2,\nC,<0.02,\nMo,ND,\n')).toEqual({
      ok: true,
      value: {
        elements: {
          Fe: { percent: 70.1, error: 0.2 },
          Cr: { percent: 18.2, error: 0.55 },
          C: { percent: 0, error: 0.02 },
          Mo: { percent: 0, error: 0.02 },
        },
        typed: {},
      },
    });
  });

  test('a limit that says too little is kept as it stands, and does not count', () => {
    expect(readChemistryCsv('element,percent\nFe,<60\nCr,18.2\n')).toMatchObject({
      ok: true,
      value: {
        elements: { Fe: { percent: null, error: null }, Cr: { percent: 18.2 } },
        typed: { 'Fe.percent': '<60' },
      },
    });
    expect(readChemistryCsv('element;percent\nCu;"88,5"\nSn;10 %\n')).toMatchObject({
      ok: true,
      value: { elements: { Cu: { percent: 88.5 }, Sn: { percent: 10 } } },
    });
  });

  test.each([
    ['no header', 'Cr,18\nNi,8', /Line 1: no column element, percent/],
    [
      'a metal that is none',
      'element,percent\nCr,18\nUnobtainium,8',
      /Line 3: "Unobtainium" is not an element/,
    ],
    ['words for a number', 'element,percent\nCr,lots', /Line 2: Cr wants a percentage/],
    ['a formula', 'element,percent\nCr,"=HYPERLINK(""x"")"', /Line 2: Cr wants a percentage/],
    ['a formula as an element', 'element,percent\n=1+1,3', /Line 2: "=1\+1" is not an element/],
    ['a minus', 'element,percent\n\nCr,-3', /Line 3: Cr wants/],
    ['more than all', 'element,percent\nCr,180', /Line 2: Cr wants a percentage from 0 to 100/],
    ['a wild error', 'element,percent,error\nCr,18,NaN', /Line 2: the error of Cr/],
    ['the same twice', 'element,percent\nCr,18\ncr,17', /Line 3: Cr stands there twice/],
    ['a sum beyond reason', 'element,percent\nFe,90\nCr,60', /add up to 150\.0 %/],
    ['nothing', 'element,percent\n', /No element stands/],
    ['a prototype', 'element,percent\n__proto__,3', /Line 2: "__proto__" is not an element/],
    ['too much', `element,percent\n${'Cr,1\n'.repeat(60_000)}`, /over 200 kB/],
  ])('%s is refused with the line', (_, text, message) => {
    expect(messageOf(text)).toMatch(message);
  });

  test('what is written is read again the same', () => {
    const reading = fc.record({
      percent: fc.integer({ min: 0, max: 300 }).map((n) => n / 100),
      error: fc.integer({ min: 1, max: 200 }).map((n) => n / 100),
    });
    fc.assert(
      fc.property(
        fc.dictionary(fc.constantFrom(...ELEMENTS), reading, { minKeys: 1 }),
        (elements: Elements) => {
          expect(readChemistryCsv(writeChemistryCsv(elements))).toEqual({
            ok: true,
            value: { elements: { ...elements }, typed: {} },
          });
        },
      ),
    );
  });

  test('a thousand mangled tables: never a throw, never a half-read one', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 200 }), (junk) => {
        const read = readChemistryCsv(`element,percent,error\n${junk}`);
        if (read.ok) for (const el of Object.keys(read.value)) expect(ELEMENTS).toContain(el);
      }),
      { numRuns: 1000 },
    );
  });
});
