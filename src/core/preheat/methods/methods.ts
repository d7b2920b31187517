import { CET_METHOD } from './cet';
import { CRACKING_PARAMETER_METHOD } from './crackingParameter';
import { HYDROGEN_CONTROL_METHOD } from './hydrogenControl';
import type { MethodId } from '../../data/heatIds';
import type { PreheatMethod } from './method';
import { PRESCRIPTIVE_METHOD } from './prescriptive';
import { SQUARE_ROOT_METHOD } from './squareRoot';

/** Every way of reckoning a preheat. A further one is a file beside this and a line here. */
export const PREHEAT_METHODS: Readonly<Record<MethodId, PreheatMethod>> = {
  cet: CET_METHOD,
  'cracking-parameter': CRACKING_PARAMETER_METHOD,
  'hydrogen-control': HYDROGEN_CONTROL_METHOD,
  'square-root': SQUARE_ROOT_METHOD,
  prescriptive: PRESCRIPTIVE_METHOD,
};
