/**
 * Who may come in from another device: whoever knows the household's passphrase, by the names that the household allows; and
 * each child by a code of their own, to their own list. None of it is part of the plan, and it goes into no file for others.
 */
import bcrypt from 'bcryptjs';
import type Database from 'better-sqlite3';
import { createHmac, randomInt, timingSafeEqual } from 'node:crypto';

/** Work of a scrambled passphrase: about a quarter of a second. */
const COST = 12;
/** What bcrypt looks at of a passphrase, in bytes. */
const MOST_BYTES = 72;
const LEAST = 10;
/** Seconds for which a device that came in stays in. */
export const STAYS_IN = 30 * 24 * 60 * 60;

/** The cookie of a device that is in. */
export const TICKET = 'hausplan-in';

/** Letters and digits of a child's code: none that is taken for another. */
const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';
const CODE_LENGTH = 8;

/** The names by which the household can be reached; undefined while it is closed. */
export function openTo(db: Database.Database): string[] | undefined {
  const row = db.prepare('SELECT names FROM household_key').get() as { names: string } | undefined;
  return row && (JSON.parse(row.names) as string[]);
}

/** Opens the household. @returns what is wrong with the passphrase or the names, in words */
export async function openHousehold(
  db: Database.Database,
  passphrase: string,
  names: readonly string[],
): Promise<{ where: 'passphrase' | 'names'; what: string } | undefined> {
  if ([...passphrase].length < LEAST)
    return { where: 'passphrase', what: `At least ${LEAST} characters: four or five words do well.` };
  if (Buffer.byteLength(passphrase) > MOST_BYTES)
    return { where: 'passphrase', what: `At most ${MOST_BYTES} bytes.` };
  if (!names.length) return { where: 'names', what: 'Name at least one address of this machine.' };
  const odd = names.find((n) => !NAME.test(n));
  if (odd !== undefined)
    return { where: 'names', what: `“${odd}” is no address: write it without http:// and without a port.` };
  const secret = await bcrypt.hash(passphrase, COST);
  db.prepare(
    `INSERT INTO household_key (id, secret, names) VALUES (1, ?, ?)
     ON CONFLICT (id) DO UPDATE SET secret = excluded.secret, names = excluded.names`,
  ).run(secret, JSON.stringify(names));
  return undefined;
}
/** A name or an address in a home network, as RFC 952 and RFC 1123 allow it. */
const NAME =
  /^(?=.{1,253}$)[a-z0-9](?:[a-z0-9-]{0,61}[a-z0-9])?(?:\.[a-z0-9](?:[a-z0-9-]{0,61}[a-z0-9])?)*$/i;

/** Closes it: every device that came in is out. */
export function closeHousehold(db: Database.Database): void {
  db.prepare('DELETE FROM household_key').run();
}

const secretOf = (db: Database.Database): string | undefined =>
  db.prepare('SELECT secret FROM household_key').pluck().get() as string | undefined;

/** Whether this is the passphrase; never while the household is closed. */
export async function isPassphrase(db: Database.Database, passphrase: string): Promise<boolean> {
  const secret = secretOf(db);
  if (secret === undefined || Buffer.byteLength(passphrase) > MOST_BYTES) return false;
  return bcrypt.compare(passphrase, secret);
}

const seal = (secret: string, until: number): string =>
  createHmac('sha256', secret).update(`in until ${until}`).digest('base64url');

/** What a device that knew the passphrase is given; it holds until then, or until there is another passphrase. */
export function ticketFor(db: Database.Database, now: number): string | undefined {
  const secret = secretOf(db);
  const until = Math.floor(now / 1000) + STAYS_IN;
  return secret && `${until}.${seal(secret, until)}`;
}

export function isTicket(db: Database.Database, ticket: string | undefined, now: number): boolean {
  const secret = secretOf(db);
  const [, until, sealed] = /^(\d{1,12})\.([\w-]{43})$/.exec(ticket ?? '') ?? [];
  if (secret === undefined || !sealed || Number(until) * 1000 < now) return false;
  return timingSafeEqual(Buffer.from(sealed), Buffer.from(seal(secret, Number(until))));
}

/** A child's code; made where there is none. */
export function codeOf(db: Database.Database, childId: string): string {
  const known = db.prepare('SELECT code FROM child_code WHERE child_id = ?').pluck().get(childId);
  return (known as string | undefined) ?? renewCode(db, childId);
}

/** Gives a child another code; the one before it opens nothing any more. */
export function renewCode(db: Database.Database, childId: string): string {
  const code = Array.from({ length: CODE_LENGTH }, () => LETTERS[randomInt(LETTERS.length)]).join('');
  db.prepare(
    'INSERT INTO child_code (child_id, code) VALUES (?, ?) ON CONFLICT (child_id) DO UPDATE SET code = excluded.code',
  ).run(childId, code);
  return code;
}

/** Whose code it is; undefined where it is nobody's. */
export const childOf = (db: Database.Database, code: string): string | undefined =>
  db.prepare('SELECT child_id FROM child_code WHERE code = ?').pluck().get(code.toLowerCase()) as
    string | undefined;
