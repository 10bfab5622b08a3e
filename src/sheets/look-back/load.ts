import { moneyText } from '@/core/loans/money-text';
import { proposedTalks, topicsToTalkOn } from '@/core/record/talk-evening';
import { isLadderKind } from '@/core/ladder/kinds';
import { lookBack, type LookBack } from '@/core/record/look-back';
import { leavingsOf } from '@/core/record/leavings';
import { inForce } from '@/core/plan/happened';
import { bareKindName } from '@/core/plan/part-kinds';
import { childName } from '@/core/plan/called';
import type { TalkEvening } from '@/core/plan/unit';
import { lessonsOf, partsByLesson } from '@/core/plan/lookup';
import type { HatchName } from '@/kit/hatch';
import { outlineOf, withoutFamily } from '@/core/formats/unit-outline';
import { load, type FrameInfo, type SearchParams } from '../frame/load';
import { customsOf } from '@/core/calendar/customs';

/** Something that can be kept, changed or dropped another time. */
export interface Judgeable {
  of: { partId: string } | { lessonId: string } | { bookId: string };
  id: string;
  title: string;
  /** What happened with it: “done, loved, took 50 min”. */
  detail: string;
  grade: number | null;
  note: string;
}

export interface LookBackView {
  info: FrameInfo;
  today: string;
  unit?: { id: string; title: string; closedOn: string | null; starts: string };
  back?: Omit<LookBack, 'books' | 'kept'>;
  factors: { kind: string; name: string; factor: number; times: number }[];
  lessons: (Judgeable & { parts: Judgeable[] })[];
  books: Judgeable[];
  amounts: string[];
  money: string;
  left: { lessons: string[]; sheets: string[] };
  /** Units still to be taught whose minutes could be those that things took. */
  toCome: { id: string; title: string }[];
  children: { id: string; name: string; hatch: HatchName }[];
  talks: TalkEvening | null;
  proposed: TalkEvening['talks'];
  /** What each child could talk on, and with which prompts. */
  topics: Record<string, { topics: string[]; prompts: string[]; minutes: number }>;
  given: string[];
  /** Where somebody of the family is named, which an outline to share says otherwise. */
  named: { where: string; text: string }[];
}

export async function loadLookBack(params: SearchParams): Promise<LookBackView> {
  const { plan, info, today, unit } = await load(params);
  const children = plan.children.map(({ id, name, hatch }) => ({ id, name, hatch }));
  if (!unit)
    return {
      ...{ info, today, children, factors: [], lessons: [], books: [], amounts: [], money: '' },
      ...{
        left: { lessons: [], sheets: [] },
        toCome: [],
        talks: null,
        proposed: [],
        topics: {},
        given: [],
        named: [],
      },
    };
  const back = lookBack(plan, unit, today);
  const judged = new Map(back.judged.map((j) => [j.of, j]));
  const loved = new Set(back.loved.map((l) => l.partId));
  const entries = inForce(plan.entries);
  const took = new Map(
    entries.filter((e) => e.kind === 'done' && e.minutes !== null).map((e) => [e.partId!, e.minutes!]),
  );
  const doneParts = new Set(entries.filter((e) => e.kind === 'done').map((e) => e.partId));
  const partsOf = partsByLesson(plan.parts);
  const judgeable = (
    of: Judgeable['of'],
    id: string,
    title: string,
    detail: (string | false | undefined)[],
  ): Judgeable => ({
    of,
    id,
    title,
    detail: detail.filter(Boolean).join(', '),
    grade: judged.get(id)?.grade ?? null,
    note: judged.get(id)?.note ?? '',
  });
  const leavings = leavingsOf(plan, unit, today);
  const { books, kept: _, ...figures } = back;
  const customs = customsOf(plan);
  return {
    info,
    today,
    unit: { id: unit.id, title: unit.title, closedOn: unit.closedOn, starts: unit.starts },
    back: figures,
    factors: back.factors.map((f) => ({ ...f, name: bareKindName(f.kind) })),
    lessons: lessonsOf(plan, unit.id).map((l) => ({
      ...judgeable({ lessonId: l.id }, l.id, `${l.number} ${l.title}`, [l.leftOut && 'left out']),
      parts: (partsOf.get(l.id) ?? [])
        // What every lesson has is judged with the lesson; what was done in it by itself.
        .filter((p) => p.ruleId === null && (!isLadderKind(p.kind) || judged.has(p.id) || loved.has(p.id)))
        .map((p) =>
          judgeable({ partId: p.id }, p.id, p.title, [
            doneParts.has(p.id) ? 'done' : 'not done',
            loved.has(p.id) && 'loved',
            took.has(p.id) && `took ${took.get(p.id)} min${p.minutes ? ` of ${p.minutes}` : ''}`,
          ]),
        ),
    })),
    books: [...books.used, ...books.unopened].map((b) =>
      judgeable({ bookId: b.id }, b.id, b.title, [
        books.used.includes(b) ? 'used' : 'never opened',
        books.outgrown.includes(b) && 'outgrown by everybody',
      ]),
    ),
    amounts: back.amounts.map(
      (a) =>
        `${childName(plan, a.childId)}, ${bareKindName(a.kind)}: right ${a.right} of ${a.said} times${a.minutes === null ? '' : `, ${a.minutes} min`}`,
    ),
    money: back.cost
      ? `${moneyText(back.cost, customs)}${unit.moneyLimit === null ? '' : ` of ${moneyText(unit.moneyLimit, customs)}`}`
      : '',
    left: {
      lessons: leavings.lessons.map((l) => l.lesson.title),
      sheets: leavings.sheets.map((s) => `${childName(plan, s.childId)}: ${s.title}`),
    },
    toCome: plan.units
      .filter((u) => u.id !== unit.id && u.closedOn === null && plan.lessons.some((l) => l.unitId === u.id))
      .map(({ id, title }) => ({ id, title })),
    children,
    talks: unit.talks,
    proposed: proposedTalks(plan, unit, today),
    topics: Object.fromEntries(
      plan.children
        .filter((c) => unit.childIds.includes(c.id))
        .map((c) => [c.id, topicsToTalkOn(plan, unit, c, today)]),
    ),
    given: entries.filter((e) => e.kind === 'talked').map((e) => `${e.childId} ${e.about.title}`),
    named: withoutFamily(outlineOf(plan, unit), plan).named,
  };
}
