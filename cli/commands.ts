/** What each command does: text in, text out, and the exit code (0 well, 1 the plan has faults, 2 called wrongly). */
import { getLocalTimeZone, today as dateToday } from '@internationalized/date';
import { shortDate } from '@/core/calendar/dates';
import { readHausplanJson, writeHausplanJson } from '@/core/formats/hausplan-json';
import { writeICalendar } from '@/core/formats/icalendar';
import { breaches, brokenIn, withoutPlace } from '@/core/layout/check';
import { reasonInWords, unplacedInWords } from '@/core/layout/reasons';
import { redraw } from '@/core/layout/redraw';
import { verdictInWords, verdictOf } from '@/core/layout/verdict';
import { canonical } from '@/core/plan/canonical';
import { byId, lessonsOf } from '@/core/plan/lookup';
import { isoDate } from '@/core/plan/measures';
import type { Part } from '@/core/plan/lesson';
import type { Plan } from '@/core/plan/plan';
import { currentRevision } from '@/data/revisions';
import { importText } from '@/data/import';
import { copiesFolder, writeCopy } from '@/data/copies';
import { faultFrom } from '@/data/fault';
import { open, storePath } from '@/data/open';
import { lookAtCopy, restore, type Holding } from '@/data/restore';
import { count } from '@/core/plan/called';
import { existsSync, statSync } from 'node:fs';
import { join } from 'node:path';

export interface Options {
  read: () => string;
  today?: string;
  fresh: boolean;
  json: boolean;
  ics: boolean;
  db?: string;
  /** The file named after the command. */
  file?: string;
  /** Go ahead with a restore; without it only says what it would replace. */
  yes?: boolean;
  migrations: string;
}

export interface Result {
  out: string;
  err: string;
  code: 0 | 1 | 2;
}

const wrong = (err: string): Result => ({ out: '', err: `hausplan: ${err}\n`, code: 2 });

/** Runs a command; what is wrong with a store is one sentence, never a stack. */
export async function run(command: string, options: Options): Promise<Result> {
  try {
    return await runCommand(command, options);
  } catch (e) {
    const fault = faultFrom(e, options.db ?? options.file ?? '');
    if (fault) return { out: '', err: `${fault.message}\n`, code: 1 };
    throw e;
  }
}

async function runCommand(command: string, options: Options): Promise<Result> {
  if (command === 'save') return save(options);
  if (command === 'restore') return putBack(options);
  const commands: Record<string, (text: string) => Result> = {
    layout: (text) => withPlan(text, (plan) => layout(plan, options)),
    check: (text) => withPlan(text, check),
    export: (text) =>
      options.ics
        ? withPlan(text, (plan) => ({ out: writeICalendar(plan, stamp()), err: '', code: 0 }))
        : wrong('say what to export to: --ics'),
    import: (text) =>
      options.db ? importInto(options.db, text, options) : wrong('name the store: --db FILE'),
  };
  const chosen = commands[command];
  if (!chosen) return wrong(`there is no command “${command}”; try hausplan --help`);
  if (options.today && !isoDate.safeParse(options.today).success)
    return wrong(`--today ${options.today}: a date is written YYYY-MM-DD`);
  let text: string;
  try {
    text = options.read();
  } catch (e) {
    return wrong((e as Error).message);
  }
  return chosen(text);
}

function withPlan(text: string, command: (plan: Plan) => Result): Result {
  const reading = readHausplanJson(text);
  if ('plan' in reading) return command(canonical(reading.plan));
  return {
    out: '',
    err: reading.faults.map((f) => `${f.where ? `${f.where}: ` : ''}${f.what}\n`).join(''),
    code: 1,
  };
}

function layout(plan: Plan, { today, fresh, json }: Options): Result {
  const now = today ?? dateToday(getLocalTimeZone()).toString();
  const { plan: drawn, layout: made } = redraw(plan, { today: now, fresh: fresh ? 'all' : [] });
  if (!made) return { out: '', err: 'The plan has no family or no school year to lay out on.\n', code: 1 };
  if (json) return { out: writeHausplanJson(canonical(drawn)), err: '', code: 0 };
  const names = new Map([
    ...plan.children.map((c): [string, string] => [c.id, c.name]),
    ...drawn.parts.map((p): [string, string] => [p.id, p.title]),
  ]);
  const nameOf = (id: string): string => names.get(id) ?? id;
  const sittings = new Map(drawn.sittings.map((s) => [s.partId, s]));
  const unplaced = byId(made.unplaced.map((u) => ({ id: u.partId, ...u })));
  const lines: string[] = [];
  for (const unit of plan.units) {
    if (unit.waiting) {
      lines.push(unit.title, '  waits for its place in the year');
      continue;
    }
    const verdict = verdictOf(drawn, unit.id, now);
    lines.push(unit.title, verdict ? `  ${verdictInWords(verdict)}` : '');
    for (const lesson of lessonsOf(plan, unit.id)) {
      lines.push(`  ${lesson.number} ${lesson.title}`);
      for (const part of drawn.parts.filter((p) => p.lessonId === lesson.id)) lines.push(lineOf(part));
    }
    const loose = drawn.parts.filter((p) => p.lessonId === null && p.unitId === unit.id);
    if (loose.length) lines.push('  of the unit', ...loose.map(lineOf));
  }
  const ofFamily = drawn.parts.filter((p) => p.lessonId === null && p.unitId === null);
  if (ofFamily.length) lines.push('Of the family', ...ofFamily.map(lineOf));
  return { out: `${lines.join('\n')}\n`, err: '', code: made.unplaced.length ? 1 : 0 };

  function lineOf(part: Part): string {
    const s = sittings.get(part.id);
    if (s)
      return `    ${shortDate(s.date).padEnd(10)} ${s.window.padEnd(9)} ${s.state.padEnd(6)} ${part.title}. ${reasonInWords(s.reason, nameOf)}`;
    const lack = unplaced.get(part.id);
    return lack
      ? `    no place: ${part.title}. ${unplacedInWords(lack, nameOf)}`
      : `    left over: ${part.title}`;
  }
}

function check(plan: Plan): Result {
  const found = [
    ...breaches(plan),
    ...withoutPlace(plan).map(({ message }) => ({ kind: 'no-day', message })),
  ];
  if (!found.length)
    return {
      out: `The plan holds: ${plan.units.length} units, ${plan.lessons.length} lessons, ${plan.sittings.length} of ${plan.parts.length} parts on days.\n`,
      err: '',
      code: 0,
    };
  return { out: '', err: found.map((b) => `${b.kind}: ${b.message}\n`).join(''), code: 1 };
}

/** Brings a plan in; one that breaks what a lay-out promises only once that has been said. */
function importInto(path: string, text: string, { migrations, yes }: Options): Result {
  const read = readHausplanJson(text);
  const broken = 'plan' in read && !yes ? brokenIn(read.plan) : [];
  if (broken.length)
    return {
      out: '',
      err: [
        ...broken,
        `Nothing was stored: its days break what a lay-out promises, ${count(broken.length, 'time')}.`,
        'Add --yes to bring the plan in as it is.\n',
      ].join('\n'),
      code: 1,
    };
  const db = open(path, migrations);
  try {
    const outcome = importText(db, currentRevision(db), text);
    if ('faults' in outcome)
      return { out: '', err: outcome.faults.map((f) => `${f.where}: ${f.what}\n`).join(''), code: 1 };
    return { out: `Imported as revision ${outcome.revision}.\n`, err: '', code: 0 };
  } finally {
    db.close();
  }
}

const stamp = (): string => new Date().toISOString().replace(/[-:]|\.\d{3}/g, '');

/** The store meant: the one named, else the parent's own. */
const storeOf = ({ db }: Options): string => db ?? storePath();

/** Writes a copy of a store to a file, also while Hausplan runs. A file that is there is not written over. */
function save(options: Options): Result {
  const { file } = options;
  if (!file) return wrong('name the file to save to: hausplan save FILE');
  const path = storeOf(options);
  if (!existsSync(path)) return { out: '', err: `There is no store at ${path}.\n`, code: 1 };
  if (existsSync(file)) return { out: '', err: `${file} is there already; name another file.\n`, code: 1 };
  const db = open(path, options.migrations);
  try {
    writeCopy(db, file);
    return { out: `Saved ${path} to ${file}, ${statSync(file).size} bytes.\n`, err: '', code: 0 };
  } finally {
    db.close();
  }
}

/** Puts a file in the place of a store, also while Hausplan runs; first shows what it would replace. */
async function putBack(options: Options): Promise<Result> {
  const { file } = options;
  if (!file) return wrong('name the file to put back: hausplan restore FILE');
  const path = storeOf(options);
  const copy = lookAtCopy(file);
  const lines = [`${file} holds ${holds(copy)}.`];
  if (existsSync(path)) {
    const now = whatIsHere(path);
    lines.push(
      `It would take the place of ${path}, which ${now ? `holds ${holds(now)}` : 'cannot be opened'}.`,
    );
  }
  if (!options.yes)
    return { out: `${lines.join('\n')}\nNothing was changed. Add --yes to do it.\n`, err: '', code: 0 };
  const { kept } = await restore(path, file, options.migrations);
  return {
    out: `Put back ${file}.${kept ? ` What was there is kept as ${join(copiesFolder(path), kept)}.` : ''}\n`,
    err: '',
    code: 0,
  };
}

function whatIsHere(path: string): Holding | undefined {
  try {
    return lookAtCopy(path);
  } catch {
    return undefined;
  }
}

const holds = (h: Holding): string =>
  [
    h.family ? `“${h.family}”` : 'no family yet',
    count(h.children, 'child', 'children'),
    count(h.units, 'unit'),
    count(h.lessons, 'lesson'),
    count(h.done, 'tick'),
    ...(h.closedYears ? [count(h.closedYears, 'closed year')] : []),
    ...(h.changed ? [`last changed ${h.changed.slice(0, 16).replace('T', ' ')}`] : []),
  ].join(', ');
