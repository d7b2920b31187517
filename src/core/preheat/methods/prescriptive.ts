import { PRESCRIBED } from '../../data/hydrogenControl';
import { asks, outside, type PreheatMethod } from './method';

export const PRESCRIPTIVE_METHOD: PreheatMethod = {
  id: 'prescriptive',
  name: 'Table by thickness',
  looksAt: 'A listed grade, the rod’s kind and thickness.',
  source: PRESCRIBED.source,
  judge(_, { thick_mm, listed, lowHydrogen }) {
    if (listed === null) return outside('Only for listed structural steels of known grade.');
    if (!lowHydrogen && listed !== 'A') return outside('This grade is listed with low-hydrogen rods only.');
    const column = !lowHydrogen ? 'A' : listed === 'C' ? 'C' : 'B';
    const row = PRESCRIBED.upTo_mm.findIndex((end) => thick_mm <= end);
    return asks(PRESCRIBED.preheat_C[column][row] ?? 0);
  },
};
