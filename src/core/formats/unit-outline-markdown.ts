/** An outline of a unit as Markdown to read: what is done, with what, out of which books, and with what care. */
import { pagesText } from '../books/reading';
import { kindName } from '../plan/part-kinds';
import { count } from '../plan/called';
import { soMuchText } from '../prep/amount';
import { plain } from './record-markdown';
import type { OutlinePart, UnitOutline } from './unit-outline';

export function writeOutlineMarkdown(outline: UnitOutline): string {
  const books = new Map(outline.books.map((b) => [b.id, b]));
  return `${[
    `# ${plain(outline.title)}`,
    '',
    ...(outline.goals ? [plain(outline.goals), ''] : []),
    ...outline.bigIdeas.map((i) => `- ${plain(i)}`),
    ...(outline.bigIdeas.length ? [''] : []),
    ...section(
      'Objectives',
      outline.objectives.map((o) => plain([o.code, o.wording].filter(Boolean).join(' '))),
    ),
    ...section(
      'Words',
      outline.vocabulary.map((v) => plain([v.word, v.meaning].filter(Boolean).join(': '))),
    ),
    ...section(
      'Books',
      outline.books.map((b) => plain([b.title, b.authors, b.year ?? '', b.label].filter(Boolean).join(', '))),
    ),
    ...outline.lessons.flatMap((l, i) => [
      `## ${i + 1}. ${plain(l.title)}`,
      '',
      ...(l.objective ? [plain(l.objective), ''] : []),
      ...l.topics.map((t) => `- ${plain(t.title)}`),
      ...(l.topics.length ? [''] : []),
      ...l.books.flatMap((b) => {
        const book = books.get(b.bookId);
        return book ? [`Read: ${plain(book.title)}${pagesText(b)}`, ''] : [];
      }),
      ...l.parts.flatMap(partLines),
      ...(l.recall.length
        ? ['Asked next time:', '', ...l.recall.map((r) => `- ${plain(r.easy || r.hard)}`), '']
        : []),
    ]),
    ...(outline.parts.length ? ['## Of the unit itself', '', ...outline.parts.flatMap(partLines)] : []),
    ...section(
      'Comes back by itself',
      outline.rules.map((r) => `${plain(r.title)}, ${r.minutes} min each time`),
    ),
    ...section('Open questions', outline.questions.map(plain)),
    ...section('Notes', outline.notes.map(plain)),
  ]
    .join('\n')
    .trimEnd()}\n`;
}

const section = (title: string, lines: readonly string[]): string[] =>
  lines.length ? [`## ${title}`, '', ...lines.map((l) => `- ${l}`), ''] : [];

function partLines(p: OutlinePart): string[] {
  const supplies = p.supplies.map((s) =>
    [s.name, soMuchText(s, s.unit), s.each ? 'for each child' : ''].filter(Boolean).join(' '),
  );
  return [
    `- **${plain(p.title)}** (${plain(kindName(p.kind))}${p.minutes ? `, ${count(p.minutes, 'minute')}` : ''}${p.outdoors ? ', outdoors' : ''})`,
    ...(p.directions ? [`  ${plain(p.directions)}`] : []),
    ...(supplies.length ? [`  Needs: ${plain(supplies.join(', '))}.`] : []),
    ...p.preparations.map((x) => `  Before: ${plain(x.what)}.`),
    ...p.cautions.map((c) => `  **With care:** ${plain(c)}`),
    '',
  ];
}
