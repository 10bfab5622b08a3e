import { describe, expect, it } from 'vitest';
import { preparationsText, readPreparations } from '../frame/part-words';
import { SOURCES } from './source-names';
import { readSource, type How } from './sources';

const HOW: How = {
  near: '2026-11-01',
  order: 'day first',
  taste: [],
  codes: [],
  changes: {},
  pagesOfBook: 88,
  secondLevel: false,
  perLesson: 1,
  alike: false,
  onLessons: false,
  lessonsThere: 0,
};

describe('what a pasted text becomes, by its source', () => {
  it('is nothing while nothing is pasted', () => {
    for (const { value } of SOURCES)
      expect(readSource(value, '  \n ', HOW)).toEqual({ rows: [], lessons: 0, message: '', faults: [] });
  });

  it('a contents page, with what the parent changed', () => {
    const text = 'Contents\n1. Wool .... 1\n  Breeds .... 3\n2. Dyes .... 7';
    expect(readSource('contents', text, HOW)).toMatchObject({
      lessons: 2,
      message: '2 lessons, 1 topics, 1 left out',
      rows: [
        { out: true },
        { number: 1, note: 'pp. 1–6' },
        { depth: 1, note: 'p. 3' },
        { number: 2, note: 'pp. 7–88' },
      ],
    });
    expect(readSource('contents', text, { ...HOW, changes: { 3: 'lesson' } }).lessons).toBe(3);
    expect(readSource('contents', text, { ...HOW, secondLevel: true }).rows.map((r) => r.number)).toEqual([
      0, 0, 1, 0,
    ]);
  });

  it('a guide, with what the parent changed', () => {
    const text = 'Lesson 1: Wool\nObjective: Name breeds\nDo: Draw';
    expect(readSource('guide', text, HOW)).toMatchObject({
      lessons: 1,
      message: '1 lesson, 1 part',
      rows: [{ number: 1, becomes: 'lesson' }, { becomes: 'objective', depth: 1 }, { becomes: 'part' }],
    });
    expect(readSource('guide', text, { ...HOW, changes: { 2: 'recall' } }).drafts![0]).toMatchObject({
      objective: '',
      recall: [{ easy: 'Name breeds' }],
    });
  });

  it('a table, with headings nobody knows', () =>
    expect(readSource('table', 'lesson,part,colour\nWool,Draw,red', HOW)).toMatchObject({
      lessons: 1,
      message: '1 lesson, 1 part; not used: colour',
      faults: [],
      rows: [
        { number: 1, text: 'Wool' },
        { text: 'Draw', depth: 1, note: 'craft · 30 min' },
      ],
    }));

  it('activities as lessons, or on the lessons there are', () => {
    const text = 'Felt balls, 35 min; wool 20 g\nDye pot, 60 min; dries 48 h\nWeave';
    expect(readSource('activities', text, { ...HOW, perLesson: 2 })).toMatchObject({
      lessons: 2,
      rows: [
        { number: 1 },
        { note: 'craft · 35 min · wool 20 g' },
        { note: 'craft · 60 min · dries 48 h' },
        { number: 2 },
        {},
      ],
    });
    expect(readSource('activities', text, { ...HOW, onLessons: true, lessonsThere: 6 })).toMatchObject({
      lessons: 0,
      places: [0, 2, 4],
      message: '3 activities on 3 lessons',
      rows: [{ note: 'on lesson 1 · craft · 35 min · wool 20 g' }, {}, {}],
    });
  });

  it('cards, and questions', () => {
    expect(
      readSource('cards', '10', { ...HOW, perLesson: 4 })
        .rows.filter((r) => r.number)
        .map((r) => r.text),
    ).toEqual(['Card 1', 'Card 5', 'Card 9']);
    expect(readSource('questions', 'Why wool?', HOW)).toMatchObject({
      lessons: 1,
      rows: [{ text: 'Why wool?' }, { note: 'talk · 10 min' }, { note: 'looking up · 30 min' }],
    });
  });

  it('too long a paste says so, and where', () =>
    expect(readSource('contents', 'A line\n'.repeat(1200), HOW).faults).toEqual([
      { line: 1001, what: 'more than 1000 lines; paste it in pieces' },
    ]));
});

describe('preparations as they are typed', () => {
  it.each([
    ['Soak the skeins, evening before', 'Soak the skeins', 1],
    ['order madder, 10 days before', 'order madder', 10],
    ['Lay out paper, on the day', 'Lay out paper', 0],
    ['Freeze the trays', 'Freeze the trays', 1],
    ['Borrow a loom', 'Borrow a loom', 7],
    ['soak beans, on the day', 'soak beans', 0],
  ])('%s', (line, what, daysBefore) =>
    expect(readPreparations(line)).toEqual([{ id: '', what, daysBefore, minutes: null, atMostBefore: null }]),
  );
  it('are written so that they are read as the same again', () => {
    const list = [
      { id: '', what: 'Soak', daysBefore: 1, minutes: null, atMostBefore: null },
      { id: '', what: 'Order', daysBefore: 14, minutes: null, atMostBefore: null },
      { id: '', what: 'Freeze the trays', daysBefore: 0, minutes: null, atMostBefore: null },
    ];
    expect(readPreparations(preparationsText(list))).toEqual(list);
  });
});
