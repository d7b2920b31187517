import { ROD_SIZES } from '../data/rodSizes';
import { buyingWeight_kg } from '../rods/weight';
import type { TruckList } from './truck';

/** Columns of the table of what jobs take. */
export const MATERIAL_COLUMNS = ['what', 'amount', 'unit', 'on_hand', 'to_buy', 'to_buy_kg', 'for'] as const;

/** What jobs take, row by row: rods with what is there and what is short, then machine, gas and the rest. */
export const materialRows = ({ rods, things }: Pick<TruckList, 'rods' | 'things'>): (string | number)[][] => [
  ...rods.map(({ rodClass, size, needed, onHand, short, jobs }) => [
    `${rodClass} ${ROD_SIZES[size].inches}`,
    needed,
    'rods',
    onHand ?? '',
    short,
    short > 0 ? buyingWeight_kg(rodClass, size, short).toFixed(2) : '',
    jobs.join('; '),
  ]),
  ...things.map(({ name, jobs }) => [name, '', '', '', '', '', jobs.join('; ')]),
];
