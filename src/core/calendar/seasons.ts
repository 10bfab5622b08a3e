/** Seasons by calendar month (meteorological: spring is March to May in the north, September to November in the south). */
import type { IsoDate } from '../plan/measures';
import type { Season } from '../plan/unit';

/** Countries that lie south of the equator, wholly or for the most part, by ISO 3166 code. */
const SOUTH = new Set([
  'AO',
  'AR',
  'AU',
  'BI',
  'BO',
  'BR',
  'BW',
  'CD',
  'CL',
  'EC',
  'FJ',
  'KM',
  'LS',
  'MG',
  'MU',
  'MW',
  'MZ',
  'NA',
  'NZ',
  'PE',
  'PG',
  'PY',
  'RE',
  'RW',
  'SB',
  'SC',
  'SZ',
  'TL',
  'TO',
  'TZ',
  'UY',
  'VU',
  'WS',
  'ZA',
  'ZM',
  'ZW',
]);

export function seasonOf(date: IsoDate, country = ''): Season {
  const month = Number(date.slice(5, 7));
  const north: Season =
    month >= 3 && month <= 5
      ? 'spring'
      : month >= 6 && month <= 8
        ? 'summer'
        : month >= 9 && month <= 11
          ? 'autumn'
          : 'winter';
  const turned: Record<Season, Season> = {
    spring: 'autumn',
    summer: 'winter',
    autumn: 'spring',
    winter: 'summer',
  };
  return SOUTH.has(country.toUpperCase()) ? turned[north] : north;
}
