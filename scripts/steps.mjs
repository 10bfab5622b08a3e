/** Steps that the commands share. Only what Node itself brings is used here, so that they run before anything is installed. */
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import {
  createWriteStream,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { createServer } from 'node:net';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = fileURLToPath(new URL('..', import.meta.url));
export const say = (text) => process.stdout.write(`${text}\n`);
export const quietEnv = { ...process.env, NEXT_TELEMETRY_DISABLED: '1' };
export const bin = (...path) => join(root, 'node_modules', ...path);
export const next = bin('next', 'dist', 'bin', 'next');
/** Arguments for Node with which the built app is started, by the commands, the browser tests and the benchmarks alike. */
export const nextStart = (host, port) => [next, 'start', '-H', host, '-p', String(port)];

/**
 * Runs a program to its end, its output shown, and kept in the file `log` names; gives its exit code. While it is
 * silent, says now and then that it goes on.
 */
export function run(name, args, { env = quietEnv, silent = false, log = undefined } = {}) {
  return new Promise((resolve) => {
    const out = log ? 'pipe' : 'inherit';
    const child = spawn(name, args, {
      cwd: root,
      env,
      stdio: ['ignore', silent ? 'ignore' : out, silent ? 'ignore' : out],
    });
    if (log) {
      const file = createWriteStream(log);
      for (const [from, to] of [
        [child.stdout, process.stdout],
        [child.stderr, process.stderr],
      ])
        from.on('data', (text) => {
          to.write(text);
          file.write(text);
        });
      child.on('close', () => file.end());
    }
    const started = Date.now();
    const timer = setInterval(
      () => say(`  … still at it after ${Math.round((Date.now() - started) / 1000)} s`),
      30_000,
    );
    const end = (code) => {
      clearInterval(timer);
      resolve(code ?? 1);
    };
    child.on('error', (e) => {
      say(`  ${e.message}`);
      end(1);
    });
    child.on(log ? 'close' : 'exit', end);
  });
}

/** Runs a step that must succeed. */
export async function must(what, name, args, options) {
  const code = await run(name, args, options);
  if (code !== 0) {
    say(`\n${what} failed (exit ${code}). See above for why.`);
    process.exit(code);
  }
}

const npm = process.platform === 'win32' ? 'npm.cmd' : 'npm';

/** Installs the packages of the lock file, if that has not been done. */
export async function ensurePackages() {
  const lock = digest([join(root, 'package-lock.json')]);
  const stamp = join(root, 'node_modules', '.hausplan-installed');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return;
  say('Installing packages (npm ci). The store’s engine is compiled on the way: two to three minutes.');
  await must('Installing packages', npm, ['ci', '--no-audit', '--no-fund'], {
    env: { ...quietEnv, MAKEFLAGS: process.env.MAKEFLAGS ?? '-j2' },
  });
  writeFileSync(stamp, lock);
}

/** Builds the app, if its sources have changed since it was last built. */
export async function ensureBuilt() {
  const sources = digest([
    ...filesIn(join(root, 'src')),
    ...filesIn(join(root, 'cli')),
    join(root, 'package-lock.json'),
    join(root, 'next.config.ts'),
    join(root, 'scripts', 'english-only.cjs'),
    join(root, 'tsconfig.json'),
  ]);
  const stamp = join(root, '.next', 'hausplan-built');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === sources) return;
  say('Building the app: about half a minute.');
  await must('Building the app', process.execPath, [next, 'build']);
  // The command line, and the thread in which questions are worked out beside the server.
  for (const [entry, out] of [
    ['cli/hausplan.ts', 'hausplan.mjs'],
    ['src/worker/beside.worker.ts', 'beside.mjs'],
  ])
    await must(`Building ${out}`, process.execPath, [
      bin('esbuild', 'bin', 'esbuild'),
      entry,
      '--bundle',
      '--platform=node',
      '--target=node20',
      '--format=esm',
      '--external:better-sqlite3',
      '--external:highs',
      '--external:dictionary-en',
      `--outfile=dist/${out}`,
      '--log-level=warning',
    ]);
  mkdirSync(dirname(stamp), { recursive: true });
  writeFileSync(stamp, sources);
}

/** A Chromium for the browser tests: the one `CHROMIUM_PATH` names, one that is installed, or Debian's, installed now. */
export async function ensureChromium() {
  const named = process.env.CHROMIUM_PATH;
  if (named) {
    if (existsSync(named)) return named;
    stop(`CHROMIUM_PATH names ${named}, and there is nothing there.`);
  }
  const there = (...paths) => paths.find((p) => existsSync(p));
  const shell = () => there('/usr/bin/chromium-headless-shell');
  const whole = () => there('/usr/bin/chromium', '/usr/bin/chromium-browser', '/usr/bin/google-chrome');
  if (shell()) return shell();
  if (existsSync('/usr/bin/apt-get')) {
    const sudo = process.getuid?.() === 0 ? [] : ['sudo', '-n'];
    say('Installing Debian’s chromium without its windows for the browser tests: one to three minutes.');
    const apt = (...args) =>
      run([...sudo, 'apt-get'][0], [...sudo, 'apt-get', ...args].slice(1), {
        env: { ...quietEnv, DEBIAN_FRONTEND: 'noninteractive' },
        silent: true,
      });
    await apt('update', '-qq');
    await apt('install', '-y', '-qq', '--no-install-recommends', 'chromium-headless-shell');
    if (shell()) return shell();
    if (!whole()) await apt('install', '-y', '-qq', '--no-install-recommends', 'chromium');
  }
  if (whole()) return whole();
  return stop('The browser tests need a Chromium. Install one, or set CHROMIUM_PATH to where it is.');
}

export function stop(why) {
  say(why);
  process.exit(1);
}

/** The port asked for, or a free one near it. */
export async function freePort(wanted) {
  for (let port = wanted; port < wanted + 50; port++) {
    const free = await new Promise((resolve) => {
      const probe = createServer()
        .once('error', () => resolve(false))
        .once('listening', () => probe.close(() => resolve(true)));
      probe.listen(port, '127.0.0.1');
    });
    if (free) return port;
  }
  return stop(`No port is free from ${wanted} on.`);
}

/** Serves the built app on 127.0.0.1 until it is stopped, and prints the address once it answers. */
export async function serve(env) {
  // Who may come in over it is the passphrase's matter; without one nobody is answered but this machine.
  const isForNetwork = process.argv.includes('--network');
  const port = await freePort(Number(process.env.PORT ?? 3210));
  const child = spawn(process.execPath, nextStart(isForNetwork ? '0.0.0.0' : '127.0.0.1', port), {
    cwd: root,
    env: { ...quietEnv, ...env, ...(isForNetwork ? { HAUSPLAN_NETWORK: '1' } : {}) },
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
  child.on('exit', (code) => process.exit(code ?? 0));
  const address = `http://127.0.0.1:${port}`;
  for (let tries = 0; tries < 120; tries++) {
    await new Promise((r) => setTimeout(r, 250));
    if (
      await fetch(address, { redirect: 'manual' }).then(
        (r) => r.status < 500,
        () => false,
      )
    ) {
      say(`\nHausplan is at ${address}   (Ctrl C stops it)`);
      return;
    }
  }
  child.kill();
  stop('The app did not answer within half a minute.');
}

/** Runs the command line that has been built. */
export function hausplan(...args) {
  return spawnSync(process.execPath, [join(root, 'dist', 'hausplan.mjs'), ...args], {
    cwd: root,
    encoding: 'utf8',
    env: quietEnv,
  });
}

function filesIn(folder) {
  return readdirSync(folder, { withFileTypes: true })
    .flatMap((e) => (e.isDirectory() ? filesIn(join(folder, e.name)) : [join(folder, e.name)]))
    .sort();
}

function digest(files) {
  const hash = createHash('sha256');
  for (const file of files)
    if (existsSync(file) && statSync(file).isFile())
      hash.update(file.slice(root.length)).update(readFileSync(file));
  return hash.digest('hex');
}
