import { memoize, memoizeBy, memoizeWith } from './memoize';

test('a record is worked out once; a copy of it afresh', () => {
  const seen: object[] = [];
  const size = memoize((record: { n: number }) => {
    seen.push(record);
    return record.n * 2;
  });
  const record = { n: 3 };
  expect([size(record), size(record), size({ ...record })]).toEqual([6, 6, 6]);
  expect(seen).toHaveLength(2);
});

test('of figures the key decides what is the same question, and a full store begins again', () => {
  let worked = 0;
  const round = memoizeBy(
    (x: number) => {
      worked += 1;
      return Math.round(x);
    },
    (x) => x.toFixed(0),
  );
  expect([round(1.1), round(1.2), round(2)]).toEqual([1, 1, 2]);
  expect(worked).toBe(2);
  for (let n = 0; n < 1000; n++) round(n);
  round(1);
  expect(worked).toBeGreaterThan(1000);
});

test('of a record asked with figures both decide', () => {
  let worked = 0;
  const times = memoizeWith(({ n }: { n: number }, by: { by: number }) => {
    worked += 1;
    return n * by.by;
  });
  const three = { n: 3 };
  expect([times(three, { by: 2 }), times(three, { by: 2 }), times(three, { by: 4 })]).toEqual([6, 6, 12]);
  expect(times({ n: 3 }, { by: 2 })).toBe(6);
  expect(worked).toBe(3);
});
