/** What a pasted text becomes by each way to a lesson list: lines with what they are, faults, and lessons. */
import { count } from '@/core/plan/called';
import { cardGroups, draftsFromCards } from '@/core/formats/cards';
import { lessonsFrom, MOST_LINES, readContents, type ContentsLine } from '@/core/formats/contents';
import { blankDraftPart } from '@/core/formats/blank-draft';
import type { Draft, DraftPart, LineFault } from '@/core/formats/draft';
import { draftsFromGuide, type HowRead } from '@/core/formats/guide/drafts';
import type { GuideBecomes } from '@/core/formats/guide/labels';
import { guideIsFor, type GuideLine, MOST_GUIDE_LINES, readGuide } from '@/core/formats/guide/read';
import { readLessonsCsv } from '@/core/formats/lessons-csv';
import {
  dealtToLessons,
  draftsFromActivities,
  draftsFromQuestions,
  readActivities,
} from '@/core/formats/packs';
import { suppliesText } from '@/core/formats/supplies';
import type { Source } from './source-names';

export interface Row {
  key: string;
  /** Number of the lesson it begins; 0 when it begins none. */
  number: number;
  text: string;
  note: string;
  doubt: string;
  line: number;
  /** What it becomes, where that can be changed. */
  becomes?: string;
  /** How deep it stands under its lesson. */
  depth: number;
  out: boolean;
}

export interface Reading {
  rows: Row[];
  lessons: number;
  message: string;
  faults: LineFault[];
  /** What is to be said once for all lines. */
  asides?: string[];
  contents?: ContentsLine[];
  drafts?: Draft[];
  activities?: DraftPart[];
  places?: number[];
}

export const CONTENTS_BECOMES: Record<ContentsLine['becomes'], string> = {
  lesson: 'a lesson',
  topic: 'a topic of the lesson above',
  nothing: 'left out',
};
export const GUIDE_BECOMES: Record<GuideBecomes, string> = {
  lesson: 'a lesson',
  above: 'a heading above',
  objective: 'its objective',
  idea: 'a big idea',
  pages: 'its pages',
  topic: 'a topic',
  part: 'a part',
  alternative: 'another way to do it',
  doing: 'directions',
  caution: 'a caution',
  remark: 'said of the part',
  supplies: 'supplies',
  preparation: 'to get ready',
  words: 'words',
  recall: 'for recall',
  nothing: 'left out',
};

export const CARD_BECOMES = { lesson: 'begins a lesson', with: 'with the one above' };

export interface How extends HowRead {
  /** What the parent has changed, by line. */
  changes: Record<number, string>;
  pagesOfBook: number | null;
  secondLevel: boolean;
  perLesson: number;
  /** Cards that are about the same come together. */
  alike: boolean;
  /** Activities go on the lessons there are. */
  onLessons: boolean;
  lessonsThere: number;
}

export function readSource(source: Source, text: string, how: How): Reading {
  const most = source === 'contents' ? MOST_LINES : MOST_GUIDE_LINES;
  const long: LineFault[] =
    text.split('\n').length > most
      ? [{ line: most + 1, what: `more than ${most} lines; paste it in pieces` }]
      : [];
  if (!text.trim()) return { rows: [], lessons: 0, message: '', faults: [] };
  switch (source) {
    case 'contents':
      return fromContents(text, how, long);
    case 'guide':
      return fromGuide(text, how, long);
    case 'table': {
      const { drafts, faults, unknown } = readLessonsCsv(text);
      return {
        ...fromDrafts(drafts),
        faults: [...long, ...faults],
        message: `${count(drafts.length, 'lesson')}, ${count(
          drafts.reduce((n, d) => n + d.parts.length, 0),
          'part',
        )}${unknown.length ? `; not used: ${unknown.join(', ')}` : ''}`,
      };
    }
    case 'activities': {
      const { activities, faults } = readActivities(text, how);
      const parts: DraftPart[] = activities.map(({ line: _, ...a }) => a);
      if (!how.onLessons)
        return { ...fromDrafts(draftsFromActivities(parts, how.perLesson)), faults: [...long, ...faults] };
      const places = dealtToLessons(parts.length, how.lessonsThere);
      return {
        lessons: 0,
        faults: [...long, ...faults],
        activities: parts,
        places,
        message: `${count(parts.length, 'activity', 'activities')} on ${count(new Set(places).size, 'lesson')}`,
        rows: parts.map((p, i) => ({
          key: `${i}`,
          number: 0,
          text: p.title,
          note: `on lesson ${places[i] + 1} · ${partNote(p)}`,
          doubt: '',
          line: activities[i].line,
          depth: 0,
          out: false,
        })),
      };
    }
    case 'cards':
      return { ...fromCards(text, how), faults: long };
    case 'questions':
      return { ...fromDrafts(draftsFromQuestions(text)), faults: long };
  }
}

function fromContents(text: string, how: How, faults: LineFault[]): Reading {
  const contents = readContents(text, how.secondLevel ? 1 : 0).map((l): ContentsLine => ({
    ...l,
    becomes: (how.changes[l.line] as ContentsLine['becomes'] | undefined) ?? l.becomes,
  }));
  const lessons = lessonsFrom(contents, how.pagesOfBook);
  let number = 0;
  const rows = contents.map((l): Row => {
    const n = l.becomes === 'lesson' ? ++number : 0;
    return {
      key: `${l.line}`,
      number: n,
      text: l.title,
      note: n && l.page ? pages(lessons[n - 1]) : l.page ? `p. ${l.page}` : '',
      doubt: l.doubt,
      line: l.line,
      becomes: l.becomes,
      depth: l.becomes === 'topic' ? 1 : 0,
      out: l.becomes === 'nothing',
    };
  });
  return {
    rows,
    lessons: lessons.length,
    faults,
    contents,
    message: `${lessons.length} lessons, ${contents.filter((l) => l.becomes === 'topic').length} topics, ${contents.filter((l) => l.becomes === 'nothing').length} left out`,
  };
}

function fromGuide(text: string, how: How, faults: LineFault[]): Reading {
  const lines = readGuide(text, how, how.changes);
  const drafts = draftsFromGuide(lines, how);
  const about = guideIsFor(lines);
  let number = 0;
  const rows = lines.map((l): Row => ({
    key: `${l.line}`,
    number: l.becomes === 'lesson' ? ++number : 0,
    text: l.text,
    note: '',
    doubt: '',
    line: l.line,
    becomes: l.becomes,
    depth: OUTER.includes(l.becomes) ? 0 : l.becomes === 'alternative' ? 2 : 1,
    out: l.becomes === 'nothing' || l.becomes === 'above',
  }));
  return {
    rows,
    lessons: drafts.length,
    faults,
    drafts,
    message: [
      count(drafts.length, 'lesson'),
      count(
        drafts.reduce((n, d) => n + d.parts.length, 0),
        'part',
      ),
      ...(about ? [`the guide says it is for ${about}`] : []),
    ].join(', '),
    asides: asidesOf(lines, drafts.length),
  };
}

/** What is left out of a guide, said once for all its lines. */
function asidesOf(lines: readonly GuideLine[], lessons: number): string[] {
  const above = lines.filter((l) => l.doubt);
  if (!lessons)
    return [
      'No line of it begins a lesson yet. Let each line that does become “a lesson”: what stands below goes with it.',
    ];
  return above.length
    ? [
        `Left out, as ${above.length === 1 ? 'it stands' : 'they stand'} above the first lesson: ${linesText(above)}.`,
      ]
    : [];
}

/** “lines 1 to 4 and 7”. */
function linesText(lines: readonly { line: number }[]): string {
  const runs: { from: number; to: number }[] = [];
  for (const { line } of lines) {
    const last = runs.at(-1);
    if (last && line - last.to <= 2) last.to = line;
    else runs.push({ from: line, to: line });
  }
  const texts = runs.map((r) => (r.to > r.from ? `${r.from} to ${r.to}` : `${r.from}`));
  return `${lines.length === 1 ? 'line' : 'lines'} ${texts.length > 1 ? `${texts.slice(0, -1).join(', ')} and ${texts.at(-1)}` : texts[0]}`;
}

const OUTER: readonly string[] = ['lesson', 'above', 'nothing'];

function fromCards(text: string, how: How): Omit<Reading, 'faults'> {
  const groups = cardGroups(text, how);
  const drafts = draftsFromCards(groups);
  return {
    lessons: drafts.length,
    drafts,
    message: `${count(
      groups.reduce((n, g) => n + g.cards.length, 0),
      'card',
    )} in ${count(drafts.length, 'lesson')}`,
    rows: groups.flatMap((g, n) =>
      g.cards.map((c, i): Row => ({
        key: `${c.line}`,
        number: i ? 0 : n + 1,
        text: c.title,
        note: c.workbook ? `workbook, p. ${c.workbook}` : '',
        doubt: '',
        line: c.line,
        becomes: i ? 'with' : 'lesson',
        depth: i ? 1 : 0,
        out: false,
      })),
    ),
  };
}

function fromDrafts(drafts: Draft[]): Omit<Reading, 'faults'> {
  const rows = drafts.flatMap((d, i): Row[] => [
    {
      key: `${i}`,
      number: i + 1,
      text: d.title,
      note: d.firstPage ? pages(d) : '',
      doubt: '',
      line: 0,
      depth: 0,
      out: false,
    },
    ...d.parts.map((p, n): Row => ({
      key: `${i} ${n}`,
      number: 0,
      text: p.title,
      note: partNote(p),
      doubt: '',
      line: 0,
      depth: 1,
      out: false,
    })),
  ]);
  return { rows, lessons: drafts.length, drafts, message: count(drafts.length, 'lesson') };
}

const partNote = (p: DraftPart): string =>
  [
    p.kind === blankDraftPart.kind ? '' : p.kind.replaceAll('-', ' '),
    p.minutes ? `${p.minutes} min` : '',
    p.waitAfterHours ? `${p.waitLabel} ${p.waitAfterHours} h` : '',
    suppliesText(p.supplies),
  ]
    .filter(Boolean)
    .join(' · ');
const pages = (l: { firstPage: number | null; lastPage: number | null }): string =>
  l.lastPage && l.lastPage !== l.firstPage ? `pp. ${l.firstPage}–${l.lastPage}` : `p. ${l.firstPage}`;
