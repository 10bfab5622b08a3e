/** The year as it was taught, as Markdown to read and to hand on (CommonMark). */
import { lengthText, longDate, shortDate } from '../calendar/dates';
import { count } from '../plan/called';
import { MET } from '../plan/words';
import { shownInWords, type ChildsRecord, type Portfolio, type UnitsPage } from '../record/portfolio';

/** What would be read as markup stands as it was typed: a line stays one line. */
export const plain = (text: string): string =>
  text
    .replace(/\s*\n\s*/g, ' ')
    .replace(/[\\`*_{}[\]<>#|~]/g, '\\$&')
    .replace(/^(\s*)([-+]|\d+[.)])(\s)/, '$1\\$2$3');

const year = (date: string): string => `${longDate(date)} ${date.slice(0, 4)}`;
const list = (lines: readonly string[]): string[] =>
  lines.length ? [...lines.map((l) => `- ${l}`), ''] : [];
const part = (title: string, lines: readonly string[]): string[] =>
  lines.length ? [`### ${title}`, '', ...lines] : [];

export function writeRecordMarkdown(
  family: string,
  { first, last, days, children, units }: Portfolio,
): string {
  return `${[
    `# ${plain(family || 'The record')}`,
    '',
    `${year(first)} to ${year(last)}.`,
    '',
    ...(days
      ? [
          `${count(days.kept, 'school day')} kept, ${days.lost.length} lost${days.target === null ? '' : `; the family’s own target is ${days.target}`}.`,
          '',
        ]
      : []),
    'What has to be kept, and shown to whom, differs from place to place: ask your authority.',
    '',
    ...children.flatMap(ofChild),
    ...units.flatMap(ofUnit),
  ]
    .join('\n')
    .trimEnd()}\n`;
}

function ofChild({ child, total, hours, read, trips, talks, samples, units }: ChildsRecord): string[] {
  return [
    `## ${plain(child.name)}`,
    '',
    ...part('Hours', [
      ...list(
        hours.map(
          (h) =>
            `${plain(h.subject)}: ${lengthText(Math.round(h.minutes))}${h.planned ? `, of them ${lengthText(Math.round(h.planned))} as planned` : ''}`,
        ),
      ),
      ...(hours.length ? [`In all, each minute once: ${lengthText(Math.round(total))}.`, ''] : []),
    ]),
    ...part(
      'Read alone',
      list(
        read.map(
          (b) =>
            `${plain(b.title)}: ${count(b.pages, 'page')}, ${shortDate(b.first)} to ${shortDate(b.last)}`,
        ),
      ),
    ),
    ...units.flatMap(({ title, checks }) =>
      part(
        `What ${plain(child.name)} knows: ${plain(title)}`,
        list(
          checks.map(
            (c) =>
              `${plain(c.wording)}: ${c.grade === null ? 'not looked at' : `${MET[c.grade - 1]}, ${shortDate(c.since!)}`}${c.note ? ` (${plain(c.note)})` : ''}`,
          ),
        ),
      ),
    ),
    ...part('Trips', list(trips.map((t) => plain(shownInWords(t))))),
    ...part('Talks', list(talks.map((t) => plain(shownInWords(t))))),
    ...part(
      'Work kept',
      list(
        samples.map(
          (s) =>
            `${shortDate(s.date)}: ${plain([s.about.title, s.note].filter(Boolean).join(', ') || 'a file')}`,
        ),
      ),
    ),
  ];
}

function ofUnit({ unit, back, lessons, together }: UnitsPage): string[] {
  return [
    `## ${plain(unit.title)}`,
    '',
    `${back.taught} of ${count(back.lessons, 'lesson')} taught${back.from ? `, ${shortDate(back.from)} to ${shortDate(back.to!)}` : ''}.`,
    '',
    ...list(lessons.map((l) => `${shortDate(l.date)}: ${plain(l.title)} (${plain(l.doings.join(', '))})`)),
    ...part('Read together', list(together.map(plain))),
    ...part('Loved', list(back.loved.map((l) => plain(l.title)))),
  ];
}
