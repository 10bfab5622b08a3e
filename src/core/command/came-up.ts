import { z } from 'zod';
import { cameUp, type CameUp } from '../edit/came-up';
import { takeWay } from '../edit/ways-through';
import { childName, titled } from '../plan/called';
import type { Plan } from '../plan/plan';
import { command } from './command';

/** What came up, in a few words. */
function whatInWords(plan: Plan, what: CameUp): string {
  switch (what.is) {
    case 'days-lost':
      return what.label || 'days without school';
    case 'child-ill':
      return `${childName(plan, what.childId, 'a child')} ill`;
    case 'you-ill':
      return 'you are ill';
    case 'ran-over':
      return `${titled(plan, 'lessons', what.lessonId)} needs another day`;
    case 'comes-late':
      return `something for ${titled(plan, 'parts', what.partId)} comes late`;
    case 'does-not-fit':
      return `${titled(plan, 'units', what.unitId)} did not fit`;
    case 'enough':
      return `enough of ${titled(plan, 'units', what.unitId)}`;
  }
}

/** Takes a way through what came up; it is worked out anew on the plan as it is. */
export const take = command({
  shape: z.strictObject({ what: cameUp, key: z.string().max(20_000), does: z.string().max(500) }),
  label: (v, plan) => `Something came up, ${whatInWords(plan, v.what)}: ${v.does}`,
  edit: (v) => takeWay(v.what, v.key),
});
