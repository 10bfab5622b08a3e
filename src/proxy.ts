/**
 * The door to the network. Only this machine's own names are answered, only its own pages may write, and every
 * page carries a policy under which nothing is loaded from anywhere else; WebAssembly may be compiled, for the solver.
 */
import { NextResponse, type NextRequest } from 'next/server';
import { storeTrouble } from '@/data/open';

/** What is answered although the store cannot be used: the page that says so, and what can be saved out of it. */
const IN_TROUBLE = /^\/(?:store|files\/rescue\.json|icon\.svg|_next\/.*)$/;

const OWN_NAMES = new Set(['127.0.0.1', 'localhost', '[::1]']);

export function proxy(request: NextRequest): NextResponse {
  const host = request.headers.get('host') ?? '';
  if (!OWN_NAMES.has(host.replace(/:\d+$/, '')))
    return new NextResponse('Hausplan answers only on this machine.\n', { status: 421 });
  if (!['GET', 'HEAD'].includes(request.method) && !fromOwnPage(request, host))
    return new NextResponse('Only Hausplan’s own pages may change the plan.\n', { status: 403 });

  const path = request.nextUrl.pathname;
  const trouble = IN_TROUBLE.test(path) ? undefined : storeTrouble();
  // The page that says so acts from whatever address it was shown at; nothing else can be changed.
  if (trouble && request.method !== 'GET' && !request.headers.has('next-action'))
    return new NextResponse(`${trouble.message}\n`, { status: 503 });

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
  response.headers.set('referrer-policy', 'no-referrer');
  response.headers.set('cross-origin-opener-policy', 'same-origin');
  response.headers.set('cross-origin-resource-policy', 'same-origin');
  return response;
}

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
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
}
