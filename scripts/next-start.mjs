/** How Next is started, by the commands, the browser tests and the benchmarks alike. */
import { fileURLToPath } from 'node:url';

/** Arguments for Node. */
export const nextStart = (host, port) => [
  fileURLToPath(new URL('../node_modules/next/dist/bin/next', import.meta.url)),
  'start',
  '-H',
  host,
  '-p',
  String(port),
];
