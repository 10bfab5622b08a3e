/** What each command does: text in, text out, and the exit code (0 well, 1 the plan has faults, 2 called wrongly). */
import { getLocalTimeZone, today as dateToday } from '@internationalized/date';
import { shortDate } from '@/core/calendar/dates';
import { readHausplanJson, writeHausplanJson } from '@/core/formats/hausplan-json';
import { writeICalendar } from '@/core/formats/icalendar';
import { breaches } from '@/core/layout/check';
import { reasonInWords, unplacedInWords } from '@/core/layout/reasons';
import { redraw } from '@/core/layout/redraw';
import { verdictInWords, verdictOf } from '@/core/layout/verdict';
import { canonical } from '@/core/plan/canonical';
import { byId, lessonsOf } from '@/core/plan/lookup';
import { isoDate } from '@/core/plan/measures';
import type { Part } from '@/core/plan/lesson';
import type { Plan } from '@/core/plan/plan';
import { currentRevision } from '@/data/door';
import { importText } from '@/data/import';
import { open } from '@/data/open';

export interface Options {
  read: () => string;
  today?: string;
  fresh: boolean;
  json: boolean;
  ics: boolean;
  db?: string;
  migrations: string;
}

export interface Result {
  out: string;
  err: string;
  code: 0 | 1 | 2;
}

const wrong = (err: string): Result => ({ out: '', err: `hausplan: ${err}\n`, code: 2 });

export function run(command: string, options: Options): Result {
  const commands: Record<string, (text: string) => Result> = {
    layout: (text) => withPlan(text, (plan) => layout(plan, options)),
    check: (text) => withPlan(text, check),
    export: (text) => (options.ics ? withPlan(text, (plan) => ({ out: writeICalendar(plan, stamp()), err: '', code: 0 })) : wrong('say what to export to: --ics')),
    import: (text) => (options.db ? importInto(options.db, text, options.migrations) : wrong('name the store: --db FILE')),
  };
  const chosen = commands[command];
  if (!chosen) return wrong(`there is no command “${command}”; try hausplan --help`);
  if (options.today && !isoDate.safeParse(options.today).success) return wrong(`--today ${options.today}: a date is written YYYY-MM-DD`);
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
  return { out: '', err: reading.faults.map((f) => `${f.where ? `${f.where}: ` : ''}${f.what}\n`).join(''), code: 1 };
}

function layout(plan: Plan, { today, fresh, json }: Options): Result {
  const now = today ?? dateToday(getLocalTimeZone()).toString();
  const { plan: drawn, layout: made } = redraw(plan, { today: now, fresh: fresh ? 'all' : [] });
  if (!made) return { out: '', err: 'The plan has no family or no school year to lay out on.\n', code: 1 };
  if (json) return { out: writeHausplanJson(canonical(drawn)), err: '', code: 0 };
  const names = new Map([...plan.children.map((c): [string, string] => [c.id, c.name]), ...drawn.parts.map((p): [string, string] => [p.id, p.title])]);
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
    return s ? `    ${shortDate(s.date).padEnd(10)} ${s.window.padEnd(9)} ${s.state.padEnd(6)} ${part.title}. ${reasonInWords(s.reason, nameOf)}` : `    no place: ${part.title}. ${unplacedInWords(unplaced.get(part.id)!, nameOf)}`;
  }
}

function check(plan: Plan): Result {
  const found = breaches(plan);
  if (!found.length) return { out: `The plan holds: ${plan.units.length} units, ${plan.lessons.length} lessons, ${plan.sittings.length} of ${plan.parts.length} parts on days.\n`, err: '', code: 0 };
  return { out: '', err: found.map((b) => `${b.kind}: ${b.says}\n`).join(''), code: 1 };
}

function importInto(path: string, text: string, migrations: string): Result {
  const db = open(path, migrations);
  try {
    const outcome = importText(db, currentRevision(db), text);
    if ('faults' in outcome) return { out: '', err: outcome.faults.map((f) => `${f.where}: ${f.what}\n`).join(''), code: 1 };
    return { out: `Imported as revision ${outcome.revision}.\n`, err: '', code: 0 };
  } finally {
    db.close();
  }
}

const stamp = (): string => new Date().toISOString().replace(/[-:]|\.\d{3}/g, '');
