/** The year as it was taught, as Markdown to read and to hand on (CommonMark). */
import { lengthText, longDate, shortDate } from '../calendar/dates';
import { count } from '../plan/called';
import { MET } from '../plan/words';
import type { Checked, ChildsRecord, Portfolio, UnitsPage } from '../record/portfolio';
import { shownInWords } from '../record/shown-in-words';

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
    ...(days ? [daysInWords(days), ''] : []),
    'What has to be kept, and shown to whom, differs from place to place: ask your authority.',
    '',
    ...children.flatMap(ofChild),
    ...units.flatMap(ofUnit),
  ]
    .join('\n')
    .trimEnd()}\n`;
}

const daysInWords = ({ kept, lost, target }: NonNullable<Portfolio['days']>): string =>
  `${count(kept, 'school day')} kept, ${lost.length} lost${target === null ? '' : `; the family’s own target is ${target}`}.`;

/** “mathematics: 18 h, of them 8 h 15 as planned”. */
function hoursInWords({ subject, minutes, planned }: ChildsRecord['hours'][number]): string {
  const asPlanned = planned ? `, of them ${lengthText(Math.round(planned))} as planned` : '';
  return `${plain(subject)}: ${lengthText(Math.round(minutes))}${asPlanned}`;
}

/** “Say why a mordant holds colour: alone, Wed 21 Oct (a talk)”. */
function checkInWords({ wording, grade, since, note }: Checked): string {
  const how = grade === null ? 'not looked at' : `${MET[grade - 1]}, ${shortDate(since!)}`;
  return `${plain(wording)}: ${how}${note ? ` (${plain(note)})` : ''}`;
}

function ofChild({ child, total, hours, read, trips, talks, samples, units }: ChildsRecord): string[] {
  return [
    `## ${plain(child.name)}`,
    '',
    ...part('Hours', [
      ...list(hours.map(hoursInWords)),
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
      part(`What ${plain(child.name)} knows: ${plain(title)}`, list(checks.map(checkInWords))),
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
  const when = back.from ? `, ${shortDate(back.from)} to ${shortDate(back.to!)}` : '';
  return [
    `## ${plain(unit.title)}`,
    '',
    `${back.taught} of ${count(back.lessons, 'lesson')} taught${when}.`,
    '',
    ...list(lessons.map((l) => `${shortDate(l.date)}: ${plain(l.title)} (${plain(l.doings.join(', '))})`)),
    ...part('Read together', list(together.map(plain))),
    ...part('Loved', list(back.loved.map((l) => plain(l.title)))),
  ];
}
