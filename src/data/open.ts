/** Opens the store: one file, one connection in a process, brought up to date before it is used. */
import Database from 'better-sqlite3';
import {
  closeSync,
  existsSync,
  mkdirSync,
  openSync,
  readdirSync,
  readFileSync,
  readSync,
  statSync,
} from 'node:fs';
import { homedir, platform } from 'node:os';
import { dirname, join } from 'node:path';
import { keepCopy, keepRegularCopies } from './copies';
import { faultFrom, storeFault, type StoreFault } from './fault';

/** Where the store is: the file `HAUSPLAN_DB` names, else one in the user's data folder. */
export function storePath(env: Readonly<Record<string, string | undefined>> = process.env): string {
  return env.HAUSPLAN_DB ? env.HAUSPLAN_DB : join(dataFolder(env), 'hausplan', 'hausplan.sqlite');
}

function dataFolder(env: Readonly<Record<string, string | undefined>>): string {
  const home = homedir();
  if (platform() === 'win32') return env.APPDATA ?? join(home, 'AppData', 'Roaming');
  if (platform() === 'darwin') return join(home, 'Library', 'Application Support');
  return env.XDG_DATA_HOME ?? join(home, '.local', 'share');
}

const MIGRATIONS = join(process.cwd(), 'src', 'data', 'migrations');

/** Marks a file as a store of Hausplan's: “HSPL”. https://www.sqlite.org/pragma.html#pragma_application_id */
export const APPLICATION_ID = 0x4853504c;
/** How every SQLite file begins. https://www.sqlite.org/fileformat2.html#magic_header_string */
const HEADER = 'SQLite format 3\0';

/**
 * Opens a store and brings it up to date; a copy is kept before each migration of an existing store. The file is the whole
 * store whenever nothing is being written: there is no log beside it that a copy of the file alone would lack.
 * @throws {StoreFault} when it cannot be opened, or is not ours
 */
export function open(path: string, migrations = MIGRATIONS): Database.Database {
  let db: Database.Database | undefined;
  try {
    lookAt(path);
    if (!existsSync(path)) mkdirSync(dirname(path), { recursive: true });
    db = new Database(path);
    db.pragma('busy_timeout = 5000');
    whose(db, path);
    db.pragma('journal_mode = DELETE');
    db.pragma('synchronous = FULL');
    db.pragma('foreign_keys = ON');
    const health = db.pragma('integrity_check(1)', { simple: true });
    if (health !== 'ok') throw storeFault('damaged', path, String(health).split('\n')[0].slice(0, 120));
    migrate(db, path, migrations);
    return db;
  } catch (e) {
    db?.close();
    throw faultFrom(e, path) ?? e;
  }
}

/** Looks at a file before SQLite does, which would take what is no database for a damaged one. */
export function lookAt(path: string): void {
  const about = statSync(path, { throwIfNoEntry: false });
  if (!about) return;
  if (about.isDirectory()) throw storeFault('folder', path);
  if (about.size === 0) return;
  const head = Buffer.alloc(HEADER.length);
  const file = openSync(path, 'r');
  try {
    readSync(file, head, 0, head.length, 0);
  } finally {
    closeSync(file);
  }
  if (head.toString('latin1') !== HEADER)
    throw storeFault(head.every((b) => b === 0) ? 'damaged' : 'foreign', path);
}

/**
 * Makes sure that a database is ours before anything is written into it. Stores from before the mark are known by
 * their tables.
 */
function whose(db: Database.Database, path: string): void {
  const mark = db.pragma('application_id', { simple: true }) as number;
  if (mark === APPLICATION_ID) return;
  const tables = db.prepare("SELECT name FROM sqlite_master WHERE type = 'table'").pluck().all() as string[];
  const isEmpty = tables.length === 0 && (db.pragma('user_version', { simple: true }) as number) === 0;
  const isEarlier = ['family', 'school_year', 'revision'].every((t) => tables.includes(t));
  if (mark !== 0 || !(isEmpty || isEarlier)) throw storeFault('foreign', path);
}

function migrate(db: Database.Database, path: string, folder: string): void {
  const files = readdirSync(folder)
    .filter((f) => /^\d{4}-.*\.sql$/.test(f))
    .sort();
  const version = db.pragma('user_version', { simple: true }) as number;
  if (version > files.length) throw storeFault('newer', path, `${version}, this one knows ${files.length}`);
  if ((db.pragma('application_id', { simple: true }) as number) !== APPLICATION_ID)
    db.pragma(`application_id = ${APPLICATION_ID}`);
  renameEarly(db, path);
  for (const [i, file] of files.entries()) {
    if (i < version) continue;
    if (version > 0) keepCopy(db, path, 'before', file.slice(0, 4));
    // A table that others refer to may be made anew on the way; what refers to nothing after it fails the migration.
    db.pragma('foreign_keys = OFF');
    db.transaction(() => {
      db.exec(readFileSync(join(folder, file), 'utf8'));
      db.pragma(`user_version = ${i + 1}`);
      const broken = db.pragma('foreign_key_check') as unknown[];
      if (broken.length)
        throw storeFault('damaged', path, `${broken.length} rows refer to nothing after ${file}`);
    }).immediate();
    db.pragma('foreign_keys = ON');
  }
}

/** The second version's first stores called directions by another name, also in what can be undone. */
function renameEarly(db: Database.Database, path: string): void {
  const EARLY = 'todo';
  const tables = db
    .prepare(
      "SELECT m.name FROM sqlite_master m JOIN pragma_table_info(m.name) c WHERE m.type = 'table' AND c.name = ?",
    )
    .pluck()
    .all(EARLY) as string[];
  if (!tables.length) return;
  keepCopy(db, path, 'before', 'directions');
  db.transaction(() => {
    for (const table of tables) {
      db.exec(`ALTER TABLE "${table}" RENAME COLUMN ${EARLY} TO directions`);
      for (const row of ['before', 'after'])
        db.prepare(
          `UPDATE change SET ${row} = json_remove(json_set(${row}, '$.directions', json_extract(${row}, '$.${EARLY}')), '$.${EARLY}')
           WHERE table_name = ? AND ${row} IS NOT NULL`,
        ).run(table);
    }
  }).immediate();
}

const shared = globalThis as { hausplanStore?: Database.Database; hausplanCopied?: string };

/**
 * This process's connection, opened when it is first asked for. On the first use of a day a copy is kept.
 * @throws {StoreFault} as long as it cannot be opened; each call tries again
 */
export function store(): Database.Database {
  const path = storePath();
  const db = (shared.hausplanStore ??= open(path));
  const day = new Date().toISOString().slice(0, 10);
  if (shared.hausplanCopied !== day) {
    shared.hausplanCopied = day;
    try {
      if (hasPlan(db)) keepRegularCopies(db, path);
    } catch {
      // A copy that cannot be made must not stop the day; the next start tries again.
    }
  }
  return db;
}

/** Whether anything was ever stored. */
export const hasPlan = (db: Database.Database): boolean =>
  db.prepare('SELECT 1 FROM revision LIMIT 1').get() !== undefined;

/** Closes this process's connection; it is opened again when it is next asked for. */
export function closeStore(): void {
  shared.hausplanStore?.close();
  shared.hausplanStore = undefined;
}

/** What is wrong with the store; undefined when it can be used. */
export function storeTrouble(): StoreFault | undefined {
  try {
    store().pragma('user_version');
    return undefined;
  } catch (e) {
    return faultFrom(e, storePath()) ?? storeFault('unreachable', storePath(), (e as Error).message);
  }
}
