import { currentRevision } from '@/data/door';
import { store } from '@/data/open';

/** Milliseconds between two looks at the store, and between two signs of life. */
const LOOK = 300;
const ALIVE = 20_000;

/**
 * Server-sent events: the number of each new revision, whoever made it; the newest at once. A window that shows an older
 * one asks for its sheet anew. https://html.spec.whatwg.org/multipage/server-sent-events.html
 */
export function GET(request: Request): Response {
  const text = new TextEncoder();
  let stop = (): void => undefined;
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
          const now = currentRevision(store());
          if (now !== last) say(`data: ${(last = now)}\n\n`);
          else if (Date.now() - said > ALIVE) say(': still here\n\n');
        } catch {
          // A store in trouble has its own page; a window that has gone is stopped below.
        }
      };
      const timer = setInterval(look, LOOK);
      timer.unref();
      stop = () => clearInterval(timer);
      request.signal.addEventListener('abort', stop);
      look();
    },
    cancel: () => stop(),
  });
  return new Response(body, {
    headers: {
      'content-type': 'text/event-stream',
      'cache-control': 'no-store',
      'x-accel-buffering': 'no',
    },
  });
}
