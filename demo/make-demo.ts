/**
 * Makes the demo family's plan, by the same edits a parent makes, and writes it as Hausplan JSON.
 * Everything in it is invented. Run with `npm run demo:make`; the file it writes is in the repository.
 */
import { writeFileSync } from 'node:fs';
import { hearOfLoans, noteReading, setCard, stepLoan, wantLoan } from '@/core/edit/loans';
import { fileURLToPath } from 'node:url';
import { ean13Check } from '@/core/books/numbers';
import { OVERNIGHT_HOURS } from '@/core/formats/times-in-text';
import { readSupplies } from '@/core/formats/supplies';
import { addBook, putOnLesson } from '@/core/edit/books';
import {
  addIdeas,
  addObjectives,
  askQuestion,
  editQuestion,
  suitIdea,
  tieObjective,
  turnIdea,
} from '@/core/edit/gathered';
import { addRule, keepOutline, type RuleFields } from '@/core/edit/rules';
import { perform, type Edit } from '@/core/edit/edit';
import { addChild, setFamily, setRung } from '@/core/edit/family';
import { dropInIllness, setYear } from '@/core/edit/year';
import { moveInPart, moveRung } from '@/core/edit/ladder';
import { addPart, addUnitPart, editLesson, setBuildsOn, setOptional } from '@/core/edit/lessons';
import { markDone, noteFelt } from '@/core/edit/today';
import { addContents, addUnit, editUnit, type UnitFields } from '@/core/edit/units';
import { setKit } from '@/core/edit/ready';
import { inkDays } from '@/core/edit/weeks';
import { readContents } from '@/core/formats/contents';
import { writeHausplanJson } from '@/core/formats/hausplan-json';
import { blankBook, blankFamily, blankRule, blankUnit, blankYear } from '@/core/plan/blank';
import { canonical } from '@/core/plan/canonical';
import { lessonsOf } from '@/core/plan/lookup';
import type { Skill } from '@/core/plan/measures';
import { EMPTY_PLAN, type Plan, type Role } from '@/core/plan/plan';
import { teachEarlierYear } from './earlier-year';
import { teachWillowAndWater } from './willow-and-water';
import { DEMO_TODAY } from './day';
import { activity, addAppointments, addHousehold } from './household';
import { writeWhatHappened } from './what-happened';
import { FLEECE_BOOKS, type DemoBook } from './books';
import { BIRDS_CONTENTS, BRIDGES_CONTENTS, FLEECE_CONTENTS, FLEECE_PASSAGE } from './contents';

export function demoPlan(): Plan {
  let plan: Plan = EMPTY_PLAN;
  let count = 0;
  let ofEarlier = 0;
  let ofWillow = 0;
  let ofFilm = 0;
  const numbered = (before: string, n: number): string => before + String(n).padStart(4, '0');
  const make = (change: Edit, today: string, newId: () => string): void => {
    const done = perform(change, plan, { today, newId });
    if ('refused' in done) throw new Error(done.refused);
    plan = canonical(done.plan);
  };
  const edit = (change: Edit, today = '2026-08-24'): void =>
    make(change, today, () => numbered('demo-', ++count));
  const child = (name: string): string => plan.children.find((c) => c.name === name)!.id;
  const unit = (title: string): string => plan.units.find((u) => u.title === title)!.id;
  const lesson = (unitTitle: string, number: number): string =>
    lessonsOf(plan, unit(unitTitle))[number - 1].id;

  edit(
    setFamily({
      ...blankFamily,
      name: 'The house by the mill race',
      leadMinutes: 240,
      allergies: ['hazelnut'],
    }),
  );
  edit(
    addChild({
      name: 'Ottilie',
      birthMonth: '2014-05',
      hatch: 'diagonals',
      minutes: 220,
      mouths: false,
      writes: 'joined',
    }),
  );
  edit(
    addChild({
      name: 'Bram',
      birthMonth: '2017-03',
      hatch: 'bars',
      minutes: 190,
      mouths: false,
      writes: 'joined',
    }),
  );
  edit(
    addChild({
      name: 'Junia',
      birthMonth: '2020-06',
      hatch: 'dots',
      minutes: 160,
      mouths: false,
      writes: 'print',
    }),
  );
  edit(
    addChild({
      name: 'Pim',
      birthMonth: '2023-04',
      hatch: 'lattice',
      minutes: 90,
      mouths: true,
      writes: 'print',
    }),
  );
  teachEarlierYear(
    (change, today) => make(change, today, () => numbered('demo-e', ++ofEarlier)),
    () => plan,
  );
  const stands: [string, Skill, 1 | 2 | 3 | 4 | 5][] = [
    ['Bram', 'reading', 5],
    ['Bram', 'writing', 3],
    ['Bram', 'speaking', 4],
    ['Junia', 'speaking', 3],
    ['Junia', 'writing', 2],
    ['Ottilie', 'reckoning', 4],
  ];
  for (const [name, skill, rung] of stands) edit(setRung(child(name), skill, rung));
  edit(
    setYear({
      ...blankYear,
      weeksOff: 1,
      starts: '2026-08-31',
      ends: '2027-06-11',
      targetDays: 170,
      daysOff: [
        { id: 'demo-off-1', first: '2026-12-21', last: '2027-01-01', label: 'midwinter', kind: 'off' },
        { id: 'demo-off-2', first: '2027-03-26', last: '2027-03-29', label: 'spring visit', kind: 'off' },
        { id: 'demo-off-3', first: '2026-09-29', last: '2026-09-30', label: 'colds', kind: 'illness' },
      ],
    }),
  );

  teachWillowAndWater(
    (change, today) => make(change, today, () => numbered('demo-w', ++ofWillow)),
    () => plan,
  );

  const FLEECE = 'From Fleece to Cloth';
  const all = plan.children.map((c) => c.id);
  const fields = (over: Partial<UnitFields>): UnitFields => ({
    ...blankUnit,
    title: '',
    starts: '2026-10-12',
    childIds: all,
    startKinds: ['read-aloud', 'tell-back', 'copying'],
    ...over,
  });
  edit(
    addUnit(
      fields({
        title: FLEECE,
        wishedEnd: '2026-11-27',
        lessonsPerWeek: 3,
        passage: FLEECE_PASSAGE,
        bigIdeas: [
          'Cloth begins on a living animal and ends in many hands.',
          'A twist makes a weak fibre strong.',
          'Colour is chemistry that people found by cooking.',
          'Trade roads and mills changed who made cloth, and for whom.',
        ],
      }),
    ),
  );
  edit(
    addUnit(
      fields({
        title: 'Bridges and How They Stand',
        childIds: [child('Ottilie')],
        lessonsPerWeek: 2,
        startKinds: ['read-aloud', 'tell-back'],
      }),
    ),
  );
  edit(
    addUnit(
      fields({
        title: 'Birds of the Winter Garden',
        starts: '2026-11-30',
        lessonsPerWeek: 3,
        startKinds: ['read-aloud', 'tell-back'],
        waiting: true,
        season: 'winter',
        wish: 'when the feeder is busy',
      }),
    ),
  );
  edit(
    addUnit(
      fields({
        title: 'Salt',
        waiting: true,
        hopedWeeks: 2,
        childIds: all,
        askedBy: child('Bram'),
        startKinds: ['read-aloud', 'tell-back'],
      }),
    ),
  );
  edit(
    addUnit(
      fields({
        title: 'Ropes and Knots',
        waiting: true,
        hopedWeeks: 3,
        deeper: true,
        season: 'spring',
        wish: 'outdoors, by the river',
        startKinds: ['read-aloud', 'tell-back'],
      }),
    ),
  );
  edit(addContents(unit(FLEECE), readContents(FLEECE_CONTENTS)));
  edit(addContents(unit('Bridges and How They Stand'), readContents(BRIDGES_CONTENTS)));
  edit(addContents(unit('Birds of the Winter Garden'), readContents(BIRDS_CONTENTS)));

  FLEECE_BOOKS.forEach((book, i) => shelve(book, i));
  function shelve(book: DemoBook, i: number): void {
    const stem = `2${String(7_310_000_000 + i * 137).padStart(11, '0')}`;
    const { role, reader, on, unitTitle = FLEECE, ...rest } = book;
    const label = stem + ean13Check(stem);
    edit(
      addBook(
        unit(unitTitle),
        { ...blankBook, place: 'hall shelf', ...rest, label },
        role as Role,
        reader ? [child(reader)] : [],
      ),
    );
    const pull = plan.pulls.find((p) => plan.books.find((b) => b.id === p.bookId)?.label === label)!;
    // A film is put on its lesson once that has been taught; its number is kept free.
    if (rest.form === 'film') count += on?.length ?? 0;
    else
      for (const [number, first, last] of on ?? [])
        edit(putOnLesson(pull.id, lesson(unitTitle, number), first ?? null, last ?? null));
  }

  /** The film that was watched with its lesson, which brings the part in which it was. */
  function showFilm(): void {
    const film = plan.books.find((b) => b.form === 'film')!;
    const pull = plan.pulls.find((p) => p.bookId === film.id)!;
    const lessonId = lesson(FLEECE, 2);
    const [on] = plan.parts
      .filter((p) => p.lessonId === lessonId)
      .flatMap((p) => plan.sittings.filter((s) => s.partId === p.id).map((s) => s.date))
      .sort();
    const change = (to: Edit): void => make(to, on, () => numbered('demo-f', ++ofFilm));
    change(putOnLesson(pull.id, lessonId, null, null));
    const part = plan.parts.find((p) => p.lessonId === lessonId && p.kind === 'film')!;
    change(markDone(part.id, null, on));
  }

  const olders = ['Ottilie', 'Bram', 'Junia'].map(child);
  const onFleece = (
    number: number,
    over: Parameters<typeof activity>[0],
    supplies = '',
    ready: [string, number][] = [],
  ): void =>
    edit(
      addPart(
        lesson(FLEECE, number),
        activity({
          ...over,
          supplies: readSupplies(supplies),
          preparations: ready.map(([what, daysBefore]) => ({
            id: '',
            what,
            daysBefore,
            minutes: null,
            atMostBefore: null,
          })),
        }),
      ),
    );
  onFleece(
    1,
    { title: 'Draw the breeds', kind: 'craft', minutes: 20, lead: 'near' },
    'paper 2 sheets each; soft pencils',
  );
  onFleece(2, { title: 'Open out a fleece', kind: 'observation', minutes: 35 }, 'raw fleece; old sheet', [
    ['Bring the fleece in from the shed', 1],
  ]);
  onFleece(
    3,
    {
      title: 'Wash a fleece',
      kind: 'demonstration',
      minutes: 40,
      waitAfterHours: 24,
      waitLabel: 'dries',
      prediction: 'How much lighter will it be when it is clean?',
    },
    'raw fleece 500 g; soap flakes 60 g; wash tub',
  );
  onFleece(3, { title: 'Tease it apart', minutes: 25, lead: 'near' });
  onFleece(4, { title: 'Card and comb', minutes: 35 }, 'hand carders 2; washed fleece 200 g');
  onFleece(5, { title: 'Spindle', minutes: 35, childIds: olders }, 'spindles 3; carded wool 90 g');
  onFleece(
    6,
    { title: 'A wheel from card', kind: 'model', minutes: 30, lead: 'near', childIds: olders },
    'card 2 sheets each; split pins 6; string',
  );
  onFleece(
    7,
    { title: 'Felt balls', kind: 'craft', minutes: 35, waitAfterHours: OVERNIGHT_HOURS, waitLabel: 'dries' },
    'carded wool 20 g each; soap; warm water',
  );
  onFleece(7, { title: 'Weigh and cut the felt', minutes: 15, lead: 'near' }, 'kitchen scales; sharp knife');
  onFleece(
    8,
    {
      title: 'Dye pot',
      kind: 'experiment',
      minutes: 60,
      childIds: olders,
      waitAfterHours: 48,
      waitLabel: 'dries',
      needs: ['kitchen'],
      prediction: 'Onion skin, madder and one mystery leaf: which plant gives which colour?',
      directions:
        'Simmer the skeins in the three pots for forty minutes.\nOttilie weighs, Bram keeps the clock, Junia draws the guesses.',
    },
    'alum 12 g; onion skins 60 g; madder root 40 g; wool skeins 3',
    [
      ['Soak the skeins', 1],
      ['Collect onion skins', 7],
    ],
  );
  onFleece(8, { title: 'Compare with the guesses', minutes: 15, lead: 'near', childIds: olders });
  onFleece(8, { title: 'Word list', kind: 'word-list', minutes: null, lead: 'not-needed', window: 'midday' });
  onFleece(10, {
    title: 'Labels on the map',
    kind: 'labels',
    minutes: null,
    lead: 'not-needed',
    window: 'midday',
    childIds: olders,
  });
  onFleece(
    9,
    {
      title: 'Sheep farm visit',
      kind: 'trip',
      minutes: 75,
      window: 'morning',
      fixedDate: '2026-10-30',
      outdoors: true,
      indoors: 'Look at the farm’s pictures at home',
    },
    'boots; packed lunch',
    [['Sign the farm’s form', 1]],
  );
  onFleece(10, { title: 'Map of the blue roads', minutes: 30, childIds: olders }, 'map paper 1 sheet each');
  onFleece(11, { title: 'Warp a frame loom', kind: 'craft', minutes: 40 }, 'frame loom; cotton warp 30 m', [
    ['Order cotton warp', 7],
  ]);
  onFleece(
    12,
    { title: 'A pattern on squared paper', kind: 'craft', minutes: 20, lead: 'near', optional: true },
    'squared paper 1 sheets each',
  );
  onFleece(
    10,
    { title: 'Sow flax in a pot', kind: 'observation', minutes: 10, lead: 'near' },
    'flax seed; flower pot',
  );
  const flax = plan.parts.find((p) => p.title === 'Sow flax in a pot')!.id;
  edit(
    addRule({
      ...blankRule,
      unitId: unit(FLEECE),
      title: 'Look at the flax',
      kind: 'observation',
      minutes: 5,
      lead: 'near',
      rhythm: { on: 'after', partId: flax, everyDays: 3, times: 4 },
    }),
  );
  edit(setOptional([lesson(FLEECE, 15)], true));
  edit(setBuildsOn([lesson(FLEECE, 12), lesson(FLEECE, 13)], false));
  edit(
    addRule({
      ...blankRule,
      unitId: unit(FLEECE),
      title: 'Wall hanging',
      kind: 'project',
      minutes: 15,
      lead: 'near',
      window: 'afternoon',
      piece: 'strip',
      rhythm: { on: 'lesson', place: 'last' },
      assembly: { title: 'Sew the wall hanging together', minutes: 40 },
    }),
  );
  const back = (
    over: Partial<RuleFields> & Pick<RuleFields, 'title' | 'kind' | 'rhythm' | 'minutes'>,
  ): void => edit(addRule({ ...blankRule, ...over }));
  back({
    unitId: unit(FLEECE),
    title: 'The week opens: four big ideas',
    kind: 'opening',
    minutes: 15,
    window: 'morning',
    rhythm: { on: 'week-first', everyWeeks: 1, startWeek: 1 },
  });
  back({
    unitId: unit(FLEECE),
    title: 'Recall',
    kind: 'recall',
    minutes: 10,
    window: 'morning',
    rhythm: { on: 'day' },
  });
  back({
    unitId: unit(FLEECE),
    title: 'Word check',
    kind: 'check',
    minutes: 10,
    window: 'morning',
    childIds: olders,
    rhythm: { on: 'week-last', everyWeeks: 1, startWeek: 1 },
  });
  back({
    unitId: unit(FLEECE),
    title: 'Quiz',
    kind: 'quiz',
    minutes: 15,
    window: 'morning',
    childIds: olders,
    rhythm: { on: 'week-last', everyWeeks: 3, startWeek: 3 },
  });
  back({
    title: 'Tea and a poem',
    kind: 'talk',
    minutes: 20,
    window: 'afternoon',
    rhythm: { on: 'weekday', weekday: 1, everyWeeks: 1, startWeek: 1 },
    first: '2026-10-12',
  });
  back({
    title: 'Mathematics',
    kind: 'practice',
    minutes: 30,
    lead: 'not-needed',
    window: 'midday',
    childIds: olders,
    rhythm: { on: 'day' },
    first: '2026-10-12',
  });
  back({
    title: 'Spelling',
    kind: 'practice',
    minutes: 15,
    lead: 'not-needed',
    window: 'midday',
    childIds: olders,
    rhythm: { on: 'day' },
    first: '2026-10-12',
  });
  back({
    title: 'At breakfast',
    kind: 'recall',
    minutes: 5,
    window: 'morning',
    amount: 5,
    amountOf: 'questions',
    rhythm: { on: 'day' },
    first: '2026-10-12',
  });
  back({
    title: 'Shared class with the other families',
    kind: 'talk',
    minutes: 60,
    lead: 'near',
    window: 'afternoon',
    childIds: olders,
    rhythm: { on: 'weekday', weekday: 4, everyWeeks: 2, startWeek: 2 },
    first: '2026-10-12',
  });
  edit(
    addUnitPart(
      unit(FLEECE),
      activity({
        title: 'Talk evening',
        kind: 'talk',
        minutes: 45,
        fixedDate: '2026-11-27',
        preparations: [
          { id: '', what: 'Invite the grandparents', daysBefore: 14, minutes: null, atMostBefore: null },
        ],
      }),
    ),
  );

  edit(
    addObjectives(unit(FLEECE), [
      { code: 'HC.1', wording: 'Name four steps from fleece to cloth, in order' },
      { code: 'HC.2', wording: 'Explain why twist makes a thread strong' },
      { code: 'HC.3', wording: 'Say why a mordant holds colour' },
      { code: 'GEO.4', wording: 'Trace a trade road on a map' },
      { code: 'ART.2', wording: 'Plan and weave a pattern of one’s own' },
      { code: 'HIS.5', wording: 'Tell how mills changed who made cloth' },
      { code: '', wording: 'Mend a hole so that it holds' },
    ]),
  );
  const tied: [string, number[]][] = [
    ['HC.1', [1, 2, 3, 4]],
    ['HC.2', [5, 6]],
    ['HC.3', [8]],
    ['GEO.4', [10, 13]],
    ['ART.2', [11, 12]],
    ['HIS.5', [14]],
  ];
  for (const [code, numbers] of tied)
    edit(
      tieObjective(
        plan.objectives.find((o) => o.code === code)!.id,
        numbers.map((n) => lesson(FLEECE, n)),
      ),
    );
  edit(
    editUnit(unit(FLEECE), {
      goals:
        'To know where a jumper comes from, with their own hands, and to hang something on the wall that all four made.',
      taste: ['outdoors', 'art', 'table'],
      moneyLimit: 4000,
      prepLimit: 90,
      vocabulary: [
        { id: '', word: 'mordant', meaning: 'what makes a dye hold' },
        { id: '', word: 'carding', meaning: 'brushing fibres straight' },
        { id: '', word: 'warp', meaning: 'the threads that stay' },
        { id: '', word: 'weft', meaning: 'the thread that travels' },
        { id: '', word: 'vat', meaning: 'a dye bath without air' },
        { id: '', word: 'whorl', meaning: 'the weight of a spindle' },
      ],
      memoryWork: [{ id: '', text: 'Off the hill the grey flock came (four stanzas)' }],
      shows: { [child('Ottilie')]: 'tell back', [child('Bram')]: 'tell back' },
    }),
  );
  edit(
    editLesson(lesson(FLEECE, 8), {
      objective: 'Say why a mordant holds colour',
      recall: [
        {
          id: '',
          easy: 'What dyes wool red?',
          hard: 'Why does alum hold the colour?',
          answer: 'Madder; alum ties the dye to the fibre.',
        },
      ],
    }),
  );
  edit(
    setKit(lesson(FLEECE, 8), {
      kitPlace: 'hall shelf, box 3',
      kitCounts: [{ what: 'pegs', pieces: 12 }],
    }),
  );
  edit(setKit(lesson(FLEECE, 11), { kitPlace: 'hall shelf, box 4', kitCounts: [] }));
  edit(askQuestion(unit(FLEECE), child('Bram'), 'Why does vinegar keep the red?', '2026-10-26'));
  edit(askQuestion(unit(FLEECE), child('Junia'), 'Do sheep get cold after shearing?', '2026-10-14'));
  edit(askQuestion(unit(FLEECE), null, 'How many sheep make one blanket?', '2026-10-19'));
  edit(
    editQuestion(plan.questions.find((q) => q.text.startsWith('How many'))!.id, {
      answer: 'Two or three fleeces, if nothing is wasted.',
    }),
  );
  edit(
    addIdeas(unit(FLEECE), [
      'Nettle thread, 40 min, outdoors',
      'A song for carding',
      'Silk worms',
      'Shoes from felt',
      'How knots hold a net',
    ]),
  );
  const idea = (text: string): string => plan.ideas.find((i) => i.text.startsWith(text))!.id;
  edit(turnIdea(idea('Nettle'), 'activity'));
  edit(turnIdea(idea('Silk'), 'book topic'));
  edit(turnIdea(idea('Shoes'), 'dropped'));
  edit(suitIdea(idea('How knots'), ['Ottilie', 'Bram'].map(child)));
  edit(keepOutline(plan.parts.find((p) => p.title === 'Felt balls')!.id, 'art'));
  edit(moveRung(lesson(FLEECE, 8), child('Bram'), 1));
  // He keeps the clock at the dye pot.
  edit(
    moveInPart(
      plan.parts.find((p) => p.lessonId === lesson(FLEECE, 8) && p.title === 'Dye pot')!.id,
      child('Bram'),
      -2,
    ),
  );

  // The library card, what is out on it, one thing that comes late, and what Bram was timed at.
  edit(setCard({ loans: 12, weeks: 3, renewals: 1, days: [2, 6] }));
  const shelfId = (title: string): string => plan.books.find((b) => b.title === title)!.id;
  const borrow = (title: string): string => {
    edit(wantLoan(shelfId(title), '', null));
    return plan.loans.find((l) => l.bookId === shelfId(title))!.id;
  };
  edit(stepLoan(borrow('Indigo Roads'), 'fetch', '2026-10-17'));
  edit(stepLoan(borrow('Pictures of Cloth'), 'fetch', '2026-10-24'));
  const blue = borrow('Blue Roads');
  edit(stepLoan(blue, 'ask', '2026-10-20'));
  edit(hearOfLoans([{ id: blue, expected: '2026-11-07' }]));
  for (const [pages, minutes, date] of [
    [8, 14, '2026-10-19'],
    [8, 13, '2026-10-21'],
  ] as const)
    edit(
      noteReading({ childId: child('Bram'), bookId: shelfId('From Sheep to Shawl'), date, pages, minutes }),
      date,
    );

  // Two weeks taught, with a day in bed: what was not done that Thursday was done on the Friday.
  edit(inkDays('2026-10-12', '2026-10-30'));
  const teach = (until: string): void => {
    for (const s of [...plan.sittings].filter((x) => x.date < until))
      if (!plan.marks.some((m) => m.partId === s.partId && m.outcome === 'done'))
        edit(markDone(s.partId, null, s.date), s.date);
  };
  teach('2026-10-22');
  edit(dropInIllness('2026-10-22', '2026-10-22', 'a day in bed'), '2026-10-22');
  edit(inkDays('2026-10-19', '2026-10-30'), '2026-10-23');
  teach(DEMO_TODAY);
  // How copying went for Junia, and telling back for Bram: enough to speak for a rung, and not enough.
  const went = (title: string, who: string, felts: ('easy' | 'right' | 'hard')[]): void =>
    felts.forEach((felt, i) => {
      const part = plan.parts.find((p) => p.lessonId === lesson(FLEECE, i + 1) && p.title === title)!;
      edit(
        noteFelt(part.id, child(who), felt, plan.sittings.find((s) => s.partId === part.id)!.date),
        DEMO_TODAY,
      );
    });
  went('Copying', 'Junia', ['easy', 'easy', 'right', 'easy', 'easy']);
  went('Tell it back', 'Bram', ['right', 'hard', 'right']);
  const first = plan.sittings.find(
    (s) => s.date === DEMO_TODAY && plan.parts.find((p) => p.id === s.partId)?.kind === 'read-aloud',
  );
  if (first) edit(markDone(first.partId, null, DEMO_TODAY), DEMO_TODAY);
  addHousehold(edit, () => plan, unit(FLEECE));
  writeWhatHappened(edit, () => plan, { willow: unit('Willow and Water'), fleece: unit(FLEECE) });
  addAppointments(edit, plan.children, plan.year!.ends);
  showFilm();
  return plan;
}

if (process.argv[1] === fileURLToPath(import.meta.url))
  writeFileSync(new URL('./fleece.json', import.meta.url), writeHausplanJson(demoPlan()));
