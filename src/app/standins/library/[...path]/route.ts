/** The stand-in library at its counter. */
import { today } from '@/sheets/frame/clock';
import { ledger } from '@/standins/library/ledger';
import { serve } from '@/standins/library/serve';

type Context = { params: Promise<{ path: string[] }> };

async function answer(request: Request, { params }: Context): Promise<Response> {
  const { status, type, body } = serve(
    request.method,
    (await params).path,
    new URL(request.url).searchParams.get('query') ?? '',
    ledger(),
    today(),
  );
  return new Response(JSON.stringify(body), { status, headers: { 'content-type': type } });
}

export const GET = answer;
export const POST = answer;
