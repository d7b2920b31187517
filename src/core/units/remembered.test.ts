import { remembered } from './remembered';

test('a record is worked out once; a copy of it afresh', () => {
  const seen: object[] = [];
  const size = remembered((record: { n: number }) => {
    seen.push(record);
    return record.n * 2;
  });
  const record = { n: 3 };
  expect([size(record), size(record), size({ ...record })]).toEqual([6, 6, 6]);
  expect(seen).toHaveLength(2);
});
