import { createReadStream, mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { writeCopy } from '@/data/copies';
import { store } from '@/data/open';

/** The store as it is at this moment, as a file to take along: a store of its own. */
export function GET(): Response {
  const folder = mkdtempSync(join(tmpdir(), 'hausplan-copy-'));
  const gone = (): void => rmSync(folder, { recursive: true, force: true });
  try {
    const path = join(folder, 'hausplan.sqlite');
    writeCopy(store(), path);
    const file = createReadStream(path).on('close', gone);
    return new Response(Readable.toWeb(file) as ReadableStream, {
      headers: {
        'content-type': 'application/vnd.sqlite3',
        'content-length': String(statSync(path).size),
        'content-disposition': 'attachment; filename="hausplan.sqlite"',
        'cache-control': 'no-store',
      },
    });
  } catch (e) {
    gone();
    return new Response(`${(e as Error).message}\n`, { status: 507 });
  }
}
