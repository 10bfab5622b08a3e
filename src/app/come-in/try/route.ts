import { attempts } from '@/data/attempts';
import { isPassphrase, STAYS_IN, TICKET, ticketFor } from '@/data/household-door';
import { store } from '@/data/open';

const MOST = 1000;

/** Tries a passphrase: what is right gives the device a ticket. */
export async function POST(request: Request): Promise<Response> {
  const tries = attempts();
  if (tries.wait(Date.now())) return led('/come-in?wrong=wait');
  const text = await request.text();
  const passphrase = text.length > MOST ? '' : (new URLSearchParams(text).get('passphrase') ?? '');
  // Counted before it is looked at, which takes a while: so many at once are no way past the count.
  tries.wentWrong(Date.now());
  if (!(await isPassphrase(store(), passphrase))) return led('/come-in?wrong=passphrase');
  tries.wentRight();
  const ticket = ticketFor(store(), Date.now());
  return led('/today', `${TICKET}=${ticket}; HttpOnly; SameSite=Strict; Path=/; Max-Age=${STAYS_IN}`);
}

const led = (to: string, cookie?: string): Response =>
  new Response(null, { status: 303, headers: { location: to, ...(cookie ? { 'set-cookie': cookie } : {}) } });
