/** Things as they are before anything has been said of them: what every new one begins with. */
import type { Book } from './book';
import type { Lesson, Part, Preparation, Rule, Outline } from './lesson';
import type { Loan } from './loan';
import type { Child, Family, Mark } from './plan';
import type { Unit } from './unit';
import type { SchoolYear } from './year';

/** Where a family lives, before it has said anything: as the country has it, and no country. */
export const blankLives: NonNullable<Family['lives']> = {
  country: '',
  region: '',
  dates: null,
  clock: null,
  paper: null,
  measures: null,
  spelling: null,
  weekStarts: null,
};

export const blankFamily: Family = {
  name: '',
  leadMinutes: 150,
  allergies: [],
  patterns: [],
  countsFor: {},
  recall: { minutes: 8, retention: 90, reward: '' },
  hours: 'in full',
  keeps: { by: 'anything', least: 1 },
  daysExpected: 90,
  kitNumbers: 'unit',
  card: null,
  hands: null,
  lives: null,
};

export const blankChild: Omit<Child, 'id' | 'name' | 'birthMonth' | 'hatch'> = {
  minutes: 90,
  rungs: {},
  mouths: false,
  writes: null,
  measured: { reading: null, hand: null },
};

/** Monday to Friday, half past eight to three, with no weeks off that nobody asked for. */
export const blankYear: Omit<SchoolYear, 'starts' | 'ends'> = {
  weekdays: [1, 2, 3, 4, 5],
  weekBegins: null,
  weeksOn: 5,
  weeksOff: 0,
  terms: [],
  dayStarts: 510,
  middayStarts: 690,
  afternoonStarts: 780,
  dayEnds: 900,
  eveningStarts: 1080,
  eveningEnds: 1200,
  daysOff: [],
  shortDays: [],
  extraDays: [],
  targetDays: null,
  prepOnSchoolDay: 30,
  prepOnFreeDay: 60,
  shopWeekdays: [6],
  country: '',
  region: '',
};

export const blankUnit: Omit<Unit, 'id' | 'title' | 'starts'> = {
  waiting: false,
  wishedEnd: null,
  lessonsPerWeek: null,
  mostPerWeek: null,
  hopedWeeks: null,
  childIds: [],
  listens: [],
  after: null,
  closedOn: null,
  subjects: [],
  goals: '',
  bigIdeas: [],
  vocabulary: [],
  memoryWork: [],
  passage: '',
  startKinds: [],
  taste: [],
  moneyLimit: null,
  prepLimit: null,
  shows: {},
  season: null,
  wish: '',
  deeper: false,
  askedBy: null,
  repeats: null,
  talks: null,
};

export const blankBook: Omit<Book, 'id' | 'title'> = {
  authors: '',
  label: '',
  form: 'book',
  pages: null,
  words: null,
  minutes: null,
  pieces: null,
  players: null,
  partsPlace: '',
  place: '',
  year: null,
  language: '',
  chapters: [],
  topics: [],
  listenFrom: null,
  listenTo: null,
  readFrom: null,
  readTo: null,
  preview: 'not seen',
  previewNote: '',
  notFor: [],
  source: 'owned',
  price: null,
  state: 'here',
  stateNote: '',
  condition: '',
};

export const blankLoan: Omit<Loan, 'id' | 'bookId'> = {
  ref: '',
  asked: null,
  expected: null,
  ready: null,
  from: null,
  due: null,
  renewals: 0,
  refused: '',
  back: null,
};

export const blankLesson: Omit<Lesson, 'id' | 'unitId' | 'title'> = {
  objective: '',
  objectiveIds: [],
  optional: false,
  leftOut: false,
  buildsOn: true,
  firstPage: null,
  lastPage: null,
  topics: [],
  passage: '',
  recall: [],
  kitPlace: '',
  kitCounts: [],
  rungMoves: {},
};

/** What is done in a part or an outline. */
export const blankDoing: Omit<Outline, 'id' | 'kind' | 'title' | 'lead' | 'taste'> = {
  minutes: null,
  window: null,
  directions: '',
  prediction: '',
  outdoors: false,
  indoors: '',
  supplies: [],
  preparations: [],
  needs: [],
  waitAfterHours: 0,
  waitLabel: '',
  ageFrom: null,
  ageTo: null,
};

export const blankPart: Omit<Part, 'id' | 'kind' | 'title' | 'lead'> = {
  lessonId: null,
  unitId: null,
  ruleId: null,
  ...blankDoing,
  alternatives: [],
  childIds: null,
  optional: false,
  fixedDate: null,
  adultId: null,
  orParent: false,
  weekday: null,
  earliest: null,
  latest: null,
  seen: [],
  workId: null,
  rungMoves: {},
  swaps: {},
  teaches: null,
};

export const blankRule: Omit<Rule, 'id' | 'title' | 'kind' | 'rhythm'> = {
  unitId: null,
  minutes: 15,
  lead: 'leads',
  adultId: null,
  orParent: false,
  window: null,
  childIds: null,
  supplies: [],
  piece: '',
  amount: null,
  amountTo: null,
  amountOf: '',
  assembly: null,
  steps: [],
  first: null,
  last: null,
};

export const blankMark: Pick<Mark, 'note' | 'felt' | 'rung' | 'minutes' | 'letters'> = {
  note: '',
  felt: null,
  rung: null,
  minutes: null,
  letters: null,
};

export const blankPreparation: Omit<Preparation, 'what'> = {
  id: '',
  daysBefore: 0,
  minutes: null,
  atMostBefore: null,
};
