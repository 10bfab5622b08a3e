/** At the start the store is opened once; what is wrong with it is said in one sentence, here and on a page of its own. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { storeTrouble } = await import('@/data/open');
  const trouble = storeTrouble();
  if (trouble) process.stderr.write(`${trouble.message}\n`);
}
