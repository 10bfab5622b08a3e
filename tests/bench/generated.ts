/** A generated family: so many children, units, lessons and parts, the same every time. For timing only. */
import { blankChild, blankFamily, blankLesson, blankPart, blankUnit, blankYear } from '@/core/plan/blank';
import { HATCHES, WINDOWS } from '@/core/plan/words';
import { EMPTY_PLAN, type Plan } from '@/core/plan/plan';
import { type Lesson, type Part } from '@/core/plan/lesson';

export function generatedPlan(units = 10, lessonsPerUnit = 16, partsPerLesson = 5): Plan {
  let seed = 20260831;
  const random = (n: number): number => {
    seed = (seed * 1103515245 + 12345) % 2147483648;
    return Math.floor((seed / 2147483648) * n);
  };
  const childIds = ['c1', 'c2', 'c3', 'c4', 'c5'];
  const lessons: Lesson[] = [];
  const parts: Part[] = [];
  for (let u = 0; u < units; u++)
    for (let l = 0; l < lessonsPerUnit; l++) {
      const id = `u${u}l${l}`;
      lessons.push({ ...blankLesson, id, unitId: `u${u}`, title: `Lesson ${l + 1}` });
      for (let p = 0; p < partsPerLesson; p++) {
        const kind = (['activity', 'tell-back', 'copying', 'activity', 'activity'] as const)[p % 5];
        parts.push({
          ...blankPart,
          id: `${id}p${p}`,
          lessonId: id,
          kind,
          title: `Part ${p + 1}`,
          minutes: kind === 'activity' ? 10 + random(20) : null,
          lead: p % 5 === 0 ? 'leads' : 'not-needed',
          window: random(3) ? null : WINDOWS[random(3)],
          childIds: random(4) ? null : childIds.slice(0, 1 + random(5)),
          fixedDate: null,
          waitAfterHours: p === 3 && random(5) === 0 ? 48 : 0,
          waitLabel: '',
        });
      }
    }
  return {
    ...EMPTY_PLAN,
    family: { ...blankFamily, name: 'A generated family', leadMinutes: 240 },
    year: { ...blankYear, starts: '2026-08-31', ends: '2027-06-11', weeksOn: 10, weeksOff: 1, dayEnds: 930 },
    children: childIds.map((id, i) => ({
      ...blankChild,
      id,
      name: `Child ${i + 1}`,
      birthMonth: `${2012 + 2 * i}-05`,
      hatch: HATCHES[i],
      minutes: 240,
    })),
    units: Array.from({ length: units }, (_, u) => ({
      ...blankUnit,
      id: `u${u}`,
      title: `Unit ${u + 1}`,
      starts: u % 2 ? '2026-08-31' : `2026-1${u % 3}-05`,
      lessonsPerWeek: 1 + (u % 3),
      childIds: u % 3 ? childIds : childIds.slice(u % 4),
      passage: 'One line to copy,\nand another one.',
    })),
    lessons,
    parts,
  };
}
