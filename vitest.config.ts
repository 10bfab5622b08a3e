import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  test: {
    environment: 'node',
    testTimeout: 120_000,
    setupFiles: ['tests/same-draws.ts'],
    // A fresh process a file costs more than the tests in it; no test changes what another imports.
    isolate: false,
    maxWorkers: 2,
    projects: [
      {
        extends: true,
        test: { name: 'unit', include: ['src/**/*.test.ts', 'cli/**/*.test.ts', 'scripts/**/*.test.ts'] },
      },
      { extends: true, test: { name: 'checks', include: ['tests/checks/**/*.test.ts'] } },
    ],
  },
});
