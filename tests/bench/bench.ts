/**
 * `npm run bench`: how long things take here, and as ratios within this run; never a test. Needs the build for the
 * second half, which serves the generated family and asks for each sheet.
 */
import { duplicates } from '@/core/books/duplicates';
import { indexOf, search } from '@/core/books/search';
import { choose } from '@/core/choose/choose';
import { highsSolver } from '@/core/solver/highs';
import { greedy, worth } from '@/core/choose/problem';
import { addContents } from '@/core/edit/units';
import { readContents } from '@/core/formats/contents';
import { blankBook } from '@/core/plan/blank';
import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { readHausplanJson, writeHausplanJson } from '@/core/formats/hausplan-json';
import { assignments } from '@/core/ladder/assign';
import { layoutInput } from '@/core/layout/input';
import { layOut } from '@/core/layout/lay-out';
import { redraw } from '@/core/layout/redraw';
import { canonical } from '@/core/plan/canonical';
import { perform } from '@/core/edit/edit';
import { moveLesson } from '@/core/edit/weeks';
import type { Plan } from '@/core/plan/plan';
import { readDrawn, write } from '@/data/door';
import { currentRevision } from '@/data/revisions';
import { open } from '@/data/open';
import { cautionsTable } from './cautions';
import { generatedProblem } from './choosing';
import { dayTable } from './day';
import { generatedPlan } from './generated';
import { killWhileTicking } from './killed';
import { layOutTable } from './lay-out';
import { paintTable } from './paint';
import { workTable } from './work';
import { yearsTable } from './years';
import { nextStart } from '../../scripts/steps.mjs';

if (process.argv[2] === 'cautions') {
  cautionsTable();
  process.exit(0);
}
if (process.argv[2] === 'work') {
  workTable();
  process.exit(0);
}
if (process.argv[2] === 'years') {
  await yearsTable();
  process.exit(0);
}

if (process.argv[2] === 'paint') {
  await paintTable();
  process.exit(0);
}

if (process.argv[2] === 'killed') {
  console.log(await killWhileTicking(Number(process.argv[3] ?? 100)));
  process.exit(0);
}

if (process.argv[2] === 'day') {
  const [from, to] = process.argv.slice(3).map(Number);
  await dayTable(from || undefined, to || undefined);
  process.exit(0);
}

if (process.argv[2] === 'lay-out') {
  const [from, to, seconds] = process.argv.slice(3).map(Number);
  await layOutTable(from || undefined, to || undefined, seconds || undefined);
  process.exit(0);
}

const TODAY = '2026-08-31';

/** Median milliseconds of several runs, after a few to warm up. */
function time(work: () => unknown, runs = 15): number {
  for (let i = 0; i < 4; i++) work();
  const taken = Array.from({ length: runs }, () => {
    const from = performance.now();
    work();
    return performance.now() - from;
  }).sort((a, b) => a - b);
  return taken[Math.floor(runs / 2)];
}

const ms = (n: number): string => `${n.toFixed(1).padStart(8)} ms`;
const line = (name: string, value: string, more = ''): void =>
  console.log(`${name.padEnd(46)}${value}   ${more}`);

const reading = readHausplanJson(readFileSync('demo/fleece.json', 'utf8'));
if (!('plan' in reading)) throw new Error('the demo cannot be read');

function layouts(name: string, given: Plan): Plan {
  const plan = { ...given, assignments: assignments(given) };
  const whole = time(() => layOut(layoutInput(plan, { today: TODAY, fresh: 'all' })!));
  const made = redraw(plan, { today: TODAY, fresh: 'all' });
  const drawn = canonical(made.plan);
  const again = time(() => layOut(layoutInput(drawn, { today: TODAY })!));
  console.log(
    `\n${name}: ${plan.children.length} children, ${plan.units.length} units, ${plan.lessons.length} lessons, ${plan.parts.length} parts, ${layoutInput(plan, { today: TODAY })!.days.length} school days; ${made.layout!.placements.length} parts placed, ${made.layout!.unplaced.length} not`,
  );
  line('  laid out whole', ms(whole));
  line('  laid out again with nothing changed', ms(again), `${(again / whole).toFixed(2)} of the whole`);
  const first = drawn.sittings.find(
    (s) =>
      s.state === 'pencil' && s.date > TODAY && drawn.parts.find((p) => p.id === s.partId)!.lessonId !== null,
  )!;
  const lessonId = drawn.parts.find((p) => p.id === first.partId)!.lessonId!;
  const next = layoutInput(drawn, { today: TODAY })!.days.find((d) => d.date > first.date)!.date;
  const move = time(() =>
    perform(moveLesson(lessonId, first.date, next), drawn, { today: TODAY, newId: () => 'x' }),
  );
  line('  one lesson moved by hand, work and all', ms(move), `${(move / whole).toFixed(2)} of the whole`);
  return drawn;
}

layouts('The demo', reading.plan);
const drawn = layouts('A generated family', generatedPlan());

growth();
console.log('\nThe store, with the generated family');
const path = join(mkdtempSync(join(tmpdir(), 'hausplan-bench-')), 'bench.sqlite');
const db = open(path);
write<never>(db, 0, { label: () => 'made' }, () => ({ plan: drawn }));
line('  read', ms(time(() => readDrawn(db))));
let turn = 0;
line(
  '  one lesson moved there and back, stored',
  ms(
    time(() => {
      const s = readDrawn(db);
      const sitting = s.plan.sittings.find((x) => x.partId === 'u1l3p0')!;
      const dates = ['2026-09-21', '2026-09-22'];
      write<{ refused: string }>(db, currentRevision(db), { label: () => 'moved' }, (plan) =>
        perform(moveLesson('u1l3', sitting.date, dates[turn++ % 2]), plan, {
          today: TODAY,
          newId: () => 'x',
        }),
      );
    }),
  ),
);
db.close();
const text = writeHausplanJson(drawn);
line(
  '  Hausplan JSON read and checked',
  ms(time(() => readHausplanJson(text), 5)),
  `${Math.round(text.length / 1024)} kB`,
);

console.log('\nPasting and searching');
const pasted = Array.from({ length: 200 }, (_, i) => `${i + 1}. A small topic ........ ${i + 1}`).join('\n');
const reading200 = time(() => readContents(pasted));
line('  200 pasted lines read', ms(reading200));
line(
  '  made into lessons and laid out, beside the generated family',
  ms(
    time(() => perform(addContents('u0', readContents(pasted)), drawn, { today: TODAY, newId: newId() }), 5),
  ),
);
const shelf = Array.from({ length: 5000 }, (_, i) => ({
  ...blankBook,
  id: `b${i}`,
  title: `Book ${i} of ${['wool', 'salt', 'ropes', 'mills'][i % 4]}`,
  authors: `Author ${i % 300}`,
  topics: [{ title: `Topic ${i % 97}`, first: null, last: null }],
}));
const index = indexOf(shelf);
line('  5,000 things indexed', ms(time(() => indexOf(shelf), 5)));
line('  searched by two words', ms(time(() => search(index, 'wool author 2'))));
line('  looked over for duplicates', ms(time(() => duplicates(shelf), 5)));

const problem = generatedProblem();
const solve = await highsSolver();
const plainly = time(() => greedy({ ...problem }), 3);
const began = performance.now();
const chosen = await choose(problem, solve);
const took = performance.now() - began;
console.log(
  `\nChoosing a set: ${problem.candidates.length} candidates, ${problem.weeks.length} lessons, ${problem.children} children`,
);
line(
  '  plain greedy choice',
  ms(plainly),
  `worth ${worth(problem, greedy(problem)).value.toFixed(0)} (less is better)`,
);
line(
  '  by HiGHS, with the price of each limit',
  ms(took),
  `worth ${chosen.value.toFixed(0)}, ${chosen.proved ? 'proved' : 'not proved'}; ${(took / plainly).toFixed(1)} of the greedy choice`,
);

await sheets();
await yearsTable();

/** Ids that do not repeat. */
function newId(): () => string {
  let n = 0;
  return () => `new${++n}`;
}

async function sheets(): Promise<void> {
  if (!existsSync('.next/BUILD_ID')) {
    console.log('\nNot built: npm run build first, then the sheets are measured too.');
    return;
  }
  const file = join(mkdtempSync(join(tmpdir(), 'hausplan-bench-')), 'family.json');
  writeFileSync(file, text);
  const port = 3900 + Math.floor(Math.random() * 90);
  const server = spawn(process.execPath, nextStart('127.0.0.1', port), {
    stdio: 'ignore',
    env: { ...process.env, HAUSPLAN_DB: path, HAUSPLAN_TODAY: '2026-10-28', NEXT_TELEMETRY_DISABLED: '1' },
  });
  try {
    const base = `http://127.0.0.1:${port}`;
    for (
      let i = 0;
      i < 100 &&
      !(await fetch(base, { redirect: 'manual' }).then(
        () => true,
        () => false,
      ));
      i++
    )
      await new Promise((r) => setTimeout(r, 100));
    console.log('\nSheets, generated family            script, gzipped   answer (median of 15)');
    for (const sheet of ['setup', 'year', 'unit', 'books', 'lessons', 'ladder', 'weeks', 'today']) {
      const html = await (await fetch(`${base}/${sheet}`)).text();
      // A browser that knows modules, as all do, skips the script for those that do not.
      const scripts = [
        ...new Set(
          [...html.matchAll(/<script[^>]*src="(\/_next\/static\/[^"]+\.js)"[^>]*>/g)]
            .filter((m) => !/nomodule/i.test(m[0]))
            .map((m) => m[1]),
        ),
      ];
      let bytes = 0;
      for (const s of scripts)
        bytes += gzipSync(Buffer.from(await (await fetch(base + s)).arrayBuffer())).length;
      const taken: number[] = [];
      for (let i = 0; i < 18; i++) {
        const from = performance.now();
        await (await fetch(`${base}/${sheet}`)).text();
        if (i > 2) taken.push(performance.now() - from);
      }
      taken.sort((a, b) => a - b);
      line(
        `  ${sheet}`,
        `${(bytes / 1024).toFixed(0).padStart(5)} kB ${ms(taken[7])}`,
        `page ${(Buffer.byteLength(html) / 1024).toFixed(0)} kB`,
      );
    }
  } finally {
    server.kill();
  }
}

/** How laying out grows with the units: 1 to 16 of them, 80 parts each; the whole, and one change of what stands. */
function growth(): void {
  console.log('\nGrowth with units side by side       whole        a lesson dropped   against one unit');
  let first: number[] | undefined;
  for (const units of [1, 2, 4, 8, 16]) {
    const { plan } = redraw(generatedPlan(units), { today: '2026-08-31' });
    const fresh = layoutInput(plan, { today: '2026-08-31', fresh: 'all', search: false })!;
    const gone = plan.lessons[3].id;
    const changed = { ...plan, parts: plan.parts.filter((p) => p.lessonId !== gone) };
    const stands = layoutInput(changed, { today: '2026-08-31' })!;
    const took = [fresh, stands].map((input) => time(() => layOut(input), 7));
    first ??= took;
    const [whole, one] = took.map((t, i) => `${(t / first![i]).toFixed(1)}`);
    console.log(
      `  ${String(units).padEnd(34)} ${`${took[0].toFixed(1)} ms`.padEnd(12)} ${`${took[1].toFixed(1)} ms`.padEnd(18)} ${whole} and ${one}`,
    );
  }
}
