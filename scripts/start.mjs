/** `npm start`: installs what is missing, builds, and starts with your own plan. */
import { ensureBuilt, ensurePackages, serve } from './steps.mjs';

await ensurePackages();
await ensureBuilt();
await serve({});
