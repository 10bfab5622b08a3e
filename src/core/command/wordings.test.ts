/**
 * Every command as a parent meets it: what is given to it, and the line it leaves in the list of what can be undone; to be
 * read from top to bottom. Each is made once too, on the demo family's plan, and must change something it says it touches.
 */
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { perform } from '../edit/edit';
import { readHausplanJson } from '../formats/hausplan-json';
import { outlineOf } from '../formats/unit-outline';
import { blankActivity, blankDraft, blankDraftPart } from '../formats/blank-draft';
import { blankBook, blankChild, blankPart, blankRule, blankUnit } from '../plan/blank';
import type { Plan } from '../plan/plan';
import type { Command } from './command';
import { REGISTRY } from './registry';

const read = readHausplanJson(readFileSync('demo/fleece.json', 'utf8'));
if (!('plan' in read)) throw new Error('the demo cannot be read');
const TODAY = '2026-10-28';
let made = 0;
const CONTEXT = { today: TODAY, newId: () => `made${++made}` };

const D = (n: string): string => `demo-${n}`;
const [OTTILIE, BRAM, JUNIA] = ['0001', '0002', '0003'].map(D);
const [FLEECE, BRIDGES, BIRDS, SALT] = ['0005', '0006', '0007', '0008'].map(D);
const [DYE, INDIGO, WARP, PATTERNS] = ['0038', '0046', '0050', '0054'].map(D);
const [POT, TELL, WORDS, LOOM, MAP] = ['0306', '0048', '0314', '0322', '0320'].map(D);
const KETTLE = { book: D('0128'), pull: D('0129') };
const SUMS = { book: D('0233'), pull: D('0234') };
const MILL = { book: D('0237'), pull: D('0238') };
const BLUE = { loan: D('0370'), book: D('0156') };
const PART = { ...blankPart, kind: 'activity', title: 'Wind a skein', lead: 'near', minutes: 20 };
const PART_TYPED = Object.fromEntries(
  Object.entries(PART).filter(
    ([k]) =>
      ![
        'lessonId',
        'unitId',
        'ruleId',
        'seen',
        'workId',
        'rungMoves',
        'swaps',
        'teaches',
        'alternatives',
      ].includes(k),
  ),
);
const DRAFT_PART = { ...blankDraftPart, title: 'Wind a skein' };
const RULE = { ...blankRule, title: 'Knitting', kind: 'practice', rhythm: { on: 'day' } };
const EVEN = {
  name: 'Slowly',
  days: [
    { weekday: 1, closes: false },
    { weekday: 5, closes: true },
  ],
};
const OUTLINE = {
  ...blankActivity,
  id: 'x',
  taste: null,
  title: 'Felt balls',
  kind: 'craft',
  lead: 'leads',
};
const ownKind = Object.fromEntries(
  [1, 2, 3, 4, 5].map((r) => [r, { wording: `Spin ${r} yards`, minutes: 10 }]),
);
const FOUND = {
  ref: 'L1',
  draft: { ...blankBook, title: 'Looms by Hand', label: '' },
  until: null,
};

/** As it is, with a book on the pile to give away. */
const PLAN: Plan = {
  ...read.plan,
  units: read.plan.units.map((u) =>
    u.id === FLEECE
      ? {
          ...u,
          talks: {
            date: TODAY,
            starts: 1110,
            talks: [{ childId: BRAM, topic: 'The vat', minutes: 5 }],
          },
        }
      : u,
  ),
  appointments: [
    ...read.plan.appointments,
    { ...read.plan.appointments[0], id: 'read', readFrom: { calendar: 'Ours', uid: 'x' } },
  ],
  pulls: read.plan.pulls.map((p) => (p.id === D('0209') ? { ...p, role: 'give away' } : p)),
};
const WENKE = PLAN.adults[0].id;
const WILLOW = PLAN.units.find((u) => u.closedOn !== null)!;
const LEFT = PLAN.lessons.filter(
  (l) =>
    l.unitId === WILLOW.id &&
    !PLAN.parts.some((p) => p.lessonId === l.id && PLAN.marks.some((m) => m.partId === p.id)),
)[0];
const AGAIN = outlineOf(PLAN, WILLOW);
const taking = (how: 'again' | 'new'): object => ({
  title: WILLOW.title,
  starts: '2026-12-01',
  waiting: false,
  childIds: [BRAM],
  lessonsPerWeek: 3,
  repeats: how === 'again' ? { unitId: WILLOW.id, title: WILLOW.title, closedOn: WILLOW.closedOn } : null,
});
const BELT = PLAN.parts.flatMap((p) => p.alternatives).find((a) => a.title === 'A belt on a card loom')!.id;
const OBJECTIVE = PLAN.objectives[0];
const WORD = PLAN.units.flatMap((u) => u.vocabulary).find((v) => v.word === 'mordant')!.id;
const CHOIR = PLAN.appointments[0].id;
const piano = {
  title: 'Piano',
  childIds: [BRAM],
  adultIds: [],
  parent: false,
  dates: ['2026-11-03', '2026-11-10'],
  starts: 900,
  ends: 945,
};
const adult = (name: string): object => ({ name, minutes: 60, weekdays: [3] });
const childTyped = (): object => {
  const { rungs: _rungs, measured: _measured, ...typed } = blankChild;
  return { ...typed, birthMonth: '2017-02', hatch: 'waves' };
};
const off = (day: string, label: string): object => ({ first: day, last: day, label });
const nextYear = (): object => ({
  starts: '2027-08-30',
  ends: '2028-06-09',
  unitIds: [],
  ruleIds: [],
  questionIds: [],
  leadMinutes: 240,
  childMinutes: {},
});
const proposal = (id: string): object => ({ id, role: 'together', childId: null, lessons: [] });
const contents = (title: string, becomes: string): object => ({
  line: 1,
  title,
  page: null,
  level: 0,
  becomes,
  doubt: '',
});
const way = (what: object): object => ({ what, key: 'none', does: 'takes the day off' });
const reading = (pages: number): object => ({ childId: BRAM, bookId: null, date: TODAY, pages, minutes: 4 });

type Row = [line: string, name: string, input: unknown, about?: unknown];

const ROWS: Row[] = [
  // Family
  ['Changed the family', 'family.saveFamily', { name: 'Mill house', leadMinutes: 200, allergies: [] }],
  ['Added Tove', 'family.saveChild', { ...childTyped(), name: 'Tove' }, { childId: null }],
  ['Changed Bram', 'family.saveChild', { ...childTyped(), name: 'Bram' }, { childId: BRAM }],
  ['Took Bram off the plan', 'family.dropChild', BRAM],
  ['Took a child off the plan', 'family.dropChild', 'nobody'],
  ['Added Uncle Jost', 'family.saveAdult', adult('Uncle Jost'), { adultId: null }],
  ['Changed Aunt Wenke', 'family.saveAdult', adult('Aunt Wenke'), { adultId: WENKE }],
  ['Took Aunt Wenke off the plan', 'family.dropAdult', WENKE],
  ['Took an adult off the plan', 'family.dropAdult', 'nobody'],
  ['Changed what is in the house', 'family.savePantry', [{ name: 'salt', amount: 1, unit: 'kg' }]],
  ['Changed what counts for which subject', 'family.saveCountsFor', { copying: ['handwriting'] }],
  ['Changed how things are counted', 'family.saveCounting', { hours: 'shared', kitNumbers: 'year' }],
  ['Said where you live', 'family.saveWhere', { country: 'US', clock: 12 }],
  ['Set Junia’s rung in reading', 'family.placeOnRung', { childId: JUNIA, skill: 'reading', rung: 3 }],
  // Year
  ['Changed the school year', 'year.saveYear', { ...PLAN.year, weeksOn: 6 }],
  ['Added “Piano”, another appointment', 'appointments.saveAppointment', piano, { appointmentId: null }],
  ['Changed “Piano”', 'appointments.saveAppointment', piano, { appointmentId: CHOIR }],
  ['Took “The mill choir” off the appointments', 'appointments.dropAppointment', CHOIR],
  [
    'Read 1 appointment from “Ours”',
    'appointments.readCalendar',
    { calendar: 'Ours', rows: [{ ...piano, uid: 'p1' }] },
  ],
  ['Took off what was read from “Ours”', 'appointments.forgetCalendar', 'Ours'],
  ['Closed 2026/27, opened 2027/28', 'year.closeThisYear', nextYear()],
  ['Took Mill day off, Mon 9 Nov', 'year.takeHoliday', off('2026-11-09', 'Mill day')],
  ['Took a holiday off, Mon 9 Nov', 'year.takeHoliday', off('2026-11-09', '')],
  ['Illness from Mon 9 Nov to Mon 9 Nov', 'year.fallIll', off('2026-11-09', 'colds')],
  ['Placed “Salt” from Mon 11 Jan', 'year.place', { unitId: SALT, starts: '2027-01-11' }],
  ['“Bridges and How They Stand” ends Fri 18 Dec', 'year.end', { unitId: BRIDGES, wishedEnd: '2026-12-18' }],
  ['Left the end of “From Fleece to Cloth” open', 'year.end', { unitId: FLEECE, wishedEnd: null }],
  ['“a unit” waits', 'year.wait', 'gone'],
  ['Placed 1 unit from Mon 30 Nov', 'year.placeRow', { unitIds: [BIRDS], from: '2026-11-30' }],
  [
    'Placed 2 units one after another from Mon 30 Nov',
    'year.placeRow',
    { unitIds: [BIRDS, SALT], from: '2026-11-30' },
  ],
  [
    'Placed 1 unit from Mon 30 Nov, to end by Fri 18 Dec',
    'year.placeRow',
    { unitIds: [BIRDS], from: '2026-11-30', end: '2026-12-18' },
  ],
  ['Added the topic “Candles”', 'year.addTopic', { title: 'Candles' }],
  // Unit
  [
    'Began “Candles”',
    'unit.beginUnit',
    { ...blankUnit, title: 'Candles', starts: '2027-01-11', childIds: [BRAM] },
  ],
  ['Changed “Salt”', 'unit.changeUnit', { title: 'Salt and Sea' }, { unitId: SALT }],
  ['Took “Salt” off the plan', 'unit.dropUnit', SALT],
  ['Took “a unit” off the plan', 'unit.dropUnit', 'gone'],
  [
    'Added 1 objective',
    'unit.saveObjectives',
    { unitId: FLEECE, lines: [{ code: '', wording: 'Card wool' }] },
  ],
  [
    'Added 2 objectives',
    'unit.saveObjectives',
    { unitId: FLEECE, lines: ['Card wool', 'Spin it'].map((wording) => ({ code: '', wording })) },
  ],
  ['Changed objective HC.9', 'unit.changeObjective', { id: D('0344'), code: 'HC.9', wording: 'Card wool' }],
  [
    'Changed objective “Card wool”',
    'unit.changeObjective',
    { id: D('0344'), code: '', wording: 'Card wool' },
  ],
  ['Dropped an objective', 'unit.dropObjective', D('0344')],
  ['Tied an objective to 1 lesson', 'unit.tie', { objectiveId: D('0344'), lessonIds: [DYE] }],
  ['Tied an objective to 2 lessons', 'unit.tie', { objectiveId: D('0344'), lessonIds: [DYE, INDIGO] }],
  ['Asked: Who wove first?', 'unit.ask', { unitId: FLEECE, childId: BRAM, text: 'Who wove first?' }],
  ['Answered a question', 'unit.changeQuestion', { answer: 'It is sour' }, { questionId: D('0359') }],
  [
    'Changed a question',
    'unit.changeQuestion',
    { text: 'Why does sour keep red?' },
    { questionId: D('0359') },
  ],
  ['Dropped a question', 'unit.dropQuestion', D('0359')],
  ['Jotted “Tablets”', 'unit.jot', { unitId: FLEECE, texts: ['Tablets'] }],
  ['Jotted 2 ideas', 'unit.jot', { unitId: FLEECE, texts: ['Tablets', 'Bobbins'] }],
  ['Said whom “Silk worms” suits', 'unit.suit', { ideaId: D('0364'), childIds: [BRAM] }],
  ['“Silk worms” is dropped', 'unit.turn', { ideaId: D('0364'), becomes: 'dropped' }],
  [
    '“Nettle thread, 40 min, outdoors” is an idea again',
    'unit.turn',
    { ideaId: D('0362'), becomes: 'unsorted' },
  ],
  ['“Silk worms” becomes an activity', 'unit.turn', { ideaId: D('0364'), becomes: 'activity' }],
  ['“Silk worms” becomes a lesson', 'unit.turn', { ideaId: D('0364'), becomes: 'lesson' }],
  ['Moved “Silk worms”', 'unit.shiftIdea', { ideaId: D('0364'), by: -1 }],
  ['Dropped “Silk worms”', 'unit.dropIdea', D('0364')],
  ['Dropped “an idea”', 'unit.dropIdea', 'gone'],
  ['Closed “From Fleece to Cloth”: 8 of 16 lessons taught, 8 left over', 'unit.closeUnit', FLEECE],
  [
    'Took “A coracle in small” into “From Fleece to Cloth”',
    'unit.takeLeftOver',
    { lessonId: LEFT.id, unitId: FLEECE },
  ],
  ['“Willow and Water” is taught again', 'unit.takeUnit', { outline: AGAIN, taking: taking('again') }],
  ['Took in “Willow and Water” from an outline', 'unit.takeUnit', { outline: AGAIN, taking: taking('new') }],
  [
    'Minutes of “From Fleece to Cloth” by what such things took',
    'unit.takeFactors',
    { unitId: FLEECE, factors: [{ kind: 'craft', factor: 1.4 }] },
  ],
  ['Went on with “Willow and Water”', 'unit.reopenUnit', D('w0001')],
  // Shelf
  ['Put “Warps” on the shelf', 'shelf.putOnShelf', [{ ...blankBook, title: 'Warps' }]],
  [
    'Put “Warps” on the shelf',
    'shelf.bringHome',
    [{ book: { ...blankBook, title: 'Warps' }, due: '2027-01-08' }],
  ],
  [
    'Put 2 books on the shelf',
    'shelf.putOnShelf',
    [
      { ...blankBook, title: 'Warps' },
      { ...blankBook, title: 'Wefts' },
    ],
  ],
  ['Changed “The Dyer’s Kettle”', 'shelf.changeRecord', { place: 'attic' }, { bookId: KETTLE.book }],
  ['Took “The Dyer’s Kettle” off the shelf', 'shelf.takeOffShelf', KETTLE.book],
  ['Two records of “The Dyer’s Kettle” are one', 'shelf.makeOne', { keep: KETTLE.book, drop: SUMS.book }],
  // Books
  [
    'Put “Warps” on the shelf',
    'books.newBook',
    { book: { ...blankBook, title: 'Warps' }, placed: { role: 'together', read: 'aloud', childIds: [] } },
    { unitId: FLEECE },
  ],
  ['Changed “The Dyer’s Kettle”', 'books.changeBook', { place: 'attic' }, { bookId: KETTLE.book }],
  ['Pulled “The Dyer’s Kettle”', 'books.pull', [KETTLE.book], { unitId: SALT }],
  ['Pulled 2 books', 'books.pull', [KETTLE.book, SUMS.book], { unitId: SALT }],
  ['Pulled 4 books', 'books.pullFound', 'loom', { unitId: SALT }],
  [
    'Put “Spinner’s Sums” on lesson 8',
    'books.fillGap',
    { bookId: SUMS.book, lessonId: DYE, pages: 'all' },
    { unitId: FLEECE },
  ],
  [
    'Put “Spinner’s Sums” on another pile',
    'books.placeOnPiles',
    [{ pullId: SUMS.pull, role: 'basket', read: 'aloud', childIds: [] }],
  ],
  [
    'Put 2 books on other piles',
    'books.placeOnPiles',
    [SUMS, MILL].map((b) => ({ pullId: b.pull, role: 'basket', read: 'aloud', childIds: [] })),
  ],
  ['Put “Spinner’s Sums” back', 'books.backToShelf', SUMS.pull],
  [
    'Put “Spinner’s Sums” on lesson 8',
    'books.writeCells',
    [{ pullId: SUMS.pull, lessonId: DYE, typed: 'all' }],
  ],
  [
    'Took “The Dyer’s Kettle” off lesson 8',
    'books.writeCells',
    [{ pullId: KETTLE.pull, lessonId: DYE, typed: ' ' }],
  ],
  [
    'Changed 2 cells of the pages',
    'books.writeCells',
    [DYE, INDIGO].map((lessonId) => ({ pullId: KETTLE.pull, lessonId, typed: '1-4' })),
  ],
  [
    'Filled “The Dyer’s Kettle” along 2 lessons',
    'books.fill',
    { pullId: KETTLE.pull, lessonIds: [DYE, INDIGO], how: 'pages', from: 1, to: 9 },
  ],
  [
    'Laid 2 books along the lessons, one each',
    'books.fillOneEach',
    { pullIds: [SUMS.pull, MILL.pull], lessonIds: [DYE, INDIGO] },
  ],
  [
    'Paced “The Dyer’s Kettle” over days',
    'books.pace',
    { pullId: KETTLE.pull, by: 'pages', each: 4, from: 1, to: 12, first: '2026-11-09' },
  ],
  ['Gave away what lay on the pile', 'books.clearGiveAway', FLEECE],
  // The library, and loans
  [
    'Asked the library for “Looms by Hand”',
    'library.askFor',
    'L1',
    { unitId: FLEECE, found: FOUND, heard: {} },
  ],
  ['Took 1 book of the set', 'library.takeProposal', [proposal('L1')], { unitId: FLEECE, found: [FOUND] }],
  [
    'Took 2 books of the set',
    'library.takeProposal',
    [proposal('L1'), proposal(SUMS.book)],
    { unitId: FLEECE, found: [FOUND] },
  ],
  [
    'Wrote down what the library card allows',
    'loans.keepCard',
    { loans: 9, weeks: 3, renewals: 1, days: [2] },
  ],
  ['Took the library card away', 'loans.keepCard', null],
  ['“Blue Roads” lies ready', 'loans.step', 'ready', { loanId: BLUE.loan, heard: null }],
  ['Fetched “Blue Roads”', 'loans.step', 'fetch', { loanId: BLUE.loan, heard: null }],
  ['Renewed “Indigo Roads”', 'loans.step', 'renew', { loanId: D('0368'), heard: null }],
  ['Took “Indigo Roads” back', 'loans.step', 'return', { loanId: D('0368'), heard: null }],
  ['“Indigo Roads” cannot be renewed: others wait', 'loans.notRenewed', 'others wait', { loanId: D('0368') }],
  ['Took “Blue Roads” off the list of loans', 'loans.unwant', BLUE.loan],
  ['Took over the library’s news', 'loans.takeNews', [{ id: BLUE.loan, expected: '2026-11-10' }]],
  ['The lessons wait for “Blue Roads”', 'loans.remedy', { kind: 'wait' }, { loanId: BLUE.loan }],
  [
    'Read “Spinner’s Sums” instead of “Blue Roads”',
    'loans.remedy',
    { kind: 'instead', otherId: SUMS.book },
    { loanId: BLUE.loan },
  ],
  ['Did without “Blue Roads”', 'loans.remedy', { kind: 'without' }, { loanId: BLUE.loan }],
  // Lessons
  [
    'Made 1 lesson from a contents page',
    'lessons.applyContents',
    { unitId: FLEECE, lines: [contents('Bobbins', 'lesson'), contents('Reels', 'topic')] },
  ],
  [
    'Made 1 lesson from a guide',
    'lessons.applyDrafts',
    {
      unitId: FLEECE,
      drafts: [{ ...blankDraft, title: 'Bobbins' }],
      start: false,
      questions: false,
      from: 'a guide',
    },
  ],
  [
    'Put an activity on the lessons',
    'lessons.applyActivities',
    { unitId: FLEECE, activities: [DRAFT_PART], places: [9] },
  ],
  [
    'Put 2 activities on the lessons',
    'lessons.applyActivities',
    { unitId: FLEECE, activities: [DRAFT_PART, DRAFT_PART], places: [9, 10] },
  ],
  ['Added “Bobbins”', 'lessons.newLesson', { unitId: FLEECE, title: 'Bobbins', after: null }],
  ['Changed “Warp and weft”', 'lessons.changeLesson', { objective: 'Warp a loom' }, { lessonId: WARP }],
  ['Dropped “Warp and weft”', 'lessons.dropLessons', [WARP]],
  ['Dropped 2 lessons', 'lessons.dropLessons', [WARP, PATTERNS]],
  ['“Warp and weft” may be left out', 'lessons.mayBeLeftOut', { ids: [WARP], optional: true }],
  ['2 lessons must not be left out', 'lessons.mayBeLeftOut', { ids: [WARP, PATTERNS], optional: false }],
  [
    '“Warp and weft” builds no more on what comes before',
    'lessons.orderIsHabit',
    { ids: [WARP], buildsOn: false },
  ],
  ['2 lessons build on what comes before', 'lessons.orderIsHabit', { ids: [WARP, 'gone'], buildsOn: true }],
  ['Left out “Warp and weft”', 'lessons.leaveLessonsOut', { ids: [WARP], leftOut: true }],
  ['Took in “Warp and weft” again', 'lessons.leaveLessonsOut', { ids: [WARP], leftOut: false }],
  ['Moved “Warp and weft” up', 'lessons.shiftLesson', { lessonId: WARP, by: -1 }],
  ['Moved “Warp and weft” down', 'lessons.shiftLesson', { lessonId: WARP, by: 1 }],
  [
    'Added “Wind a skein” to “Warp and weft”',
    'lessons.savePart',
    PART_TYPED,
    { where: { lessonId: WARP }, partId: null },
  ],
  ['Added “Wind a skein”', 'lessons.savePart', PART_TYPED, { where: { unitId: FLEECE }, partId: null }],
  ['Changed “Wind a skein”', 'lessons.savePart', PART_TYPED, { where: { lessonId: WARP }, partId: LOOM }],
  ['Dropped “Warp a frame loom”', 'lessons.dropPart', LOOM],
  [
    'Made “Map of the blue roads” an alternative to “Labels on the map”',
    'lessons.turnIntoAlternative',
    { partId: MAP, toId: D('0315') },
  ],
  [
    'Took “A belt on a card loom” instead of “Warp a frame loom”',
    'lessons.doInstead',
    { partId: LOOM, alternativeId: BELT },
  ],
  [
    'Made “A belt on a card loom” a part of its own',
    'lessons.doAsWell',
    { partId: LOOM, alternativeId: BELT },
  ],
  ['Dropped “A belt on a card loom”', 'lessons.dropAlternative', { partId: LOOM, alternativeId: BELT }],
  ['Moved “Warp a frame loom” up', 'lessons.shiftPart', { partId: LOOM, by: -1 }],
  ['Moved “Tell it back” down', 'lessons.shiftPart', { partId: TELL, by: 1 }],
  ['Noted a caution of “Dye pot” as seen', 'lessons.see', { partId: POT, caution: 'hot', seen: true }],
  ['Noted a caution of “Dye pot” as not seen', 'lessons.see', { partId: POT, caution: 'hot', seen: false }],
  ['Added what comes back: “Knitting”', 'lessons.saveRule', RULE, { ruleId: null }],
  ['Changed what comes back: “Knitting”', 'lessons.saveRule', RULE, { ruleId: D('0337') }],
  ['“Tea and a poem” comes back no more', 'lessons.dropRule', D('0337')],
  ['Kept “Dye pot” for another time', 'lessons.keepAsOutline', { partId: POT, taste: null }],
  ['Added “Felt balls” to “Warp and weft”', 'lessons.addExtra', { lessonId: WARP, outline: OUTLINE }],
  ['“Felt balls” is kept no more', 'lessons.dropOutline', D('0367')],
  ['Put “Silk worms” on “Warp and weft”', 'lessons.putIdea', { ideaId: D('0364'), lessonId: WARP }],
  [
    'Changed the pace of “From Fleece to Cloth”',
    'lessons.keepPace',
    { lessonsPerWeek: 2, wishedEnd: null },
    { unitId: FLEECE },
  ],
  // The shape of lessons
  ['Joined 2 lessons', 'shape.join', { ids: [WARP, PATTERNS], title: null, asTopics: false }],
  ['Grouped 2 lessons into 1', 'shape.group', { ids: [WARP, PATTERNS], firsts: [0] }],
  ['Made “Patterns that tell” a topic', 'shape.indent', PATTERNS],
  ['Made “Mordants” a lesson', 'shape.outdent', { lessonId: DYE, index: 0 }],
  ['Made “a topic” a lesson', 'shape.outdent', { lessonId: 'gone', index: 7 }],
  ['Moved “Warp and weft” to place 3', 'shape.moveTo', { ids: [WARP], to: 3 }],
  ['Moved 2 lessons to place 3', 'shape.moveTo', { ids: [WARP, PATTERNS], to: 3 }],
  ['Swapped “Warp and weft” and “Patterns that tell”', 'shape.swap', { a: WARP, b: PATTERNS }],
  ['Split “Warp and weft” into 2', 'shape.split', { lessonId: WARP, into: 2 }],
  ['“Dye pot” once more', 'shape.onceMore', { partId: POT }],
  [
    'Stretched “Warp and weft” over the week',
    'shape.stretch',
    { ids: [WARP], pattern: EVEN, onePerWeek: true },
  ],
  ['Paused before “Warp and weft” until Mon 11 Jan', 'shape.pause', { lessonId: WARP, until: '2027-01-11' }],
  ['No pause before “Warp and weft”', 'shape.pause', { lessonId: WARP, until: null }],
  ['Took 2 lessons together again', 'shape.gather', [WARP, PATTERNS]],
  ['Kept the pattern “Slowly”', 'shape.savePattern', EVEN],
  // Ladder
  [
    'Bram 2 rungs up in “Tell it back”, this lesson',
    'ladder.moveForPart',
    { partId: TELL, childId: BRAM, by: 2 },
  ],
  [
    'Bram back on their own rung in “Tell it back”',
    'ladder.moveForPart',
    { partId: TELL, childId: BRAM, by: 0 },
  ],
  [
    'Moved Bram 1 rung down for this lesson',
    'ladder.moveForLesson',
    { lessonId: INDIGO, childId: BRAM, by: -1 },
  ],
  ['Bram back on their own rung', 'ladder.moveForLesson', { lessonId: INDIGO, childId: BRAM, by: 0 }],
  [
    'Moved Bram 1 rung up in “Tell it back” from here on',
    'ladder.moveKind',
    { partId: TELL, childId: BRAM, step: 1 },
  ],
  [
    'Moved Bram a rung down from here on',
    'ladder.moveFromHere',
    { lessonId: INDIGO, childId: BRAM, step: -1 },
  ],
  [
    'Worded Bram’s work by hand',
    'ladder.reword',
    { partId: TELL, childId: BRAM, wording: 'Tell the road', minutes: 9 },
  ],
  ['Gave Bram’s work back to the ladder', 'ladder.unword', { partId: TELL, childId: BRAM }],
  ['Bram: “Tell it back” left out or taken up again', 'ladder.skip', { partId: TELL, childId: BRAM }],
  ['Bram sits this lesson out', 'ladder.sitOut', { lessonId: INDIGO, childId: BRAM, joins: false }],
  ['Bram joins the lesson again', 'ladder.sitOut', { lessonId: INDIGO, childId: BRAM, joins: true }],
  [
    'Bram does something else instead of “Tell it back”',
    'ladder.swapFor',
    { partId: TELL, childId: BRAM, kind: 'copying', why: 'a sore throat' },
  ],
  ['Bram does “Tell it back” like the others again', 'ladder.unswap', { partId: TELL, childId: BRAM }],
  [
    'Added for Bram: “Spin”',
    'ladder.addForOne',
    { lessonId: INDIGO, childId: BRAM, title: 'Spin', minutes: 10, lead: 'near' },
  ],
  [
    'Ottilie teaches Junia “Word list”',
    'ladder.teach',
    { partId: WORDS, youngerId: JUNIA, elderId: OTTILIE },
  ],
  ['Ended: a part', 'ladder.unteach', 'gone'],
  ['Bram shows what they know by: talk', 'ladder.setShow', { unitId: FLEECE, childId: BRAM, show: 'talk' }],
  ['Added a word list to the lesson', 'ladder.addWork', 'word-list', { lessonId: INDIGO }],
  ['Added “a kind of work” to the lesson', 'ladder.addOwnKind', { lessonId: INDIGO, workId: 'gone' }],
  ['Took “Tell it back” off the lesson', 'ladder.takeOff', TELL],
  [
    'Kept the versions of “Spin yards”',
    'ladder.saveWork',
    { kind: 'own-kind', title: 'Spin yards', skill: 'hands', versions: ownKind },
    { workId: null },
  ],
  ['Took back “a kind of work”', 'ladder.dropWork', 'gone'],
  ['Made a share of the lesson less', 'loads.mendLoad', { does: 'drop', partId: LOOM }, { lessonId: WARP }],
  // Weeks
  ['Inked the week of 2 Nov', 'weeks.inkWeek', '2026-11-02'],
  ['Inked up to 4 Nov', 'weeks.inkUpTo', '2026-11-04'],
  ['Rubbed out the ink of the week of 26 Oct', 'weeks.rubOutWeek', '2026-10-26'],
  ['Laid the pencil out again', 'weeks.layOut', null],
  ['Moved lesson 11 to Tue 24 Nov', 'weeks.move', { lessonId: WARP, from: '2026-11-04', to: '2026-11-24' }],
  [
    'Took the better lay-out',
    'weeks.takeBetter',
    { places: [{ partId: D('0332-demo-0070'), date: '2026-11-24', window: 'afternoon' }] },
  ],
  ['Inked lesson 11', 'weeks.ink', WARP],
  ['Rubbed out the ink of lesson 9', 'weeks.rubOut', D('0042')],
  // Something came up
  [
    'Something came up, snow: takes the day off',
    'came-up.take',
    way({ is: 'days-lost', first: '2026-11-04', last: '2026-11-04', label: 'snow' }),
  ],
  [
    'Something came up, days without school: takes the day off',
    'came-up.take',
    way({ is: 'days-lost', first: '2026-11-04', last: '2026-11-04', label: '' }),
  ],
  [
    'Something came up, Junia ill: takes the day off',
    'came-up.take',
    way({ is: 'child-ill', first: '2026-11-04', last: '2026-11-04', childId: JUNIA }),
  ],
  [
    'Something came up, you are ill: takes the day off',
    'came-up.take',
    way({ is: 'you-ill', first: '2026-11-04', last: '2026-11-04' }),
  ],
  [
    'Something came up, “Warp and weft” needs another day: takes the day off',
    'came-up.take',
    way({ is: 'ran-over', lessonId: WARP, date: '2026-11-04' }),
  ],
  [
    'Something came up, something for “Dye pot” comes late: takes the day off',
    'came-up.take',
    way({ is: 'comes-late', partId: POT, until: '2026-11-06' }),
  ],
  [
    'Something came up, “From Fleece to Cloth” did not fit: takes the day off',
    'came-up.take',
    way({ is: 'does-not-fit', unitId: FLEECE }),
  ],
  [
    'Something came up, enough of “From Fleece to Cloth”: takes the day off',
    'came-up.take',
    way({ is: 'enough', unitId: FLEECE }),
  ],
  // Ready
  [
    '“a preparation” is ready',
    'ready.prepare',
    { partId: 'gone', preparationId: 'gone', isReady: true, date: TODAY },
  ],
  ['Got alum', 'ready.buy', { name: 'alum', amount: 12, unit: 'g', is: true, date: TODAY }],
  [
    'alum was not got after all',
    'ready.buy',
    { name: 'alum', amount: null, unit: '', is: false, date: TODAY },
  ],
  ['1 page for Bram printed', 'ready.print', { partIds: [TELL], childId: BRAM, is: true, date: TODAY }],
  [
    '2 pages for Bram not printed after all',
    'ready.print',
    { partIds: [TELL, POT], childId: BRAM, is: false, date: TODAY },
  ],
  ['The kit of “Colour from the dye pot” is packed', 'ready.pack', { lessonId: DYE, is: true, date: TODAY }],
  [
    'The kit of “Colour from the dye pot” is not packed',
    'ready.pack',
    { lessonId: DYE, is: false, date: TODAY },
  ],
  ['11 of pegs came back', 'ready.countIn', { lessonId: DYE, what: 'pegs', pieces: 11, date: TODAY }],
  [
    'Changed the kit of “Colour from the dye pot”',
    'ready.saveKit',
    { kitPlace: 'box 3', kitCounts: [] },
    { lessonId: DYE },
  ],
  // Today
  ['Ticked “Tell it back” for Bram', 'today.tick', { partId: TELL, childId: BRAM, date: TODAY }],
  ['Ticked all of Wed 28 Oct', 'today.tickDay', { date: TODAY, lessonId: null }],
  ['Ticked all of “Colour from the dye pot” on Wed 28 Oct', 'today.tickDay', { date: TODAY, lessonId: DYE }],
  [
    'What was left of Tue 3 Nov did not happen',
    'today.dayDidNotHappen',
    { date: '2026-11-03', rubOut: true },
  ],
  ['Ticked “Dye pot”', 'today.tick', { partId: POT, childId: null, date: TODAY }],
  ['Took the tick off “Tell it back” for Bram', 'today.untick', { partId: D('0036'), childId: BRAM }],
  ['“Dye pot” did not happen', 'today.moveOn', { partId: POT, date: TODAY, rubOut: true }],
  [
    '“Tell it back” was too hard for Bram',
    'today.felt',
    { partId: D('0036'), childId: BRAM, felt: 'hard', date: '2026-10-26' },
  ],
  [
    '“Tell it back” was easy for Bram',
    'today.felt',
    { partId: D('0036'), childId: BRAM, felt: 'easy', date: '2026-10-26' },
  ],
  [
    '“Tell it back” was just right for Bram',
    'today.felt',
    { partId: D('0036'), childId: BRAM, felt: 'right', date: '2026-10-26' },
  ],
  [
    '“Tell it back” took 12 min for Bram',
    'today.took',
    { partId: D('0036'), childId: BRAM, minutes: 12, date: '2026-10-26' },
  ],
  ['“Dye pot” took 50 min', 'today.took', { partId: POT, childId: null, minutes: 50, date: TODAY }],
  ['Bram read 1 page in 4 min', 'today.noteRead', reading(1)],
  ['Bram read 9 pages in 4 min', 'today.noteRead', reading(9)],
  ['Took back a note of reading', 'today.forgetReading', 'gone'],
  ['Bram loved “Dye pot”', 'facts.love', { partId: POT, childId: BRAM, is: true, date: TODAY }],
  ['Everyone did not love “Dye pot”', 'facts.love', { partId: POT, childId: null, is: false, date: TODAY }],
  ['Bram, with effort: mordant', 'facts.ask', { promptId: WORD, childId: BRAM, grade: 2, date: TODAY }],
  ['Bram was not asked after all', 'facts.ask', { promptId: WORD, childId: BRAM, grade: null, date: TODAY }],
  [
    `Bram, alone: ${OBJECTIVE.wording}`,
    'facts.check',
    { of: { objectiveId: OBJECTIVE.id }, childId: BRAM, grade: 3, date: TODAY },
  ],
  ['Bram, alone: mordant', 'facts.check', { of: { promptId: WORD }, childId: BRAM, grade: 3, date: TODAY }],
  [
    'Bram, with help: A twist makes a weak fibre strong.',
    'facts.check',
    { of: { idea: 'A twist makes a weak fibre strong.' }, childId: BRAM, grade: 2, date: TODAY },
  ],
  [
    'Mill museum, Wed 28 Oct',
    'facts.attend',
    {
      childIds: [BRAM],
      title: 'Mill museum',
      minutes: 90,
      subjects: ['history'],
      date: TODAY,
    },
  ],
  ['Bram gave their talk', 'facts.giveTalk', { unitId: FLEECE, childId: BRAM, is: true, date: TODAY }],
  [
    'Bram did not give their talk',
    'facts.giveTalk',
    { unitId: FLEECE, childId: BRAM, is: false, date: TODAY },
  ],
  [
    'Another time: change “Dye pot”',
    'facts.judge',
    { of: { partId: POT }, grade: 2, note: 'Two pots', date: TODAY },
  ],
  [
    'Another time, no word on “Dye pot”',
    'facts.judge',
    { of: { partId: POT }, grade: null, note: '', date: TODAY },
  ],
  ['10 min more for “Dye pot”', 'facts.takeLonger', { partId: POT, minutes: 10, date: TODAY }],
  ['“Sheep farm visit” is done indoors', 'facts.doOtherwise', { partId: D('0316'), is: true, date: TODAY }],
  ['“Dye pot” is done as it was meant', 'facts.doOtherwise', { partId: POT, is: false, date: TODAY }],
  [
    'A note on “Dye pot”',
    'facts.note',
    { partId: POT, childId: null, note: 'The madder went brown', date: TODAY },
  ],
  [
    'A note on Wed 28 Oct',
    'facts.note',
    { partId: null, childId: BRAM, note: 'Read on his own', date: TODAY },
  ],
  [
    'Kept work of “Dye pot”',
    'facts.keepWork',
    { partId: POT, childId: BRAM, file: `${'a'.repeat(64)}.png`, note: '', date: TODAY },
  ],
  ['Bram needs help', 'facts.callParent', { childId: BRAM, kind: 'help', partId: TELL, date: TODAY }],
  ['Bram is done early', 'facts.callParent', { childId: BRAM, kind: 'early', partId: null, date: TODAY }],
  ['Took back a note', 'facts.takeBack', { entryId: 'gone' }],
];

/** What speaks of a thing that is gone, or of nothing there is to do: only its line is read. */
const ONLY_READ = new Set(ROWS.filter(([, , input]) => /"(gone|nobody|none)"/.test(JSON.stringify(input))));

describe('the line each command leaves', () => {
  it('stands here for every command there is', () => {
    expect([...REGISTRY.keys()].filter((name) => !ROWS.some((r) => r[1] === name))).toEqual([]);
  });

  it.each(ROWS.map((row) => [row[0], row[1], row] as const))('%s (%s)', (line, name, row) => {
    const [, , input, about] = row;
    const command = REGISTRY.get(name) as Command<unknown, unknown>;
    const of = command.about?.parse(about);
    const value = command.shape.parse(input);
    expect(command.label(value, PLAN, of)).toBe(line);
    if (ONLY_READ.has(row) || ROWS.find((r) => r[1] === name && !ONLY_READ.has(r)) !== row) return;
    const after = perform(command.edit(value, of, input), PLAN, CONTEXT);
    if ('refused' in after) throw new Error(after.refused);
    expect(after.plan).not.toEqual(PLAN);
  });
});
