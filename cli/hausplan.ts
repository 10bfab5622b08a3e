#!/usr/bin/env node
/** Hausplan from the command line, without the web app. */
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { run } from './commands';

const USAGE = `hausplan: plans of Hausplan, without the web app

  hausplan layout PLAN.json [--today YYYY-MM-DD] [--fresh] [--json]
      Lays the plan out and prints each part with its day and the reason.
      --fresh rubs out all pencil first; --json prints the plan as laid out.
  hausplan check PLAN.json
      Says whether the file can be read and whether its days keep what a lay-out promises.
  hausplan export PLAN.json --ics
      Prints the plan as iCalendar.
  hausplan import PLAN.json --db FILE [--yes]
      Puts the plan into a store in place of what is there; undo brings that back. A plan that breaks what a lay-out
      promises is said to, and brought in only with --yes.

  hausplan save FILE [--db STORE]
      Writes a copy of the store to a file, also while Hausplan runs.
  hausplan restore FILE [--db STORE] [--yes]
      Shows what the file holds and what it would replace; with --yes puts it in the place of the store and keeps
      what was there as a copy.

STORE is the file HAUSPLAN_DB names, or your own, where --db names none.
PLAN.json may be - for standard input.
`;

const { values, positionals } = parseArgs({
  allowPositionals: true,
  strict: false,
  options: {
    today: { type: 'string' },
    fresh: { type: 'boolean' },
    json: { type: 'boolean' },
    ics: { type: 'boolean' },
    db: { type: 'string' },
    yes: { type: 'boolean' },
    help: { type: 'boolean', short: 'h' },
  },
});
const [command, file] = positionals;

if (values.help || !command) {
  process.stdout.write(USAGE);
  process.exitCode = values.help ? 0 : 2;
} else {
  const { out, err, code } = await run(command, {
    read: () => {
      if (!file) throw new Error('Name the plan’s file.');
      return readFileSync(file === '-' ? 0 : file, 'utf8');
    },
    today: typeof values.today === 'string' ? values.today : undefined,
    fresh: values.fresh === true,
    json: values.json === true,
    ics: values.ics === true,
    db: typeof values.db === 'string' ? values.db : undefined,
    file,
    yes: values.yes === true,
    migrations: fileURLToPath(new URL('../src/data/migrations', import.meta.url)),
  });
  process.stdout.write(out);
  process.stderr.write(err);
  process.exitCode = code;
}
