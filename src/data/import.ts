import type Database from 'better-sqlite3';
import { readHausplanJson, type Fault } from '@/core/formats/hausplan-json';
import { write } from './door';

/** Replaces the stored plan by that of a Hausplan JSON text, as one revision: all of it, or nothing and what is wrong. */
export function importText(
  db: Database.Database,
  base: number,
  text: string,
): { revision: number } | { faults: Fault[] } {
  const reading = readHausplanJson(text);
  if ('faults' in reading) return reading;
  return write<never>(db, base, { label: () => 'Imported a plan' }, () => ({ plan: reading.plan }));
}
