import type { FamilyId } from '@core/data/families';
import type { Span } from '@core/data/library';
import { metalFamily } from '@core/data/metals';
import { trimmed } from '@core/units/format';

/** A span as it is printed: "7.83 to 7.88", or one figure where both ends are alike. */
export const spanInWords = ({ low, high }: Span, digits: number): string =>
  low === high ? trimmed(low, digits) : `${trimmed(low, digits)} to ${trimmed(high, digits)}`;

/** Whether a metal may be arc welded, in a word or two. */
export function weldsInWords(id: FamilyId): string {
  switch (metalFamily(id).arc) {
    case 'yes':
      return 'stick welds it';
    case 'last-resort':
      return 'last resort';
    case 'no-rod':
      return 'no stick rod';
    case 'never':
      return 'never by arc';
  }
}
