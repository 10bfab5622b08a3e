/** What the ladder has for each child: the kind of a piece of work, the rung they stand on, and the version of it. */
import { customsOf } from '../calendar/customs';
import { spelt } from '../calendar/spelling';
import { ageOn } from '../plan/age';
import { cautionsFor } from '../cautions/match';
import { pagesText, readingMinutes, usesRead } from '../books/reading';
import type { Rung, Skill } from '../plan/measures';
import { keyOf, SHARED_KINDS, WORKED_OUT_KINDS } from '../plan/words';
import type { Child, Plan } from '../plan/plan';
import type { Lesson, Part } from '../plan/lesson';
import type { Unit } from '../plan/unit';
import type { Work } from '../plan/work';
import { booksById, byId, childrenOf, groupBy, takesPart } from '../plan/lookup';
import { writerOf, type Writer } from './handwriting';
import { isLadderKind, KINDS_OF_WORK, recast, SHOWN_BY, type Asked, type WorkKind } from './kinds';
import { isToldAsWell, isWritten, saidVersion, WRITES_MORE_FROM } from './said';
import { keptBusy } from './kept-busy';
import { once } from '../plan/once';
import { materialOf } from './material';
import { joins } from './small';
import { moved, rungOf } from '../plan/rungs';
import type { Teaching, Turn } from './together';
import type { Version } from './version';

/** A piece of work for one child: a part of a lesson that the ladder has versions of. */
export interface Piece {
  part: Part;
  child: Child;
  lesson: Lesson;
  unit: Unit;
}

export interface Ladder {
  /** The kind of work it is for this child: what they do instead, or the way they show what they know. */
  kindFor: (piece: Piece) => WorkKind;
  /** The rung the child stands on in it, moves for the lesson and for the part included. */
  rungFor: (piece: Piece) => Rung;
  skillFor: (piece: Piece, rung: Rung) => Skill;
  /** What a version is made from. */
  askedFor: (piece: Piece, rung?: Rung) => Asked;
  /** Whether it is said instead of written: one writing task in a lesson is enough under ten. */
  isOnlySaid: (piece: Piece) => boolean;
  /** The work on any rung, as this child would get it; on the rung they stand on by default. */
  versionOf: (piece: Piece, rung?: Rung) => Version;
}

/** Characters of a note that are kept. */
const NOTE = 500;

export const ladderOf = once((plan: Plan): Ladder => {
  const material = materialOf(plan);
  const parts = byId(plan.parts);
  const works = byId(plan.works);
  const changed = new Map<string, Work>(
    plan.works.filter((w) => w.kind !== 'own-kind').map((w) => [w.kind, w]),
  );
  const writers = new Map<string, Writer>();
  const books = booksById(plan.books);
  const pulls = byId(plan.pulls);
  const read = usesRead(plan);
  const minutesToRead = readingMinutes(plan);
  const cares = new Map<string, string>();
  const careOf = (part: Part, unit: Unit): string => {
    if (!cares.has(part.id)) cares.set(part.id, careFor(plan, part, unit, ''));
    return cares.get(part.id)!;
  };
  const measured = plan.marks.filter((m) => m.letters);

  const writer = (child: Child, unit: Unit): Writer => {
    const key = `${child.id} ${unit.starts}`;
    if (!writers.has(key)) writers.set(key, writerOf(child, unit.starts, measured, plan.year?.starts));
    return writers.get(key)!;
  };
  const workOf = ({ part }: Piece): Work | undefined =>
    part.workId === null ? undefined : works.get(part.workId);
  const byAge = ({ part, unit }: Piece): Child[] =>
    [...childrenOf(part, unit, plan.children)].sort((a, b) => (a.birthMonth < b.birthMonth ? -1 : 1));
  /** The part a younger child works at while an elder teaches them. */
  const taught = ({ part, unit, lesson }: Piece, child: Child): Piece | undefined => {
    const of = part.teaches === null ? undefined : parts.get(part.teaches);
    return of && of.kind !== 'teaching' && isLadderKind(of.kind)
      ? { part: of, child, lesson, unit }
      : undefined;
  };
  const learns = (piece: Piece): Piece | undefined =>
    piece.part.kind === 'teaching' && byAge(piece)[0]?.id !== piece.child.id
      ? taught(piece, piece.child)
      : undefined;

  const kindFor = ({ part, child, unit }: Piece): WorkKind => {
    const instead = part.swaps[child.id]?.kind;
    const kind =
      part.kind === 'tell-back' && !instead
        ? SHOWN_BY[unit.shows[child.id] ?? 'tell back']
        : (instead ?? part.kind);
    return kind as WorkKind;
  };
  const rungFor = (piece: Piece): Rung => {
    const { part, child, lesson, unit } = piece;
    const learnt = learns(piece);
    const stands = learnt
      ? rungFor(learnt)
      : KINDS_OF_WORK[kindFor(piece)].stands(
          (skill: Skill) => rungOf(child, skill, unit.starts),
          workOf(piece),
        );
    return moved(stands, (learnt ? 0 : (lesson.rungMoves[child.id] ?? 0)) + (part.rungMoves[child.id] ?? 0));
  };
  const skillFor = (piece: Piece, rung: Rung): Skill => {
    const learnt = learns(piece);
    return learnt ? skillFor(learnt, rung) : KINDS_OF_WORK[kindFor(piece)].skill(rung, workOf(piece));
  };
  const teaching = (piece: Piece): Teaching & { isElder: boolean } => {
    const [elder, ...youngers] = byAge(piece);
    const of = youngers[0] && taught(piece, youngers[0]);
    const learner = piece.child.id === elder?.id ? youngers[0] : piece.child;
    return {
      isElder: piece.child.id === elder?.id,
      elder: elder?.name ?? '',
      youngers: youngers.map((c) => c.name),
      work: of && { title: of.part.title, version: versionOf({ ...of, child: learner }) },
    };
  };
  const turn = ({ part, child, unit }: Piece): Turn => {
    const asked = workers(part, unit, plan.children).sort((a, b) => (a.birthMonth > b.birthMonth ? -1 : 1));
    return {
      at: Math.max(
        0,
        asked.findIndex((c) => c.id === child.id),
      ),
      of: Math.max(1, asked.length),
    };
  };
  const inLesson = groupBy(plan.parts, (p) => p.lessonId ?? '');
  const writes = (piece: Piece): boolean => isWritten(kindFor(piece), rungFor(piece));
  const firstWritten = new Map<string, string | undefined>();
  const isOnlySaid = (piece: Piece): boolean => {
    const { child, lesson, unit, part } = piece;
    if (ageOn(child.birthMonth, unit.starts) >= WRITES_MORE_FROM || !writes(piece)) return false;
    // What an elder teaches them is done as it is.
    if (!workers(part, unit, plan.children).includes(child)) return false;
    const key = `${lesson.id} ${child.id}`;
    if (!firstWritten.has(key)) {
      const written = (inLesson.get(lesson.id) ?? []).filter(
        (p) =>
          isLadderKind(p.kind) &&
          workers(p, unit, plan.children).includes(child) &&
          writes({ part: p, child, lesson, unit }),
      );
      // What is told as well as it is written gives way to what must be written.
      const first =
        written.find((p) => !isToldAsWell(kindFor({ part: p, child, lesson, unit }))) ?? written[0];
      firstWritten.set(key, first?.id);
    }
    const first = firstWritten.get(key);
    return first !== undefined && first !== part.id;
  };
  const reading = ({ part, child }: Piece): { what: string; minutes: number } => ({
    what: read(part, child.id)
      .map((u) => `“${books.get(pulls.get(u.pullId)!.bookId)!.title}”${pagesText(u)}`)
      .join('; '),
    minutes: part.minutes ?? minutesToRead(part, child.id),
  });

  const askedFor = (piece: Piece, rung: Rung = rungFor(piece)): Asked => {
    const kind = kindFor(piece);
    return {
      rung,
      writer: writer(piece.child, piece.unit),
      material: material(piece.lesson, piece.unit),
      part: piece.part,
      amount: changed.get(kind)?.versions[keyOf(rung)]?.amount ?? null,
      reading: () => reading(piece),
      teaching: () => teaching(piece),
      turn: () => turn(piece),
      work: kind === piece.part.kind ? workOf(piece) : undefined,
    };
  };
  const versionOf = (piece: Piece, rung: Rung = rungFor(piece)): Version => {
    const { part, child, unit } = piece;
    const kind = kindFor(piece);
    const asked = askedFor(piece, rung);
    const of = changed.get(kind)?.versions[keyOf(rung)];
    const version = isOnlySaid(piece) ? saidVersion(kind, asked) : KINDS_OF_WORK[kind].version(asked);
    const made = recast(version, of);
    // What says its own minutes takes those; and what everyone does together is led as one thing, not child by child.
    const shared = SHARED_KINDS.includes(part.kind);
    const minutes =
      WORKED_OUT_KINDS.includes(part.kind) || (of?.minutes != null && !shared)
        ? made.minutes
        : (part.minutes ?? made.minutes);
    const why = part.swaps[child.id]
      ? `Instead of ${part.title.toLowerCase()}: ${part.swaps[child.id].why}.`
      : '';
    const small = shared ? smallIn(piece, minutes) : undefined;
    return {
      ...made,
      minutes,
      parentMinutes: shared ? 0 : Math.min(made.parentMinutes, minutes),
      ...small?.version,
      note: [
        small?.note,
        why,
        made.note,
        of || asked.work ? careFor(plan, part, unit, `${made.wording} ${made.supplies}`) : careOf(part, unit),
      ]
        .filter(Boolean)
        .join(' ')
        .slice(0, NOTE),
    };
  };
  /** What is done together as a small child has it: one stretch of it, or something of their own beside it. */
  const smallIn = (
    { part, child, lesson, unit }: Piece,
    minutes: number,
  ): { version: Partial<Version>; note: string } | undefined => {
    const how = joins(part, child, childrenOf(part, unit, plan.children), unit.starts);
    if (how === 'whole') return undefined;
    const [own] = keptBusy(plan, unit, child, material(lesson, unit), 1);
    if (how === 'beside')
      return {
        version: { wording: `Beside it, out of reach: ${own}`, minutes: 0, produces: '', supplies: '' },
        note: `Hot, sharp or strong: ${child.name} is not in it.`,
      };
    const joined = Math.min(minutes, how.minutes);
    return {
      version: { minutes: joined },
      note:
        joined < minutes
          ? `Joins for ${joined} min; then beside it: ${own}${/[.?!]$/.test(own) ? '' : '.'}`
          : '',
    };
  };
  const { spelling } = customsOf(plan);
  const asSpelt = (version: Version): Version => ({ ...version, wording: spelt(version.wording, spelling) });
  return {
    kindFor,
    rungFor,
    skillFor,
    askedFor,
    isOnlySaid,
    versionOf: (piece, rung) => asSpelt(versionOf(piece, rung)),
  };
});

/** What a part needs care for, in a few words; also what its own words, the family's, name. */
export function careFor(plan: Plan, part: Part, unit: Unit, words: string): string {
  const cautions = cautionsFor(
    words ? { ...part, kind: 'activity', directions: `${part.directions} ${words}` } : part,
    plan.children,
    plan.family?.allergies ?? [],
    unit.starts,
  );
  return cautions.length
    ? `With care, whoever does it: ${cautions
        .slice(0, 3)
        .map((c) => c.title)
        .join('; ')}.`
    : '';
}

/** The children who are given work in a part: those who take part, but for the smallest and those who listen in. */
export const workers = (part: Part, unit: Unit, children: readonly Child[]): Child[] =>
  childrenOf(part, unit, children).filter((c) => takesPart(c, unit.starts) && !unit.listens.includes(c.id));
