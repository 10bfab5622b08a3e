import { sampleNamed } from '@/data/work-samples';
import { storePath } from '@/data/open';

/** A file of a child's work. Nothing in it may act: a PDF too is only looked at. */
export async function GET(_: Request, { params }: { params: Promise<{ name: string }> }): Promise<Response> {
  const { name } = await params;
  const file = sampleNamed(storePath(), name);
  if (!file) return new Response('There is no such file in the folder beside the store.\n', { status: 404 });
  return new Response(new Uint8Array(file.bytes), {
    headers: {
      'content-type': file.type,
      'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'; sandbox",
      'x-content-type-options': 'nosniff',
      'cache-control': 'private, max-age=31536000, immutable',
    },
  });
}
