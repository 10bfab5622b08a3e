import { answer } from '@/sheets/child/say';
import { whose } from '@/sheets/child/whose';

/** What is said from a child's own link. */
export async function POST(
  request: Request,
  { params }: { params: Promise<{ code: string }> },
): Promise<Response> {
  const found = whose((await params).code);
  // What a child says meanwhile is kept on their device.
  if (found === 'wait') return new Response('Wait a little, then once more.\n', { status: 429 });
  return answer(found?.childId, request);
}
