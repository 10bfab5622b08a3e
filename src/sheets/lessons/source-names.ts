/** The ways to a lesson list, by name. */
export const SOURCES = [
  {
    value: 'contents',
    name: 'a contents page',
    label: 'Contents',
    help: 'One line for each; page numbers and numbering may stay. Indented lines become topics.',
  },
  {
    value: 'guide',
    name: 'a guide',
    label: 'The guide',
    help: 'As it is printed: headings of any kind, “choose one”, “or”, ages, cautions, what is needed. A line that is read wrongly can be changed on the right.',
  },
  {
    value: 'table',
    name: 'a table (CSV)',
    label: 'The table',
    help: 'Columns lesson, objective, pages, part, kind, minutes, you, window, wait, supplies, doing, optional. A row a part.',
  },
  {
    value: 'activities',
    name: 'a pack of activities',
    label: 'The activities',
    help: 'One to a line: Felt balls, 35 min; wool 20 g; dries overnight.',
  },
  {
    value: 'cards',
    name: 'a set of cards',
    label: 'The cards',
    help: 'Their names, one to a line, or only how many there are. A gap begins a group, a line with a colon names one; “workbook p. 12” behind a name is work.',
  },
  {
    value: 'questions',
    name: 'a list of questions',
    label: 'The questions',
    help: 'One to a line. Each becomes a lesson, and stays open until it is answered.',
  },
] as const;
export type Source = (typeof SOURCES)[number]['value'];
