import { currentRevision } from '@/data/revisions';
import { cookies } from 'next/headers';
import { store, storePath } from '@/data/open';
import { tracing } from '@/data/tracing';
import { TRACING } from '@/sheets/frame/desk';

/** Milliseconds between two looks at the store, and between two signs of life. */
const LOOK = 300;
const ALIVE = 20_000;

/** Those who listen. A server that is told to stop ends them first: it would wait for them for ever. */
const listening = new Set<() => void>();
let isStopping = false;
for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.on(signal, () => {
    isStopping = true;
    for (const end of listening) end();
  });

/**
 * Server-sent events: the number of each new revision, whoever made it; the newest at once. A window that shows an older
 * one asks for its sheet anew. https://html.spec.whatwg.org/multipage/server-sent-events.html
 */
export async function GET(request: Request): Promise<Response> {
  if (isStopping) return new Response(null, { status: 503, headers: { connection: 'close' } });
  const isTracing = (await cookies()).has(TRACING);
  const db = () => (isTracing && tracing(storePath())) || store();
  const text = new TextEncoder();
  let end = (): void => undefined;
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      let last = -1;
      let said = Date.now();
      const say = (line: string): void => {
        controller.enqueue(text.encode(line));
        said = Date.now();
      };
      const look = (): void => {
        try {
          const now = currentRevision(db());
          if (now !== last) say(`data: ${(last = now)}\n\n`);
          else if (Date.now() - said > ALIVE) say(': still here\n\n');
        } catch {
          // A store in trouble has a page of its own; the next look tries again.
        }
      };
      const timer = setInterval(look, LOOK);
      end = () => {
        clearInterval(timer);
        if (listening.delete(end)) controller.close();
      };
      listening.add(end);
      request.signal.addEventListener('abort', end);
      look();
    },
    cancel: () => {
      listening.delete(end);
      end();
    },
  });
  return new Response(body, {
    // The connection is not used again: one left idle would keep a server that stops waiting.
    headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store', connection: 'close' },
  });
}
