import { answer } from '@/sheets/child/say';

/** What is said from a child's list at one of the parent's own windows. */
export async function POST(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  return answer((await params).id, request);
}
