/** `npm run build`: the app and the command line. */
import { ensureBuilt, ensurePackages } from './steps.mjs';

await ensurePackages();
await ensureBuilt();
