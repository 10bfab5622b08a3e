/**
 * Undo and redo, each actor’s own: the rows of a revision as they were before it, or after it. What happened stays written
 * down. A step is a revision too, so that a window that has not seen it is refused.
 */
import type Database from 'better-sqlite3';
import { randomUUID } from 'node:crypto';
import type { Actor } from '@/core/command/command';
import { NOTHING, standing } from '@/core/plan/happened';
import { apply, changesOf, type Change } from './changes';
import { checkBase, EVERYTHING, mattersIn, nextRedo, nextUndo, record, type RevisionRow } from './revisions';
import { TABLES, type Row } from './tables';

export interface Stepped {
  revision: number;
  label: string;
}

/** What stands in the way of taking a change back: another one's, made after it, of the same things. */
export interface InTheWay {
  after: string;
}

/** Takes an actor's own last write back. Gives its label, or undefined when there is nothing to undo. */
export function undo(
  db: Database.Database,
  base: number,
  actor: Actor = 'parent',
): Stepped | InTheWay | undefined {
  return step(db, base, nextUndo(db, actor), 'undone', (changes) =>
    changes.reverse().map((c) => ({ ...c, before: c.after, after: c.before })),
  );
}

/** Does again what an actor has undone last. */
export function redo(
  db: Database.Database,
  base: number,
  actor: Actor = 'parent',
): Stepped | InTheWay | undefined {
  return step(db, base, nextRedo(db, actor), 'done', (changes) => changes);
}

function step(
  db: Database.Database,
  base: number,
  entry: RevisionRow | undefined,
  becomes: 'done' | 'undone',
  turn: (changes: Change[]) => Change[],
): Stepped | InTheWay | undefined {
  return db
    .transaction(() => {
      const touches = mattersIn(entry?.touches ?? '');
      checkBase(db, base, entry ? touches : EVERYTHING);
      if (!entry) return undefined;
      const changes = turn(changesOf(db, entry.number));
      const after = inTheWay(db, entry, changes);
      if (after !== undefined) return { after };
      // With a year that is closed, or opened again by undo, all that happened in it goes along as it is.
      const movesYear = changes.some((c) => c.table === 'closed_year');
      apply(db, movesYear ? changes : changes.filter((c) => c.table !== 'entry'));
      for (const c of changes) if (c.table === 'entry' && !movesYear) stepEntry(db, c);
      db.prepare('UPDATE revision SET state = ? WHERE number = ?').run(becomes, entry.number);
      const label = `${becomes === 'undone' ? 'Undid' : 'Did again'}: ${entry.label}`;
      const { actor } = entry;
      return { revision: record(db, { label, state: 'settled', actor, touches }), label: entry.label };
    })
    .immediate();
}

/** What somebody else did after a change to the same rows, by its label. What happened is never in the way: it is only added to. */
function inTheWay(
  db: Database.Database,
  { number, actor }: RevisionRow,
  changes: readonly Change[],
): string | undefined {
  const others = db
    .prepare(
      "SELECT number, label FROM revision WHERE number > ? AND actor <> ? AND state = 'done' ORDER BY number DESC",
    )
    .all(number, actor) as { number: number; label: string }[];
  if (!others.length) return undefined;
  const mine = new Set(changes.filter((c) => c.table !== 'entry').map(rowOf));
  return others.find((r) => changesOf(db, r.number).some((c) => mine.has(rowOf(c))))?.label;
}

/** The row that a change is of, as one word. */
const rowOf = ({ table, before, after }: Change): string =>
  [table, ...TABLES[table].map((column) => (after ?? before)![column])].join('\u0000');

/** What happened stays written down: what a step would take away is withdrawn, what it would bring back stands again. */
function stepEntry(db: Database.Database, { before, after }: Change): void {
  const entries = db.prepare('SELECT id, withdraws FROM entry ORDER BY position').all() as {
    id: string;
    withdraws: string | null;
  }[];
  const { id, date } = (after ?? before)!;
  let position = entries.length;
  const append = (row: Row): void =>
    apply(db, [{ table: 'entry', before: null, after: { ...row, position: position++ } }]);
  const withdraw = (withdraws: string): void => {
    const blank = Object.fromEntries(
      (db.pragma('table_info(entry)') as { name: string }[]).map((column) => [column.name, null]),
    );
    append({
      ...blank,
      id: randomUUID(),
      at: new Date().toISOString(),
      date,
      kind: 'withdrawn',
      about: JSON.stringify(NOTHING),
      note: '',
      unit: '',
      withdraws,
    });
  };
  const stand = standing(entries);
  if (!after) {
    if (stand.some((e) => e.id === id)) withdraw(String(id));
  } else if (entries.some((e) => e.id === id)) {
    for (const e of stand) if (e.withdraws === id) withdraw(e.id);
  } else append(after);
}
