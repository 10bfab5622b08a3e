import { z } from 'zod';
import { slice } from '../plan/plan';
import { hausplanFile, VERSION } from './hausplan-json';
import { unitOutline } from './unit-outline';

/** A shape under what may be null or left out. */
function bare(shape: z.ZodType): z.ZodType {
  const { innerType } = (shape as unknown as { def: { innerType?: z.ZodType } }).def;
  return innerType ? bare(innerType) : shape;
}

/** Each list of a plan is said once, under its name: an open year and a closed one have the same. */
const named = z.registry<{ id: string }>();
for (const [name, shape] of Object.entries(slice.shape)) named.add(bare(shape), { id: name });

/** JSON Schema (draft 2020-12) of a Hausplan JSON file, as text. References between things are checked on reading, not here. */
export function jsonSchema(): string {
  const schema = z.toJSONSchema(hausplanFile, { metadata: named, io: 'input' });
  return `${JSON.stringify({ ...schema, title: `Hausplan JSON, version ${VERSION}` }, null, 2)}\n`;
}

/** The same of an outline of a unit. */
export function outlineSchema(): string {
  const schema = z.toJSONSchema(unitOutline, { io: 'input' });
  return `${JSON.stringify({ ...schema, title: 'An outline of a unit, of Hausplan' }, null, 2)}\n`;
}
