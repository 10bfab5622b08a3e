/** Lessons as a table: a row a part; rows without a lesson of their own belong to the lesson above. Read and written alike. */
import { PART_KINDS, WINDOWS, WORKED_OUT_KINDS } from '../plan/words';
import type { Lesson, Part, PartKind } from '../plan/lesson';
import { partsByLesson } from '../plan/lookup';
import type { Plan } from '../plan/plan';
import { kindFrom } from './kind-words';
import { minutesFrom, waitFrom } from './times-in-text';
import { readCsv, writeCsv } from './csv';
import { blankDraft, blankDraftPart } from './blank-draft';
import type { Draft, DraftPart, LineFault } from './draft';
import { readSupplies, suppliesText } from './supplies';

const COLUMNS = {
  lesson: ['lesson', 'lesson title', 'title', 'chapter'],
  objective: ['objective', 'goal', 'aim'],
  pages: ['pages', 'page', 'pp', 'reading'],
  part: ['part', 'activity', 'what', 'what to do', 'task'],
  kind: ['kind', 'type'],
  minutes: ['minutes', 'min', 'time', 'length', 'duration'],
  you: ['you', 'lead', 'parent'],
  window: ['window', 'when'],
  wait: ['wait', 'then'],
  supplies: ['supplies', 'materials', 'needs'],
  doing: ['doing', 'directions', 'notes', 'description'],
  optional: ['optional'],
} as const;
type Column = keyof typeof COLUMNS;

const LEADS: Readonly<Record<string, Part['lead']>> = {
  lead: 'leads',
  leads: 'leads',
  'you lead': 'leads',
  yes: 'leads',
  near: 'near',
  'are near': 'near',
  'be near': 'near',
  no: 'not-needed',
  none: 'not-needed',
  'not needed': 'not-needed',
  'not-needed': 'not-needed',
  alone: 'not-needed',
};

/** Reads a table of lessons; each bad cell is named with its row, and the rows that are well can still be seen. */
export function readLessonsCsv(text: string): { drafts: Draft[]; faults: LineFault[]; unknown: string[] } {
  const { rows, faults, unknown } = readCsv<Column>(text, COLUMNS);
  const drafts: Draft[] = [];
  const say = (line: number, what: string): void => {
    faults.push({ line, what });
  };
  for (const { line, cells } of rows) {
    if (cells.lesson && cells.lesson !== drafts.at(-1)?.title) {
      const pages = pagesFrom(cells.pages);
      if (pages === undefined) say(line, `“${cells.pages}” are no pages; write 31-38`);
      if (cells.lesson.length > 200) say(line, 'the lesson’s title is longer than 200 characters');
      drafts.push({
        ...blankDraft,
        title: cells.lesson.slice(0, 200),
        objective: cells.objective.slice(0, 500),
        firstPage: pages?.[0] ?? null,
        lastPage: pages?.[1] ?? null,
        optional: /^(yes|y|x|true|optional|1)$/i.test(cells.optional),
        parts: [],
      });
    }
    const draft = drafts.at(-1);
    if (!draft) say(line, 'no lesson is named in this row or above it');
    else if (cells.part) {
      const part = partFrom(cells, (what) => say(line, what));
      if (part) draft.parts = [...draft.parts, part];
    } else if (cells.minutes || cells.supplies) say(line, 'minutes or supplies without a part to belong to');
  }
  return { drafts, faults: faults.sort((a, b) => a.line - b.line), unknown };
}

function partFrom(cells: Record<Column, string>, say: (what: string) => void): DraftPart | undefined {
  const kind = cells.kind
    ? PART_KINDS.find((k) => k === cells.kind.toLowerCase().replaceAll(' ', '-'))
    : kindFrom(cells.part);
  if (!kind) say(`“${cells.kind}” is no kind of part; the kinds are ${PART_KINDS.join(', ')}`);
  const minutes =
    cells.minutes === ''
      ? isWorkedOut(kind)
        ? null
        : 30
      : /^\d{1,4}$/.test(cells.minutes)
        ? Number(cells.minutes)
        : minutesFrom(cells.minutes).minutes;
  if (cells.minutes && (minutes === null || minutes < 1 || minutes > 720))
    say(`“${cells.minutes}” is no length; write minutes from 1 to 720`);
  const lead = cells.you ? LEADS[cells.you.toLowerCase()] : 'leads';
  if (!lead) say(`“${cells.you}” under you: write lead, near or not needed`);
  const window = cells.window ? WINDOWS.find((w) => w === cells.window.toLowerCase()) : null;
  if (window === undefined) say(`“${cells.window}” is no window; write morning, midday or afternoon`);
  const wait = cells.wait ? waitFrom(cells.wait) : undefined;
  if (cells.wait && !wait) say(`“${cells.wait}” is no wait; write dries 48 h, or stands overnight`);
  if (cells.part.length > 200) say('the part’s name is longer than 200 characters');
  if (!kind || !lead || window === undefined || (cells.wait && !wait)) return undefined;
  return {
    ...blankDraftPart,
    title: cells.part.slice(0, 200),
    kind,
    minutes,
    lead,
    window,
    directions: cells.doing.slice(0, 20_000),
    supplies: cells.supplies ? readSupplies(cells.supplies) : [],
    waitAfterHours: wait?.hours ?? 0,
    waitLabel: wait?.label ?? '',
  };
}

const isWorkedOut = (kind: PartKind | undefined): boolean =>
  kind !== undefined && WORKED_OUT_KINDS.includes(kind);

/** Pages as `31`, `31-38` or `pp. 31–38`; null for none, undefined when they are no pages. */
function pagesFrom(text: string): [number, number] | null | undefined {
  if (!text) return null;
  const m = /^(?:pp?\.?\s*)?(\d{1,4})(?:\s*[–-]\s*(\d{1,4}))?$/iu.exec(text);
  if (!m || Number(m[1]) === 0 || (m[2] && Number(m[2]) < Number(m[1]))) return undefined;
  return [Number(m[1]), Number(m[2] ?? m[1])];
}

/** Writes the lessons of a unit; parts that a rule brings back are left out, since the rule brings them again. */
export function writeLessonsCsv(plan: Plan, unitId: string): string {
  const parts = partsByLesson(plan.parts.filter((p) => p.ruleId === null));
  const rows = plan.lessons
    .filter((l) => l.unitId === unitId)
    .flatMap((l) => {
      const own = parts.get(l.id) ?? [];
      return own.length ? own.map((p) => rowOf(l, p)) : [rowOf(l)];
    });
  return writeCsv(Object.keys(COLUMNS), rows);
}

function rowOf(l: Lesson, p?: Part): string[] {
  const pages =
    l.firstPage === null
      ? ''
      : l.lastPage && l.lastPage !== l.firstPage
        ? `${l.firstPage}-${l.lastPage}`
        : String(l.firstPage);
  const wait = p?.waitAfterHours ? `${p.waitLabel || 'stands'} ${p.waitAfterHours} h` : '';
  return [
    l.title,
    l.objective,
    pages,
    p?.title ?? '',
    p?.kind ?? '',
    p?.minutes?.toString() ?? '',
    p ? { leads: 'lead', near: 'near', 'not-needed': 'not needed' }[p.lead] : '',
    p?.window ?? '',
    wait,
    p ? suppliesText(p.supplies) : '',
    p?.directions ?? '',
    l.optional ? 'yes' : '',
  ];
}
