/** The lessons that the lines of a guide become. */
import { sentencesIn } from '../../books/sentences';
import type { Taste } from '../../plan/unit';
import { blankPreparation } from '../../plan/blank';
import { alternativeOf, readActivity } from '../activity-line';
import { kindFrom, ladderKindIn } from '../kind-words';
import { minutesFrom, waitFrom } from '../times-in-text';
import { WORKED_OUT_KINDS } from '../../plan/words';
import { blankDraft, blankDraftPart } from '../blank-draft';
import type { Draft, DraftPart } from '../draft';
import { daysBeforeFrom } from '../days-before';
import { bySome } from '../for-whom';
import { isCaution, remarksIn, type Said } from '../remarks';
import type { DatesWritten } from '../../calendar/customs';
import { readSupplies } from '../supplies';
import { isSubject, LABELLED, labelOf, wayIn } from './labels';
import { NAMES_DOING } from './doing-words';
import { addObjective } from './objectives';
import { rangesIn, titleAndPages } from './pages';
import type { GuideLine } from './read';

export interface HowRead extends DatesWritten {
  /** What the family likes best, first; of several ways to do a thing the one it likes stands. */
  taste: readonly Taste[];
  /** Codes of the objectives of the unit, as they are written there. */
  codes: readonly string[];
}

/** A lesson being filled: what stands above its first part waits for it. */
interface Filling {
  draft: Draft;
  /** Supplies, remarks and directions for the first part, whatever it is. */
  waiting: {
    supplies: DraftPart['supplies'];
    directions: string[];
    preparations: DraftPart['preparations'];
    said: Said;
  };
  /** The ways to do the last part, with what each is called. */
  ways: { way: string; part: DraftPart }[];
}

export function draftsFromGuide(lines: readonly GuideLine[], how: HowRead): Draft[] {
  const fillings: Filling[] = [];
  let ideas: string[] = [];
  for (const line of lines) {
    if (line.becomes === 'idea') ideas.push(line.text.slice(0, 500));
    if (line.becomes === 'lesson') {
      const { title, pages } = titleAndPages(line.text);
      fillings.push({
        draft: {
          ...structuredClone(blankDraft),
          title: title.slice(0, 200),
          bigIdeas: ideas,
        },
        waiting: { supplies: [], directions: [], preparations: [], said: {} },
        ways: [],
      });
      if (pages) addPages(fillings.at(-1)!.draft, pages);
      ideas = [];
    }
    const filling = fillings.at(-1);
    if (filling && line.becomes !== 'lesson') add(filling, line, how);
  }
  if (ideas.length && fillings.length) fillings.at(-1)!.draft.bigIdeas.push(...ideas);
  return fillings.map((f) => finished(f, how));
}

function add(filling: Filling, { text, becomes, way }: GuideLine, how: HowRead): void {
  const { draft, waiting } = filling;
  const last = filling.ways.at(0)?.part;
  switch (becomes) {
    case 'objective':
      addObjective(draft, text, how.codes);
      break;
    case 'pages':
      addPages(draft, text);
      break;
    case 'topic':
      draft.topics.push(...listed(text).map((t) => ({ title: t.slice(0, 200), page: null })));
      break;
    case 'part':
    case 'alternative':
      addPart(filling, text, becomes, way, how);
      break;
    case 'doing':
    case 'caution':
      if (last) last.directions = joined(last.directions, text);
      else waiting.directions.push(text);
      break;
    case 'remark':
      addRemark(filling, text, how);
      break;
    case 'supplies': {
      const { supplies, directions } = suppliesIn(text, how);
      if (last) {
        last.supplies = [...last.supplies, ...supplies];
        for (const d of directions) last.directions = joined(last.directions, d);
      } else {
        waiting.supplies.push(...supplies);
        waiting.directions.push(...directions);
      }
      break;
    }
    case 'preparation': {
      const made = { ...blankPreparation, what: text.slice(0, 200), daysBefore: daysBeforeFrom(text) };
      if (last) last.preparations = [...last.preparations, made];
      else waiting.preparations.push(made);
      break;
    }
    case 'words':
      draft.words.push(...listed(text).map((w) => w.replace(/\.$/u, '').slice(0, 80)));
      break;
    case 'recall':
      draft.recall.push({ id: '', easy: text.slice(0, 300), hard: '', answer: '' });
      break;
    case 'lesson':
    case 'above':
    case 'idea':
    case 'nothing':
      break;
  }
}

const joined = (above: string, text: string): string =>
  [above, text].filter(Boolean).join('\n').slice(0, 20_000);

const listed = (text: string): string[] =>
  text
    .split(/[;,·•]/)
    .map((x) => x.trim())
    .filter(Boolean);

/** Pages of the lesson; what lies apart from them stands as a topic with its page, so that no end is lost. */
function addPages(draft: Draft, text: string): void {
  const [first, ...more] = rangesIn(text);
  if (!first) {
    draft.topics.push({ title: text.slice(0, 200), page: null });
    return;
  }
  if (draft.firstPage === null) {
    draft.firstPage = first.first;
    draft.lastPage = first.last;
  } else more.unshift(first);
  for (const { first: from, last: to } of more)
    draft.topics.push({ title: to > from ? `also pp. ${from}–${to}` : `also p. ${from}`, page: from });
}

function addPart(
  filling: Filling,
  text: string,
  becomes: 'part' | 'alternative',
  way: string | undefined,
  how: HowRead,
): void {
  const { draft, ways } = filling;
  if (way === 'listed') {
    const several = text.split(/\s*;\s*|\s+or\s+|\s*\/\s*/iu).filter(Boolean);
    several.forEach((t, i) => addPart(filling, t, i ? 'alternative' : 'part', undefined, how));
    return;
  }
  // “Read the tale; map work; word list”: work of the ladder behind a semicolon is a part of its own.
  const [whole, ...own] = apart(text).flatMap(bySome);
  if (own.length) {
    addPart(filling, whole, becomes, way, how);
    own.forEach((t) => addPart(filling, t, 'part', undefined, how));
    return;
  }
  const made = partFrom(text, how);
  if (!made) return;
  const inline = made.alternatives.map((a): DraftPart => ({ ...blankDraftPart, ...a }));
  const part = { ...made, alternatives: [] };
  const named = way ?? wayIn(text)?.way ?? '';
  if (becomes === 'part' || !ways.length) {
    settle(filling, how);
    filling.ways = [{ way: named, part }, ...inline.map((p) => ({ way: '', part: p }))];
    draft.parts.push(part);
  } else ways.push({ way: named, part });
}

const apart = (text: string): string[] => {
  const segments = text.split(/\s*;\s*/u);
  const own = segments.slice(1).filter((s) => ladderKindIn(s));
  return [segments.filter((s) => !own.includes(s)).join('; '), ...own];
};

/** A part from its line: “Experiment: …” says what kind it is, “Outdoors: …” where. */
function partFrom(text: string, how: HowRead): DraftPart | undefined {
  const label = labelOf(text);
  const way = wayIn(text);
  const isTold =
    label && isSubject(label.label) && !NAMES_DOING.test(label.rest) && kindFrom(label.label) === 'activity';
  const rest = way?.rest ?? (isTold ? text : label?.rest || text);
  const read = readActivity(rest, how);
  if (!read) return undefined;
  const byLabel =
    LABELLED.test(text) && (way || label)
      ? kindFrom(way?.way === 'film' ? 'film' : (label?.label ?? ''))
      : 'activity';
  // A label that names no kind of its own leaves the kind to the words behind it.
  const kind = byLabel === 'activity' || byLabel === 'craft' || ladderKindIn(rest) ? read.kind : byLabel;
  // What is worked out from a child's own measure has no minutes, unless the guide says some.
  const minutes = WORKED_OUT_KINDS.includes(kind) && minutesFrom(rest).minutes === null ? null : read.minutes;
  return { ...read, kind, minutes, outdoors: read.outdoors || kind === 'walk' || way?.way === 'outdoors' };
}

function addRemark(filling: Filling, text: string, how: HowRead): void {
  const wait = waitFrom(text);
  let said: Said = {};
  // A sentence that says more than its remark stays, too.
  const words = sentencesIn(text).filter((sentence) => {
    const remark = remarksIn(waitFrom(sentence)?.rest ?? sentence, how);
    said = { ...said, ...remark.said };
    return /\p{L}/u.test(remark.rest);
  });
  const part = filling.ways.at(0)?.part;
  if (!part) {
    filling.waiting.said = { ...filling.waiting.said, ...said };
    filling.waiting.directions.push(...words);
    return;
  }
  Object.assign(part, said, wait ? { waitAfterHours: wait.hours, waitLabel: wait.label } : {});
  for (const w of words) part.directions = joined(part.directions, w);
}

/** Supplies of a line; ages, cautions and such among them are none. */
function suppliesIn(text: string, how: HowRead): { supplies: DraftPart['supplies']; directions: string[] } {
  const directions: string[] = [];
  const things = text.split(/;|(?<=[.!])\s+(?=\p{Lu})/u).flatMap((t) => {
    const thing = t.trim();
    if (isCaution(thing)) {
      directions.push(thing);
      return [];
    }
    const { said, rest } = remarksIn(thing, how);
    if (said.lead || said.ageFrom || said.ageTo) {
      if (!rest || rest.split(' ').length > 5) {
        directions.push(thing);
        return [];
      }
      return [rest];
    }
    return thing ? [thing] : [];
  });
  return { supplies: readSupplies(things.join(';')), directions };
}

/** Of the ways to do a part the family's favourite stands, and the others wait in it. */
function settle(filling: Filling, { taste }: HowRead): void {
  const { ways, draft } = filling;
  if (ways.length < 2) return;
  const liking = ({ way, part }: { way: string; part: DraftPart }): number => {
    const at = taste.findIndex((t) => t === way || t === part.kind || (t === 'outdoors' && part.outdoors));
    return at < 0 ? taste.length : at;
  };
  const best = ways.reduce((a, b) => (liking(b) < liking(a) ? b : a));
  const stood = ways[0].part;
  const at = draft.parts.indexOf(stood);
  draft.parts[at] = {
    ...best.part,
    alternatives: ways
      .filter((w) => w !== best)
      .map((w) => alternativeOf(w.part))
      .slice(0, 12),
  };
  filling.ways = [{ way: best.way, part: draft.parts[at] }];
}

function finished(filling: Filling, how: HowRead): Draft {
  settle(filling, how);
  const { draft, waiting } = filling;
  const { supplies, directions, preparations, said } = waiting;
  const empty = !supplies.length && !directions.length && !preparations.length && !Object.keys(said).length;
  if (empty) return draft;
  const first: DraftPart = draft.parts[0] ?? {
    ...blankDraftPart,
    title: draft.title,
    kind: kindFrom(draft.title),
  };
  const parts = draft.parts.length ? draft.parts : [first];
  parts[0] = {
    ...first,
    ...said,
    supplies: [...supplies, ...first.supplies],
    preparations: [...preparations, ...first.preparations],
    directions: joined(directions.join('\n'), first.directions),
  };
  // Ages at the head of a lesson are all its parts'.
  return {
    ...draft,
    parts: parts.map((p) => ({
      ...p,
      ageFrom: p.ageFrom ?? said.ageFrom ?? null,
      ageTo: p.ageTo ?? said.ageTo ?? null,
    })),
  };
}
