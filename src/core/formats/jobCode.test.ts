import fc from 'fast-check';
import { DEMO_JOBS } from '../../demo/jobs';
import { DEMO_KIT } from '../../demo/kit';
import { base45, codesOf, fileOf, fromBase45, takeCode, type ReadCodes } from './jobCode';
import { readJobFile } from './jobFile';
import { writeJobFile } from './write';

const bytes = (text: string) => new TextEncoder().encode(text);
const readAll = (codes: readonly string[]): ReadCodes | null =>
  codes.reduce<ReadCodes | null>((before, code) => {
    const taken = takeCode(before, code);
    return taken.ok ? taken.value : before;
  }, null);

describe('a job as codes', () => {
  // RFC 9285, section 4.3 and 4.4.
  test.each([
    ['AB', 'BB8'],
    ['Hello!!', '%69 VD92EX0'],
    ['base-45', 'UJCLQE7W581'],
    ['ietf!', 'QED8WEX0'],
  ])('%s is written %s', (text, coded) => {
    expect(base45(bytes(text))).toBe(coded);
    expect(Buffer.from(fromBase45(coded) ?? []).toString()).toBe(text);
  });

  test('what is none is told from what is one', () => {
    for (const text of ['a', 'GGW', ':::', 'BB8a', 'B']) expect(fromBase45(text)).toBeNull();
  });

  test.each(DEMO_JOBS.map(({ id }) => id))('%s comes back as it went out, its parts in any order', (id) => {
    const job = DEMO_JOBS.find((one) => one.id === id);
    if (!job) throw new Error('no such job');
    const file = writeJobFile(job, { ...DEMO_KIT, trials: [] });
    const codes = codesOf(file);
    for (const code of codes) expect(code).toMatch(/^[0-9A-Z $%*+\-./:]{1,1000}$/);
    const read = readAll([...codes].reverse());
    const back = read && fileOf(read);
    expect(back?.ok && JSON.parse(back.value)).toEqual(JSON.parse(file));
    expect(back?.ok && readJobFile(back.value).ok).toBe(true);
    if (codes.length > 1) {
      const some = readAll(codes.slice(1));
      expect(some && fileOf(some)).toBeNull();
    }
  });

  test('a code of another job begins anew; the same one twice counts once; what is none of ours is refused', () => {
    const [one, other] = [
      codesOf(JSON.stringify(Array.from({ length: 900 }, (_, n) => Math.sqrt(n)))),
      codesOf('"another file"'),
    ];
    const first = readAll([...one, ...other]);
    expect(first && fileOf(first)).toEqual({ ok: true, value: '"another file"' });
    const twice = readAll([one[0] ?? '', one[0] ?? '']);
    expect(twice?.parts.size).toBe(1);
    for (const code of [
      '',
      'HTTPS://EXAMPLE.ORG',
      'ELBOW1/ABCDEF/3/2/AB',
      'ELBOW1/ABCDEF/1/99/AB',
      'ELBOW1/ABCDEF/1/1/ab',
    ])
      expect(takeCode(null, code).ok).toBe(false);
  });

  test('whatever is broken in them is refused, never taken in', () => {
    const codes = codesOf(writeJobFile(DEMO_JOBS[0] as (typeof DEMO_JOBS)[number], DEMO_KIT));
    fc.assert(
      fc.property(fc.nat(codes.length - 1), fc.nat(700), (which, at) => {
        const broken = codes.map((code, n) =>
          n === which
            ? `${code.slice(0, 30 + (at % (code.length - 31)))}%${code.slice(31 + (at % (code.length - 31)))}`
            : code,
        );
        if (broken.join() === codes.join()) return;
        const read = readAll(broken);
        const file = read && fileOf(read);
        expect(file === null || !file.ok).toBe(true);
      }),
    );
  });
});
