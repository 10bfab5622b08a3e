/** `npm test`: installs what is missing, then types, lint, unit, checks and browser; every part runs, and the last line counts. */
import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  bin,
  ensureBuilt,
  ensureChromium,
  ensurePackages,
  next,
  quietEnv,
  root,
  run,
  say,
} from './steps.mjs';

const results = join(root, 'test-results');
rmSync(results, { recursive: true, force: true });
mkdirSync(results, { recursive: true });
const total = { passed: 0, failed: 0 };

/** What went wrong, said once more at the end, where it is looked for. */
const wrong = [];
/** Lines of a part's output that are said again when it failed: its runner ends with what failed. */
const SAID_AGAIN = 60;

/** Counts a part of the run. A runner that ended badly without saying why counts as one failure. */
function count(name, code, { passed, failed }) {
  const counted = { passed, failed: code !== 0 && failed === 0 ? 1 : failed };
  total.passed += counted.passed;
  total.failed += counted.failed;
  say(`${name}: ${counted.passed} passed, ${counted.failed} failed\n`);
  if (counted.failed) {
    const lines = readFileSync(logOf(name), 'utf8').trimEnd().split('\n');
    wrong.push(`${name} ended with exit code ${code}:`, ...lines.slice(-SAID_AGAIN), '');
  }
}

const logOf = (name) => join(results, `${name.toLowerCase().replaceAll(' ', '-')}.log`);
const node = (name, ...args) => run(process.execPath, args, { log: logOf(name) });

function read(file, how) {
  try {
    return how(JSON.parse(readFileSync(join(results, file), 'utf8')));
  } catch {
    return { passed: 0, failed: 1 };
  }
}

/** Titles of the browser tests that passed only when they were tried again. */
function secondTry({ specs = [], suites = [] }) {
  return [
    ...specs.filter((s) => s.tests.some((t) => t.status === 'flaky')).map((s) => `${s.file}, ${s.title}`),
    ...suites.flatMap(secondTry),
  ];
}

await ensurePackages();

say('Types, form and lint');
const [types, form, lint] = await Promise.all([
  node('Types', next, 'typegen').then(() => node('Types', bin('typescript', 'bin', 'tsc'), '--noEmit')),
  node('Form', bin('prettier', 'bin', 'prettier.cjs'), '--check', '--log-level=warn', '.'),
  node('Lint', bin('eslint', 'bin', 'eslint.js'), '.'),
]);
for (const [name, code] of [
  ['Types', types],
  ['Form', form],
  ['Lint', lint],
])
  count(name, code, { passed: code === 0 ? 1 : 0, failed: code === 0 ? 0 : 1 });

say('Unit, and checks against what is published');
const tests = await node(
  'Unit and checks',
  bin('vitest', 'vitest.mjs'),
  'run',
  '--reporter=default',
  '--reporter=json',
  '--outputFile.json=test-results/unit.json',
);
count(
  'Unit and checks',
  tests,
  read('unit.json', (r) => ({ passed: r.numPassedTests, failed: r.numFailedTests })),
);

await ensureBuilt();
say('Browser');
const chromium = await ensureChromium();
const browser = await run(process.execPath, [bin('@playwright', 'test', 'cli.js'), 'test'], {
  env: { ...quietEnv, CHROMIUM_PATH: chromium },
  log: logOf('Browser'),
});
count(
  'Browser',
  browser,
  read('e2e.json', (r) => ({ passed: r.stats.expected + r.stats.flaky, failed: r.stats.unexpected })),
);
const again = read('e2e.json', (r) => ({ titles: r.suites.flatMap(secondTry) })).titles ?? [];
for (const title of again) wrong.push(`Passed on the second try only: ${title}`);

for (const line of wrong) say(line);
writeFileSync(join(results, 'counts.json'), JSON.stringify(total));
say(`${total.passed} passed, ${total.failed} failed`);
process.exit(total.failed === 0 ? 0 : 1);
