/** A process that keeps a test runner warm: is sent a changed file and the tests to run, and answers whether they noticed. */
import { createVitest } from 'vitest/node';

export interface Question {
  file: string;
  tests: string[];
}

const vitest = await createVitest('test', {
  watch: false,
  bail: 1,
  // A process that is used again would keep the file as it was.
  isolate: true,
  reporters: [{ onInit: () => undefined }],
  project: ['unit', 'checks'],
});
await vitest.standalone();
const specifications = await vitest.globTestSpecifications();

process.on('message', async ({ file, tests }: Question) => {
  vitest.invalidateFile(file);
  const asked = specifications.filter((s) => tests.includes(s.moduleId));
  const { testModules, unhandledErrors } = await vitest.runTestSpecifications(asked);
  vitest.invalidateFile(file);
  process.send!(unhandledErrors.length > 0 || testModules.some((m) => !m.ok()));
});
process.send!('ready');
