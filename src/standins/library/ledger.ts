/** What we have asked of the stand-in library, in a file of its own beside the store: a library is not part of the plan. */
import Database from 'better-sqlite3';
import { mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import { storePath } from '@/data/open';
import type { Request } from './desk';
import type { Ledger } from './serve';

const shared = globalThis as { hausplanLibrary?: Database.Database };

export function ledger(): Ledger {
  const db = (shared.hausplanLibrary ??= openLedger(`${storePath()}.library`));
  return {
    requests: () => db.prepare('SELECT id, does, date FROM request ORDER BY n').all() as Request[],
    enter: ({ id, does, date }) => {
      db.prepare('INSERT INTO request (id, does, date) VALUES (?, ?, ?)').run(id, does, date);
    },
  };
}

function openLedger(path: string): Database.Database {
  mkdirSync(dirname(path), { recursive: true });
  const db = new Database(path);
  db.pragma('busy_timeout = 5000');
  db.exec(
    'CREATE TABLE IF NOT EXISTS request (n INTEGER PRIMARY KEY, id TEXT NOT NULL, does TEXT NOT NULL, date TEXT NOT NULL) STRICT',
  );
  return db;
}
