import { labelSpot } from './labelSpot';

const box = (left: number, low: number, right: number, high: number) =>
  [
    [left, low],
    [right, low],
    [right, high],
    [left, high],
  ] as const;

test('a number stands in the middle of what is seen of its shape', () => {
  const shape = box(0, 0, 10, 12);
  expect(labelSpot(shape, [5, 6], [])).toEqual([5, 6]);
  // Its lower eight are covered: what is seen is from 8 to 12.
  expect(labelSpot(shape, [5, 6], [box(-2, -4, 12, 8)])).toEqual([5, 10]);
  // Covered in the middle: the longer end.
  expect(labelSpot(shape, [5, 6], [box(-2, 2, 12, 5)])).toEqual([5, 8.5]);
  // What lies beside it covers nothing; covered whole, or missed, it stays.
  expect(labelSpot(shape, [5, 6], [box(6, 0, 12, 12)])).toEqual([5, 6]);
  expect(labelSpot(shape, [5, 6], [box(-1, -1, 11, 13)])).toEqual([5, 6]);
  expect(labelSpot(shape, [50, 6], [])).toEqual([50, 6]);
});
