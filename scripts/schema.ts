/** Writes the published shapes of Hausplan JSON and of an outline of a unit, from the Zod schemas. */
import { writeFileSync } from 'node:fs';
import { jsonSchema, outlineSchema } from '@/core/formats/json-schema';

writeFileSync(new URL('../docs/hausplan.schema.json', import.meta.url), jsonSchema());
writeFileSync(new URL('../docs/outline.schema.json', import.meta.url), outlineSchema());
