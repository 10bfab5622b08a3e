/** Writes docs/hausplan.schema.json from the Zod schemas: the published shape of Hausplan JSON. */
import { writeFileSync } from 'node:fs';
import { jsonSchema } from '@/core/formats/json-schema';

writeFileSync(new URL('../docs/hausplan.schema.json', import.meta.url), jsonSchema());
