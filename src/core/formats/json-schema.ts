import { z } from 'zod';
import { hausplanFile, VERSION } from './hausplan-json';

/** JSON Schema (draft 2020-12) of a Hausplan JSON file, as text. References between things are checked on reading, not here. */
export function jsonSchema(): string {
  const schema = z.toJSONSchema(hausplanFile, { io: 'input' });
  return `${JSON.stringify({ ...schema, title: `Hausplan JSON, version ${VERSION}` }, null, 2)}\n`;
}
