/**
 * `npm run mutants -- src/core/cautions [count] [seed]`: puts small faults into the code, one at a time, and counts how many
 * the tests notice. Seeded: the same words give the same faults. The file is put back after each, also when it is stopped.
 * A fault is given to the tests beside its file and to those that reach it by few imports; one that keeps them busy for two
 * minutes is counted as noticed.
 */
import { fork, type ChildProcess } from 'node:child_process';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import ts from 'typescript';
import type { Question } from './tester';

interface Fault {
  file: string;
  start: number;
  end: number;
  becomes: string;
  what: string;
}

const [folder = 'src/core', count = '40', seed = '1'] = process.argv.slice(2);

function filesIn(path: string): string[] {
  if (statSync(path).isFile()) return [path];
  return readdirSync(path).flatMap((name) => filesIn(join(path, name)));
}

/** A generator of numbers from 0 to 1 (mulberry32), the same for the same seed. */
function randomFrom(start: number): () => number {
  let state = start >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
}

const BOUNDARIES: Partial<Record<ts.SyntaxKind, string>> = {
  [ts.SyntaxKind.LessThanToken]: '<=',
  [ts.SyntaxKind.LessThanEqualsToken]: '<',
  [ts.SyntaxKind.GreaterThanToken]: '>=',
  [ts.SyntaxKind.GreaterThanEqualsToken]: '>',
  [ts.SyntaxKind.EqualsEqualsEqualsToken]: '!==',
  [ts.SyntaxKind.ExclamationEqualsEqualsToken]: '===',
  [ts.SyntaxKind.AmpersandAmpersandToken]: '||',
  [ts.SyntaxKind.BarBarToken]: '&&',
  [ts.SyntaxKind.PlusToken]: '-',
  [ts.SyntaxKind.MinusToken]: '+',
  [ts.SyntaxKind.AsteriskToken]: '/',
};

/** Every fault that can be put into a file. */
function faultsOf(file: string): Fault[] {
  const text = readFileSync(file, 'utf8');
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
  const faults: Fault[] = [];
  const add = (node: ts.Node, becomes: string, what: string): void => {
    faults.push({ file, start: node.getStart(), end: node.getEnd(), becomes, what });
  };
  const walk = (node: ts.Node): void => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node) || ts.isInterfaceDeclaration(node)) return;
    if (ts.isBinaryExpression(node)) {
      const other = BOUNDARIES[node.operatorToken.kind];
      if (other) add(node.operatorToken, other, `${node.operatorToken.getText()} → ${other}`);
    }
    if (ts.isNumericLiteral(node) && !ts.isEnumMember(node.parent))
      add(node, String(Number(node.text) + 1), `${node.text} → ${Number(node.text) + 1}`);
    if (ts.isCallExpression(node) && ts.isPropertyAccessExpression(node.expression)) {
      const { name, expression } = node.expression;
      if (['filter', 'sort', 'slice', 'reverse', 'trim', 'toLowerCase'].includes(name.text))
        add(node, expression.getText(), `without .${name.text}(…)`);
    }
    if (ts.isIfStatement(node)) add(node.expression, `!(${node.expression.getText()})`, 'if turned round');
    if (ts.isConditionalExpression(node))
      add(node.condition, `!(${node.condition.getText()})`, 'choice turned round');
    if (node.kind === ts.SyntaxKind.TrueKeyword) add(node, 'false', 'true → false');
    if (node.kind === ts.SyntaxKind.FalseKeyword) add(node, 'true', 'false → true');
    ts.forEachChild(node, walk);
  };
  walk(source);
  return faults;
}

const all = filesIn(folder)
  .filter((f) => /\.tsx?$/.test(f) && !f.includes('.test.'))
  .flatMap(faultsOf);
const random = randomFrom(Number(seed));
const chosen = all
  .map((fault) => ({ fault, at: random() }))
  .sort((a, b) => a.at - b.at)
  .slice(0, Number(count))
  .map(({ fault }) => fault);

/** What a file of ours imports, by relative path or `@/`. */
function importsOf(file: string): string[] {
  return ts.preProcessFile(readFileSync(file, 'utf8')).importedFiles.flatMap(({ fileName }) => {
    const base = fileName.startsWith('@/')
      ? resolve('src', fileName.slice(2))
      : fileName.startsWith('.')
        ? resolve(dirname(file), fileName)
        : undefined;
    const found =
      base && ['.ts', '.tsx', ''].map((end) => base + end).find((f) => existsSync(f) && statSync(f).isFile());
    return found ? [found] : [];
  });
}

/** Each test with how many imports lie between it and each file it reaches. */
const distances = new Map(
  ['src', 'cli', 'tests/checks']
    .flatMap(filesIn)
    .filter((f) => f.endsWith('.test.ts'))
    .map((test) => {
      const seen = new Map([[resolve(test), 0]]);
      for (const [file, steps] of seen)
        if (/\.tsx?$/.test(file))
          for (const next of importsOf(file)) if (!seen.has(next)) seen.set(next, steps + 1);
      return [resolve(test), seen] as const;
    }),
);

/** How many imports a test may be away from a file to be asked about it. */
const NEAR = 2;

/** The tests of a file: those beside it, and those that reach it in few steps. */
const testsOf = (file: string): string[] =>
  [...distances]
    .filter(
      ([test, seen]) => (seen.get(file) ?? Infinity) <= (dirname(test) === dirname(file) ? Infinity : NEAR),
    )
    .map(([test]) => test);

const TOO_LONG = 120_000;
let tester: ChildProcess | undefined;

/** Ends the process that tests, and those it started. */
function stopTester(): void {
  if (tester?.pid) process.kill(-tester.pid, 'SIGKILL');
  tester = undefined;
}

/** Whether the tests notice; `undefined` where they were still at it after two minutes. */
async function ask(question: Question): Promise<boolean | undefined> {
  if (!tester) {
    const started = fork(resolve('tests/mutants/tester.ts'), {
      execArgv: ['--import', 'tsx'],
      detached: true,
      stdio: ['ignore', 'ignore', 'ignore', 'ipc'],
    });
    await new Promise((ready) => started.once('message', ready));
    tester = started;
  }
  const asked = tester;
  return new Promise((answer) => {
    const timer = setTimeout(() => {
      stopTester();
      answer(undefined);
    }, TOO_LONG);
    asked.once('message', (isNoticed: boolean) => {
      clearTimeout(timer);
      answer(isNoticed);
    });
    asked.send(question);
  });
}

let isStopped = false;
for (const signal of ['SIGINT', 'SIGTERM'] as const) process.on(signal, () => (isStopped = true));
const unnoticed: string[] = [];
let noticed = 0;
const asFound = new Map(chosen.map(({ file }) => [file, readFileSync(file, 'utf8')]));
for (const fault of chosen) {
  if (isStopped) break;
  const text = asFound.get(fault.file)!;
  if (readFileSync(fault.file, 'utf8') !== text) {
    process.stdout.write(`\n  left out, as it was changed meanwhile: ${fault.file}\n`);
    continue;
  }
  const faulty = text.slice(0, fault.start) + fault.becomes + text.slice(fault.end);
  writeFileSync(fault.file, faulty);
  let isNoticed: boolean;
  try {
    const file = resolve(fault.file);
    isNoticed = (await ask({ file, tests: testsOf(file) })) ?? true;
  } finally {
    // What was typed into the file meanwhile is not lost for it.
    if (readFileSync(fault.file, 'utf8') === faulty) writeFileSync(fault.file, text);
    else
      process.stdout.write(
        `\n  changed meanwhile, the fault may still be in it: ${fault.file}, ${fault.what}\n`,
      );
  }
  const line = text.slice(0, fault.start).split('\n').length;
  if (isNoticed) noticed++;
  else unnoticed.push(`${fault.file}:${line} ${fault.what}`);
  process.stdout.write(isNoticed ? '✓' : `\n  not noticed: ${unnoticed.at(-1)}\n`);
}
stopTester();
const tried = noticed + unnoticed.length;
process.stdout.write(
  `\n${folder}: ${noticed} of ${tried} noticed, ${Math.round((100 * noticed) / Math.max(1, tried))} %\n`,
);
