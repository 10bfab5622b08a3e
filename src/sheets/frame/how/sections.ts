/** Which section of docs/method.md says how a figure is worked out. */
export const SECTIONS = {
  calendar: 'calendar',
  pacing: 'pacing',
  layout: 'lay-out',
  day: 'a-day-s-times',
  record: 'the-record',
  hours: 'the-record',
  forecast: 'the-forecast',
  reading: 'reading',
  handwriting: 'handwriting',
  rungs: 'age-grade-rungs',
  work: 'other-kinds-of-work',
  shelf: 'whom-a-book-suits-and-where',
  cautions: 'cautions',
} as const;
export type Section = keyof typeof SECTIONS;
