/** `npm run demo`: installs what is missing, builds, loads the demo family into a store of its own, and starts. */
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ensureBuilt, ensurePackages, hausplan, root, say, serve, stop } from './steps.mjs';

/** The day and time at which the demo begins; as in demo/make-demo.ts. */
const TODAY = '2026-10-28T09:20';

await ensurePackages();
await ensureBuilt();
const db = join(mkdtempSync(join(tmpdir(), 'hausplan-demo-')), 'demo.sqlite');
const loaded = hausplan('import', join(root, 'demo', 'fleece.json'), '--db', db);
if (loaded.status !== 0) stop(`The demo family could not be loaded:\n${loaded.stderr}`);
say('The demo family is loaded into a store of its own; each start begins afresh.');
await serve({ HAUSPLAN_DB: db, HAUSPLAN_TODAY: TODAY });
