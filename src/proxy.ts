/**
 * The door to the network. This machine's own names are answered, and those the household allows once it has a passphrase: for
 * whoever knows it, and for a child's own list by its code. Only its own pages may write, and every page carries a policy
 * under which nothing is loaded from anywhere else; WebAssembly may be compiled, for the solver.
 */
import { NextResponse, type NextRequest } from 'next/server';
import { isTicket, openTo, TICKET } from '@/data/household-door';
import { store, storeTrouble } from '@/data/open';

/** What is answered although the store cannot be used: the page that says so, and what can be saved out of it. */
const IN_TROUBLE = /^\/(?:store|files\/rescue\.json|icon\.svg|manifest\.webmanifest|_next\/.*)$/;

const OWN_NAMES = new Set(['127.0.0.1', 'localhost', '[::1]']);

/** What another device is shown before it is in: the door, children's lists by their code, and what pages are made of. */
const BEFORE_THE_DOOR =
  /^\/(?:come-in(?:\/try)?|c\/[^/]+(?:\/say)?|icon\.svg|manifest\.webmanifest|_next\/static\/.*)$/;

export function proxy(request: NextRequest): NextResponse {
  const host = request.headers.get('host') ?? '';
  const name = host.replace(/:\d+$/, '').toLowerCase();
  const isOwn = OWN_NAMES.has(name);
  if (!isOwn && !isAllowed(name))
    return new NextResponse('Hausplan answers only on this machine.\n', { status: 421 });
  if (!['GET', 'HEAD'].includes(request.method) && !fromOwnPage(request, host))
    return new NextResponse('Only Hausplan’s own pages may change the plan.\n', { status: 403 });

  const path = request.nextUrl.pathname;
  const trouble = IN_TROUBLE.test(path) ? undefined : storeTrouble();
  // The page that says so acts from whatever address it was shown at; nothing else can be changed.
  if (trouble && request.method !== 'GET' && !request.headers.has('next-action'))
    return new NextResponse(`${trouble.message}\n`, { status: 503 });
  if (!isOwn && !isIn(request)) {
    // An action is one of the parent's, whatever page it is sent to.
    const isBefore = BEFORE_THE_DOOR.test(path) && !request.headers.has('next-action');
    if (!isBefore && request.method === 'GET')
      return new NextResponse(null, { status: 307, headers: { location: `http://${host}/come-in` } });
    if (!isBefore) return new NextResponse('Come in first.\n', { status: 403 });
  }

  const nonce = Buffer.from(crypto.randomUUID()).toString('base64');
  const policy = contentPolicy(nonce);
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('content-security-policy', policy);
  // The action of the page that says so runs where it was called; only what is looked at is led to that page.
  const response =
    trouble && request.method === 'GET'
      ? NextResponse.rewrite(elsewhere(request, '/store'), { request: { headers } })
      : NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy);
  response.headers.set('x-content-type-options', 'nosniff');
  // A form that is sent from a page without any says not where it is from, and is then taken for a stranger's.
  response.headers.set('referrer-policy', path === '/come-in' ? 'same-origin' : 'no-referrer');
  // By another name it comes without encryption, where browsers ignore it and complain.
  if (isOwn) response.headers.set('cross-origin-opener-policy', 'same-origin');
  response.headers.set('cross-origin-resource-policy', 'same-origin');
  return response;
}

/** Whether the household answers to this name; to none of the network's while its store is in trouble. */
function isAllowed(name: string): boolean {
  if (storeTrouble()) return false;
  return openTo(store())?.some((n) => n.toLowerCase() === name) ?? false;
}

const isIn = (request: NextRequest): boolean =>
  isTicket(store(), request.cookies.get(TICKET)?.value, Date.now());

/** The same address with another path: built from the request's own, so that it is not taken for another server's. */
function elsewhere(request: NextRequest, path: string): URL {
  const url = request.nextUrl.clone();
  url.pathname = path;
  return url;
}

function fromOwnPage(request: NextRequest, host: string): boolean {
  const origin = request.headers.get('origin');
  return origin === `http://${host}`;
}

function contentPolicy(nonce: string): string {
  const developing = process.env.NODE_ENV === 'development';
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic' 'wasm-unsafe-eval'${developing ? " 'unsafe-eval'" : ''}`,
    developing ? "style-src 'self' 'unsafe-inline'" : `style-src 'self' 'nonce-${nonce}'`,
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    `connect-src 'self'${developing ? ' ws:' : ''}`,
    "worker-src 'self'",
    "manifest-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
}
