/** What is done in a part, apart from where it stands and who takes part: what an outline and an alternative keep of it. */
import { blankDoing } from './blank';
import type { Alternative, Part } from './lesson';

export type Doing = Omit<Alternative, 'id'>;

const FIELDS = ['kind', 'title', 'lead', ...Object.keys(blankDoing)] as (keyof Doing)[];

export const doingOf = (part: Part): Doing =>
  Object.fromEntries(FIELDS.map((field) => [field, part[field]])) as unknown as Doing;
