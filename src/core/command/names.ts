/** How lessons are named in the undo list, and the shape in which several of them are named to an action. */
import { z } from 'zod';
import { titled } from '../plan/called';
import { id } from '../plan/measures';
import type { Plan } from '../plan/plan';

export const ids = z.array(id).min(1).max(1000);
export const lessonName = (plan: Plan, lessonId: string): string => titled(plan, 'lessons', lessonId);
export const several = (plan: Plan, lessonIds: readonly string[]): string =>
  lessonIds.length === 1 ? lessonName(plan, lessonIds[0]) : `${lessonIds.length} lessons`;
