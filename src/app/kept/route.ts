import { takeKept } from '@/sheets/frame/take-kept';

/** A tick that was kept on a device of the parent's while Hausplan could not be reached. */
export async function POST(request: Request): Promise<Response> {
  return takeKept(request);
}
