/** What a family says of kinds of work: kinds of its own, and changes to those the ladder has. */
import { blankPart } from '../plan/blank';
import type { Work } from '../plan/work';
import { GONE, type Edit } from './edit';

export type WorkFields = Omit<Work, 'id'>;

/** Keeps a kind of the family's own, new or changed; or what it changed of a kind there is. */
export const keepWork =
  (id: string | null, fields: WorkFields): Edit =>
  (plan, { newId }) => {
    const known =
      id !== null
        ? plan.works.find((w) => w.id === id)
        : plan.works.find((w) => w.kind === fields.kind && w.kind !== 'own-kind');
    if (id !== null && !known) return { refused: GONE };
    if (
      fields.kind === 'own-kind' &&
      plan.works.some(
        (w) => w !== known && w.kind === 'own-kind' && w.title.toLowerCase() === fields.title.toLowerCase(),
      )
    )
      return {
        refused: `There is a kind of work called “${fields.title}” already. Give this one another name.`,
      };
    // Versions that say nothing of their own are the ladder's.
    const versions = Object.fromEntries(
      Object.entries(fields.versions).filter(
        ([, v]) =>
          v &&
          (v.wording ||
            v.amount !== null ||
            v.minutes !== null ||
            v.parentMinutes !== null ||
            v.produces !== null ||
            v.supplies !== null),
      ),
    );
    const kept: Work = { ...fields, versions, id: known?.id ?? newId() };
    if (known)
      return {
        plan: {
          ...plan,
          works: Object.keys(versions).length
            ? plan.works.map((w) => (w === known ? kept : w))
            : plan.works.filter((w) => w !== known),
        },
      };
    return { plan: Object.keys(versions).length ? { ...plan, works: [...plan.works, kept] } : plan };
  };

/** Takes back what was changed of a kind, or a kind of the family's own that no lesson uses. */
export const removeWork =
  (id: string): Edit =>
  (plan) => {
    const work = plan.works.find((w) => w.id === id);
    if (!work) return { refused: GONE };
    const used = plan.parts.filter((p) => p.workId === id).length;
    if (used)
      return {
        refused: `“${work.title}” stands on ${used} ${used === 1 ? 'lesson' : 'lessons'}. Take it off there first.`,
      };
    return { plan: { ...plan, works: plan.works.filter((w) => w.id !== id) } };
  };

/** Puts a kind of the family's own on a lesson, for every child of the unit. */
export const addWorkPart =
  (lessonId: string, workId: string): Edit =>
  (plan, { newId }) => {
    const work = plan.works.find((w) => w.id === workId && w.kind === 'own-kind');
    if (!work || !plan.lessons.some((l) => l.id === lessonId)) return { refused: GONE };
    return {
      plan: {
        ...plan,
        parts: [
          ...plan.parts,
          {
            ...blankPart,
            id: newId(),
            lessonId,
            kind: 'own-kind',
            title: work.title,
            lead: 'not-needed',
            workId,
          },
        ],
      },
    };
  };
