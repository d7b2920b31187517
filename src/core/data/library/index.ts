import type { FamilyId } from '../families';
import { ADDED_METALS } from './addedMetals';
import { ALLOY_STEELS } from './alloySteels';
import { CARBON_STEELS } from './carbonSteels';
import { CAST_IRONS } from './castIrons';
import { COPPERS } from './coppers';
import { LIGHT_METALS } from './lightMetals';
import { NICKEL_AND_SOFT } from './nickelAndSoft';
import { STAINLESS } from './stainless';
import type { LibraryRow } from './row';

export type { Cell, Chemistry, LibraryRow, Span } from './row';

/** Properties by family. Figures are recalled from handbooks; spans are wide enough for the grades inside a family. */
export const LIBRARY = {
  ...CARBON_STEELS,
  ...ALLOY_STEELS,
  ...CAST_IRONS,
  ...STAINLESS,
  ...LIGHT_METALS,
  ...COPPERS,
  ...NICKEL_AND_SOFT,
  ...ADDED_METALS,
} as const satisfies Record<FamilyId, LibraryRow>;

/** The library's row of a family, typed as the general shape. */
export const libraryRow = (id: FamilyId): LibraryRow => LIBRARY[id];
