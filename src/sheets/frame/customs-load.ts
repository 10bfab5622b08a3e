import { customsOf, type Customs } from '@/core/calendar/customs';
import { readDrawn } from '@/data/door';
import { store } from '@/data/open';

/** The customs of the family, as its plan says; those of nobody in particular while the store cannot be read. */
export function customsNow(): Customs {
  try {
    return customsOf(readDrawn(store()).plan);
  } catch {
    return customsOf({ family: null, year: null });
  }
}
