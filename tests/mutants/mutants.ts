/**
 * `npm run mutants -- src/core/cautions [count] [seed]`: puts small faults into the code, one at a time, and counts how many
 * the tests notice. Seeded: the same words give the same faults. The file is put back after each, also when it is stopped.
 */
import { spawnSync } from 'node:child_process';
import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';

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

let isStopped = false;
process.on('SIGINT', () => (isStopped = true));
const unnoticed: string[] = [];
let noticed = 0;
for (const fault of chosen) {
  if (isStopped) break;
  const text = readFileSync(fault.file, 'utf8');
  writeFileSync(fault.file, text.slice(0, fault.start) + fault.becomes + text.slice(fault.end));
  let status: number | null;
  try {
    const run = ['node_modules/vitest/vitest.mjs', 'related', fault.file, '--run', '--bail=1', '--silent'];
    status = spawnSync(process.execPath, run, { stdio: 'ignore', timeout: 180_000 }).status;
  } finally {
    writeFileSync(fault.file, text);
  }
  const line = text.slice(0, fault.start).split('\n').length;
  if (status === 0) unnoticed.push(`${fault.file}:${line} ${fault.what}`);
  else noticed++;
  process.stdout.write(status === 0 ? '·' : '✓');
}
const tried = noticed + unnoticed.length;
process.stdout.write(
  `\n${folder}: ${noticed} of ${tried} noticed, ${Math.round((100 * noticed) / Math.max(1, tried))} %\n`,
);
for (const fault of unnoticed) process.stdout.write(`  not noticed: ${fault}\n`);
