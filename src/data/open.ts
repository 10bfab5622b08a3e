/** Opens the store: one file, one connection in a process, brought up to date before it is used. */
import Database from 'better-sqlite3';
import { existsSync, mkdirSync, readdirSync, readFileSync } from 'node:fs';
import { homedir, platform } from 'node:os';
import { dirname, join } from 'node:path';

/** Where the store is: the file `HAUSPLAN_DB` names, else one in the user's data folder. */
export function storePath(env: Readonly<Record<string, string | undefined>> = process.env): string {
  if (env.HAUSPLAN_DB) return env.HAUSPLAN_DB;
  const home = homedir();
  const folder =
    platform() === 'win32' ? (env.APPDATA ?? join(home, 'AppData', 'Roaming'))
      : platform() === 'darwin' ? join(home, 'Library', 'Application Support')
        : (env.XDG_DATA_HOME ?? join(home, '.local', 'share'));
  return join(folder, 'hausplan', 'hausplan.sqlite');
}

const MIGRATIONS = join(process.cwd(), 'src', 'data', 'migrations');

/**
 * Opens a store and brings it up to date; a copy of the file is kept before each migration of an existing store.
 * @throws when the file is damaged or was written by a newer Hausplan
 */
export function open(path: string, migrations = MIGRATIONS): Database.Database {
  const exists = existsSync(path);
  if (!exists) mkdirSync(dirname(path), { recursive: true });
  const db = new Database(path);
  db.pragma('busy_timeout = 5000');
  db.pragma('journal_mode = WAL');
  db.pragma('synchronous = FULL');
  db.pragma('foreign_keys = ON');
  const health = db.pragma('integrity_check', { simple: true });
  if (health !== 'ok') throw new Error(`The store ${path} is damaged (${String(health)}). Put back a copy from beside it.`);
  migrate(db, path, migrations);
  return db;
}

function migrate(db: Database.Database, path: string, folder: string): void {
  const files = readdirSync(folder).filter((f) => /^\d{4}-.*\.sql$/.test(f)).sort();
  const version = db.pragma('user_version', { simple: true }) as number;
  if (version > files.length) throw new Error(`The store ${path} was written by a newer Hausplan (${version}, this one knows ${files.length}).`);
  for (const [i, file] of files.entries()) {
    if (i < version) continue;
    if (version > 0) db.prepare('VACUUM INTO ?').run(`${path}.before-${file.slice(0, 4)}-${Date.now()}`);
    // A table that others refer to may be made anew on the way; what refers to nothing after it fails the migration.
    db.pragma('foreign_keys = OFF');
    db.transaction(() => {
      db.exec(readFileSync(join(folder, file), 'utf8'));
      db.pragma(`user_version = ${i + 1}`);
      const broken = db.pragma('foreign_key_check') as unknown[];
      if (broken.length) throw new Error(`The store ${path} cannot be brought up to date by ${file}: ${broken.length} rows refer to nothing.`);
    }).immediate();
    db.pragma('foreign_keys = ON');
  }
}

const shared = globalThis as { hausplanStore?: Database.Database };

/** This process's connection, opened when it is first asked for. */
export function store(): Database.Database {
  return (shared.hausplanStore ??= open(storePath()));
}
