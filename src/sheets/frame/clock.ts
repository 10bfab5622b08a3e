/** What day it is: the calendar date here, or the one `HAUSPLAN_TODAY` names, so that the demo does not age. */
import { getLocalTimeZone, today as dateToday } from '@internationalized/date';
import { isoDate, type IsoDate } from '@/core/plan/measures';

export function today(): IsoDate {
  const named = process.env.HAUSPLAN_TODAY;
  return named ? isoDate.parse(named) : dateToday(getLocalTimeZone()).toString();
}
