import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { aLesson, aPart, aPlan } from '../../../tests/sample-plan';
import { readActivity } from './activity-line';
import { blankDraftPart } from './blank-draft';
import { cardGroups, draftsFromCards, type HowGrouped } from './cards';
import { draft } from './draft';
import { daysBeforeFrom } from './days-before';
import { draftsFromGuide } from './guide/drafts';
import { readGuide } from './guide/read';
import { readLessonsCsv, writeLessonsCsv } from './lessons-csv';
import { readObjectives } from './objectives';
import { dealtToLessons, draftsFromActivities, draftsFromQuestions, readActivities } from './packs';
import { readSupplies, readSupply, suppliesText, summed } from './supplies';

const HOW = { near: '2026-11-01', order: 'day first', taste: [], codes: [] } as const;
const GUIDE = `A guide to wool
Lesson 1: The flock
Objective: Name five breeds.
Read: pp. 3-9
Do: Draw the breeds (20 min); paper 2 sheets each
You need:
- pencils
- a field card
Recall: What does a ewe look like?

Lesson 2: The dye pot
Words: mordant, vat
Prepare: soak the skeins the evening before
Experiment: Onion skin and madder, 60 min; alum 12 g; dries 48 h
Stir slowly and keep the lid on.
- Compare with the guesses, 15 min`;

const NO_MORE = { id: '', amount: null, least: null, unit: '', each: false, keepsDays: null };

describe('supplies', () => {
  it.each([
    ['alum 12 g', { name: 'alum', amount: 12, unit: 'g' }],
    ['12g alum', { name: 'alum', amount: 12, unit: 'g' }],
    ['250 ml of vinegar', { name: 'vinegar', amount: 250, unit: 'ml' }],
    ['three skeins', { name: 'skeins', amount: 3 }],
    ['½ cup flour', { name: 'flour', amount: 0.5, unit: 'cup' }],
    ['1 1/2 cups salt', { name: 'salt', amount: 1.5, unit: 'cup' }],
    ['1,5 kg fleece', { name: 'fleece', amount: 1.5, unit: 'kg' }],
    ['paper 2 sheets each', { name: 'paper', amount: 2, unit: 'sheets', each: true }],
    ['a field card', { name: 'field card', amount: 1 }],
    ['wooden spoon', { name: 'wooden spoon' }],
    ['2-3 skeins wool', { name: 'wool', amount: 3, least: 2, unit: 'skeins' }],
    ['wool 2 to 3 skeins', { name: 'wool', amount: 3, least: 2, unit: 'skeins' }],
    ['10–12 pebbles', { name: 'pebbles', amount: 12, least: 10 }],
    ['alum 12-15g each', { name: 'alum', amount: 15, least: 12, unit: 'g', each: true }],
    ['needles of size 2-3 here', { name: 'needles of size 2-3 here' }],
    ['two or three skeins of wool', { name: 'wool', amount: 3, least: 2, unit: 'skeins' }],
    ['½ to 1 cup flour', { name: 'flour', amount: 1, least: 0.5, unit: 'cup' }],
    ['flour 1/2 - 1 cup', { name: 'flour', amount: 1, least: 0.5, unit: 'cup' }],
    ['1 1/2 to 2 cups salt', { name: 'salt', amount: 2, least: 1.5, unit: 'cup' }],
    ['pebbles 10 to 12', { name: 'pebbles', amount: 12, least: 10 }],
    ['pebbles, 2 to 3 each', { name: 'pebbles', amount: 3, least: 2, each: true }],
    ['cream 100-150 ml keeps 4 days', { name: 'cream', amount: 150, least: 100, unit: 'ml', keepsDays: 4 }],
    // No range goes downwards, and not every pair of numbers says how much.
    ['3-2 skeins wool', { name: '3-2 skeins wool' }],
    ['needles size 2-3', { name: 'needles size 2-3' }],
    ['Farm tales pages 12-14', { name: 'Farm tales pages 12-14' }],
    ['a one-to-ten ruler', { name: 'one-to-ten ruler', amount: 1 }],
    ['7', { name: '7' }],
  ])('%s', (text, expected) => expect(readSupply(text)).toEqual({ ...NO_MORE, ...expected }));
  it('that name an amount after a comma are one each', () =>
    expect(
      suppliesText(readSupplies('pebbles, 2 to 3 each; alum, 12 g, salt, spoon, 4 cups')).split('; '),
    ).toEqual(['pebbles 2 to 3 each', 'alum 12 g', 'salt', 'spoon', 'cups 4']));
  it.each([
    ['paper 1 sheets each', 'paper 1 sheet each'],
    ['2 cups flour', 'flour 2 cups'],
    ['1 cup salt', 'salt 1 cup'],
    ['½ to 1 jar of glue', 'glue 0.5 to 1 jar'],
    ['1-2 copies of the map', 'the map 1 to 2 copies'],
  ])('agree in number: %s', (typed, said) => {
    expect(suppliesText(readSupplies(typed))).toBe(said);
    expect(readSupplies(said)).toEqual(readSupplies(typed));
  });
  it('are written so that they are read as the same again', () => {
    const item = fc
      .record({
        name: fc.constantFrom('alum', 'onion skins', 'wool yarn', 'salt'),
        amount: fc.option(
          fc.integer({ min: 1, max: 900 }).map((n) => n / 4),
          { nil: null },
        ),
        least: fc.constantFrom(null, 0.25, 0.5),
        unit: fc.constantFrom('', 'g', 'ml', 'sheets'),
        each: fc.boolean(),
        keepsDays: fc.constantFrom(null, 1, 4),
      })
      .map((s) => ({
        ...s,
        id: '',
        least: s.amount !== null && s.least !== null && s.least < s.amount ? s.least : null,
        unit: s.amount === null ? '' : s.unit,
      }));
    fc.assert(
      fc.property(fc.array(item, { maxLength: 6 }), (list) => {
        expect(readSupplies(suppliesText(list))).toEqual(list);
      }),
    );
  });
  it('add up, and what is for each child counts for each', () =>
    expect(
      summed([
        { supplies: readSupplies('alum 12 g; paper 2 sheets each'), children: 3 },
        { supplies: readSupplies('Alum 8 g; spoon'), children: 2 },
      ]),
    ).toEqual([
      { id: '', name: 'alum', amount: 20, least: null, unit: 'g', each: false, keepsDays: null },
      { id: '', name: 'paper', amount: 6, least: null, unit: 'sheets', each: false, keepsDays: null },
      { id: '', name: 'spoon', amount: null, least: null, unit: '', each: false, keepsDays: null },
    ]));
});

describe('an activity in a line', () => {
  it('gives minutes, kind, supplies and a wait', () =>
    expect(readActivity('- Felt balls, 35 min, outdoors; wool 20 g; dries overnight', HOW)).toMatchObject({
      title: 'Felt balls',
      minutes: 35,
      kind: 'craft',
      outdoors: true,
      waitAfterHours: 12,
      waitLabel: 'dries',
      supplies: [{ id: '', name: 'wool', amount: 20, unit: 'g' }],
    }));
  it.each([
    ['Walk to the mill, 1 h 30', 90, 'walk'],
    ['Watch the shearers (12 minutes)', 12, 'observation'],
    ['A film of the shearers (12 minutes)', 12, 'film'],
    ['Bake flat bread, 1.5 hours', 90, 'cooking'],
    ['Sort the fibres', 30, 'activity'],
  ])('%s', (line, minutes, kind) => expect(readActivity(line, HOW)).toMatchObject({ minutes, kind }));
  it('that names nothing is none', () =>
    expect([readActivity('---', HOW), readActivity('  ; wool', HOW)]).toEqual([undefined, undefined]));
});

describe('a guide', () => {
  const drafts = draftsFromGuide(readGuide(GUIDE, HOW), HOW);
  it('becomes lessons with what stands under their headings', () => {
    expect(drafts.map((d) => d.title)).toEqual(['The flock', 'The dye pot']);
    expect(drafts[0]).toMatchObject({
      objective: 'Name five breeds.',
      firstPage: 3,
      lastPage: 9,
      recall: [{ easy: 'What does a ewe look like?' }],
      parts: [
        {
          title: 'Draw the breeds',
          minutes: 20,
          supplies: [
            { id: '', name: 'paper', amount: 2, each: true, keepsDays: null },
            { name: 'pencils' },
            { name: 'field card' },
          ],
        },
      ],
    });
    expect(drafts[1]).toMatchObject({
      words: ['mordant', 'vat'],
      parts: [
        {
          preparations: [{ daysBefore: 1, minutes: null, atMostBefore: null }],
          title: 'Onion skin and madder',
          kind: 'experiment',
          minutes: 60,
          waitAfterHours: 48,
          directions: 'Stir slowly and keep the lid on.',
        },
        { title: 'Compare with the guesses', minutes: 15 },
      ],
    });
  });
  it('leaves what every part begins with as it was', () =>
    expect([blankDraftPart.supplies, blankDraftPart.preparations]).toEqual([[], []]));
  it('says of each line what it becomes, and doubts what stands above the first lesson', () =>
    expect(readGuide(GUIDE, HOW).filter((l) => l.doubt)).toEqual([
      { line: 1, text: 'A guide to wool', becomes: 'nothing', doubt: 'above the first lesson' },
    ]));
  it('is never more than lines of the paste, whatever is pasted', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 400 }), (text) => {
        const lines = readGuide(text, HOW);
        expect(lines.length).toBeLessThanOrEqual(text.split(/\r\n|\r|\n/).length);
        for (const d of draftsFromGuide(lines, HOW)) expect(draft.safeParse(d).success).toBe(true);
      }),
    );
  });
  it.each([
    ['soak overnight', 1],
    ['order the dye two weeks ahead', 14],
    ['3 days before: weigh', 3],
    ['borrow a loom', 7],
    ['lay out paper', 0],
  ])('%s: %i days before', (text, days) => expect(daysBeforeFrom(text)).toBe(days));
});

describe('a table of lessons', () => {
  const CSV =
    'Lesson,Pages,Activity,Kind,Minutes,You,Window,Wait,Supplies\r\nThe flock,3-9,Draw the breeds,craft,20,near,afternoon,,paper 2 sheets\r\n,,"Tell, then ask",talk,10,lead,,,\r\nThe dye pot,10-14,Dye pot,experiment,60,lead,afternoon,dries 48 h,alum 12 g\r\n';
  it('has a row a part', () => {
    const { drafts, faults } = readLessonsCsv(CSV);
    expect(faults).toEqual([]);
    expect(drafts.map((d) => [d.title, d.firstPage, d.parts.map((p) => p.title)])).toEqual([
      ['The flock', 3, ['Draw the breeds', 'Tell, then ask']],
      ['The dye pot', 10, ['Dye pot']],
    ]);
    expect(drafts[1].parts[0]).toMatchObject({
      waitAfterHours: 48,
      waitLabel: 'dries',
      supplies: [{ id: '', name: 'alum', amount: 12 }],
    });
  });
  it('names each bad cell with its row', () => {
    const bad = CSV.replace('craft,20', 'crafty,20')
      .replace('10-14', '14-10')
      .replace('lead,afternoon', 'lead,teatime');
    expect(readLessonsCsv(bad).faults.map((f) => [f.line, f.what.slice(0, 32)])).toEqual([
      [2, '“crafty” is no kind of part; the'],
      [4, '“14-10” are no pages; write 31-3'],
      [4, '“teatime” is no window; write mo'],
    ]);
    expect(readLessonsCsv('Lesson,Part\n"Open').faults[0]).toEqual({
      line: 2,
      what: 'a quotation mark is opened and not closed',
    });
    expect(readLessonsCsv('Lesson,Part,Minutes\n,Knit,20').faults).toEqual([
      { line: 2, what: 'no lesson is named in this row or above it' },
    ]);
  });
  it('is written so that it is read as the same again', () => {
    const plan = aPlan(0, {
      lessons: [
        aLesson('a', { title: 'One, “two”', firstPage: 3, lastPage: 9, objective: 'x\ny' }),
        aLesson('b', { optional: true }),
      ],
      parts: [
        aPart('p', 'a', {
          title: 'Knit; purl',
          minutes: 25,
          lead: 'near',
          window: 'morning',
          waitAfterHours: 24,
          waitLabel: 'dries',
          directions: 'one\ntwo',
          supplies: readSupplies('yarn 2 balls; needles'),
        }),
      ],
    });
    const { drafts, faults } = readLessonsCsv(writeLessonsCsv(plan, 'u1'));
    expect(faults).toEqual([]);
    expect(drafts).toMatchObject([
      {
        title: 'One, “two”',
        firstPage: 3,
        lastPage: 9,
        objective: 'x\ny',
        parts: [
          {
            title: 'Knit; purl',
            minutes: 25,
            lead: 'near',
            window: 'morning',
            waitAfterHours: 24,
            waitLabel: 'dries',
            directions: 'one\ntwo',
            supplies: readSupplies('yarn 2 balls; needles'),
          },
        ],
      },
      { title: 'Lesson b', optional: true, parts: [] },
    ]);
  });
});

describe('objectives', () => {
  it('typed, with or without a code', () =>
    expect(
      readObjectives(
        'SCI.4.2 Explain how heat moves\n- Weave a strip\n(4-PS3-2) Ask questions',
      ).objectives.map((o) => [o.code, o.wording]),
    ).toEqual([
      ['SCI.4.2', 'Explain how heat moves'],
      ['', 'Weave a strip'],
      ['4-PS3-2', 'Ask questions'],
    ]));
  it('from a table, its bad rows named', () =>
    expect(readObjectives('Code;Wording\nA.1;Name breeds\nA.2;\nA.1;Again\n;No code is well')).toEqual({
      objectives: [
        { line: 2, code: 'A.1', wording: 'Name breeds' },
        { line: 5, code: '', wording: 'No code is well' },
      ],
      faults: [
        { line: 3, what: '“A.2” has a code and no wording' },
        { line: 4, what: 'code A.1 stands in row 2 already' },
      ],
    }));
});

describe('packs, cards and questions', () => {
  it('activities become lessons, so many each', () =>
    expect(
      draftsFromActivities(readActivities('Felt balls\nDye pot\nWeave', HOW).activities, 2).map((d) => [
        d.title,
        d.parts.length,
      ]),
    ).toEqual([
      ['Felt balls and dye pot', 2],
      ['Weave', 1],
    ]));
  it('or are dealt to the lessons there are, evenly and in order', () =>
    expect(dealtToLessons(5, 3)).toEqual([0, 0, 1, 1, 2]));
  it('lines that name nothing are pointed at', () =>
    expect(readActivities('Felt\n\n--', HOW).faults).toEqual([{ line: 3, what: 'it names nothing to do' }]));
  const cards = (text: string, over: Partial<HowGrouped> = {}): [string, string[]][] =>
    draftsFromCards(cardGroups(text, { perLesson: 4, alike: false, changes: {}, ...over })).map((d) => [
      d.title,
      d.parts.map((p) => p.title),
    ]);
  it('cards by number', () =>
    expect(cards('10').map(([title]) => title)).toEqual(['Cards 1 to 4', 'Cards 5 to 8', 'Cards 9 to 10']));
  it('cards by name, so many a lesson; a topic twice is one', () =>
    expect(cards('1. Ewe\n2. Ram\n3. Lamb\nram', { perLesson: 2 })).toEqual([
      ['Ewe and Ram', ['Look at 2 cards: Ewe and Ram']],
      ['Lamb', ['Look at the card: Lamb']],
    ]));
  it('gaps are groups, a colon names one, and a workbook page stands where there is one', () =>
    expect(cards('Ewe\nRam\n\nDyes:\nMadder, workbook p. 12\nWeld\nWoad (workbook 14-15)')).toEqual([
      ['Ewe and Ram', ['Look at 2 cards: Ewe and Ram']],
      [
        'Dyes',
        ['Look at 3 cards: Madder, Weld and Woad', 'Workbook, p. 12: Madder', 'Workbook, p. 14-15: Woad'],
      ],
    ]));
  it('like goes with like, wherever it stands', () =>
    expect(
      cardGroups('Red dye\nMountain sheep\nSpindle\nBlue dye\nValley sheep\nLoom', {
        perLesson: 2,
        alike: true,
        changes: {},
      }).map((g) => g.cards.map((c) => c.title)),
    ).toEqual([
      ['Red dye', 'Blue dye'],
      ['Mountain sheep', 'Valley sheep'],
      ['Spindle', 'Loom'],
    ]));
  it('by hand a card begins a lesson, or goes with the one above', () =>
    expect(
      cards('Ewe\nRam\nLamb\nHogget', { perLesson: 2, changes: { 2: 'lesson', 3: 'with' } }).map(([t]) => t),
    ).toEqual(['Ewe', 'Ram, Lamb and Hogget']));
  it('a question is thought about, looked up, and kept', () =>
    expect(draftsFromQuestions('1. Why does vinegar keep the red?')).toMatchObject([
      {
        title: 'Why does vinegar keep the red?',
        parts: [{ kind: 'talk' }, { kind: 'looking-up' }],
        recall: [{ easy: 'Why does vinegar keep the red?' }],
      },
    ]));
});
