import { describe, expect, it } from 'vitest';
import { GUIDES } from '../../../tests/guides/cases';
import { told } from '../../../tests/guides/told';
import { dateIn } from './dates-in-text';
import { draft } from './draft';
import { draftsFromGuide, type HowRead } from './guide/drafts';
import { guideIsFor, readGuide } from './guide/read';

const how: HowRead = { near: '2026-11-01', order: 'day first', taste: [], codes: [] };

describe('guides as they are printed', () => {
  it.each(GUIDES)('$name', ({ text, becomes, about, codes }) => {
    const lines = readGuide(text, how);
    const drafts = draftsFromGuide(lines, { ...how, codes: codes ?? [] });
    expect(told(drafts)).toBe(becomes);
    expect(guideIsFor(lines)).toBe(about ?? '');
    for (const d of drafts) expect(draft.safeParse(d).error?.issues ?? []).toEqual([]);
  });
});

describe('what a parent says of a line', () => {
  const FLAT = 'The flock\nDraw the breeds, 20 min\nThe dye pot\nStir the pot, 30 min';
  it('carries what stands below it', () => {
    const lines = readGuide(FLAT, how, { 1: 'lesson', 3: 'lesson' });
    expect(told(draftsFromGuide(lines, how))).toBe(
      '1 The flock\n- craft Draw the breeds 20\n2 The dye pot\n- activity Stir the pot 30',
    );
  });
  it('stands whatever the reader would have made of it', () => {
    const lines = readGuide('Lesson 1: Wool\nWord list\nLesson 2: Felt', how, { 2: 'topic', 3: 'nothing' });
    expect(told(draftsFromGuide(lines, how))).toBe('1 Wool; topic Word list');
  });
});

describe('of several ways to do a thing', () => {
  const TEXT =
    'Lesson 1: Sheep\nOutdoors: Walk to the fold, 40 min\nTable: Sort wool, 20 min\nArt: Draw a ram, 15 min';
  it.each([
    [['art'], 'Draw a ram'],
    [['table', 'art'], 'Sort wool'],
    [['cooking'], 'Walk to the fold'],
  ] as const)('with a taste for %j stands %s, and the others wait in it', (taste, title) => {
    const [{ parts }] = draftsFromGuide(readGuide(TEXT, how), { ...how, taste });
    expect(parts.map((p) => p.title)).toEqual([title]);
    expect(parts[0].alternatives).toHaveLength(2);
  });
});

describe('a code of an objective', () => {
  it.each([
    ['LS 2.1', 'LS.2.1', true],
    ['LS2.1', 'LS 2.1', true],
    ['LS 2.1', 'LS 2.13', false],
    ['LS 2.1', 'XLS 2.1', false],
    ['W 4', 'W4', true],
    ['W 4', 'W 4.1', false],
  ])('%s in %s: %s', (code, written, tied) => {
    const [{ objectiveCodes }] = draftsFromGuide(
      readGuide(`Lesson 1: Wool\nObjective: Name it (${written})`, how),
      { ...how, codes: [code] },
    );
    expect(objectiveCodes).toEqual(tied ? [code] : []);
  });
});

describe('a date in a text', () => {
  it.each([
    ['arrives 9 Nov', 'day first', '2026-11-09'],
    ['Nov 9th', 'day first', '2026-11-09'],
    ['on 9 November 2027', 'day first', '2027-11-09'],
    ['2026-12-01', 'day first', '2026-12-01'],
    ['9/11', 'day first', '2026-11-09'],
    ['11/9', 'month first', '2026-11-09'],
    ['2 Jan', 'day first', '2027-01-02'],
    ['31 Sept', 'day first', undefined],
    ['pages 9-11', 'day first', undefined],
  ] as const)('%s, %s: %s', (text, order, date) =>
    expect(dateIn(text, '2026-11-01', order)?.date).toBe(date),
  );
});

describe('a line is not taken for what it is not', () => {
  it.each([
    ['Do one row of knitting, 10 min', '- activity Do one row of knitting 10'],
    ['Read alone, 20 min', '- own-reading Read alone 20'],
    ['Build a wall, alone, 20 min', '- model Build a wall 20; not-needed'],
    ['Sun: our star', 'topic Sun: our star'],
    ['Breeds of the hills', 'topic Breeds of the hills'],
    ['Sort the buttons', '- activity Sort the buttons 30'],
    ['Stir it slowly.', '- activity Wool 30; "Stir it slowly."'],
  ])('%s', (line, becomes) => {
    const read = told(draftsFromGuide(readGuide(`Lesson 1: Wool\n${line}`, how), how));
    expect(read).toBe(becomes.startsWith('-') ? `1 Wool\n${becomes}` : `1 Wool; ${becomes}`);
  });
});
