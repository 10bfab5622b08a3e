/** A process that keeps a test runner warm: is sent a changed file and the tests to run, and answers whether they noticed. */
import { createVitest } from 'vitest/node';

export interface Question {
  file: string;
  tests: string[];
}

const vitest = await createVitest('test', {
  watch: false,
  bail: 1,
  reporters: [{ onInit: () => undefined }],
  project: ['unit', 'checks'],
});
await vitest.standalone();
const specifications = await vitest.globTestSpecifications();

process.on('message', async ({ file, tests }: Question) => {
  vitest.invalidateFile(file);
  let isNoticed = false;
  for (const test of tests) {
    const specification = specifications.find((s) => s.moduleId === test);
    if (!specification) continue;
    const { testModules, unhandledErrors } = await vitest.runTestSpecifications([specification]);
    isNoticed = unhandledErrors.length > 0 || testModules.some((m) => !m.ok());
    if (isNoticed) break;
  }
  vitest.invalidateFile(file);
  process.send!(isNoticed);
});
process.send!('ready');
