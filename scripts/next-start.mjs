/** How Next is started, by the commands, the browser tests and the benchmarks alike. */
import { fileURLToPath } from 'node:url';

/**
 * The memory that is free to be used again is looked for sooner than Node would by itself, which otherwise lets it grow to a
 * third more; there is no limit at which it would end. Measured by `npm run bench -- years`.
 */
const MEMORY = ['--heap-growing-percent=30', '--max-semi-space-size=8'];

/** Arguments for Node. */
export const nextStart = (host, port) => [
  ...MEMORY,
  fileURLToPath(new URL('../node_modules/next/dist/bin/next', import.meta.url)),
  'start',
  '-H',
  host,
  '-p',
  String(port),
];
