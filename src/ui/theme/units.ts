import { createContext, useContext } from 'react';
import type { UnitSystem } from '@core/units/kinds';

const UnitsContext = createContext<UnitSystem>('metric');

/** What the welder reads in; the app says it once, for all that is written in it. */
export const Units = UnitsContext.Provider;

export const useUnits = (): UnitSystem => useContext(UnitsContext);
