/** What a lesson gives each child comes from that lesson, and goes on where the one before left it. */
import { describe, expect, it } from 'vitest';
import { aMaterial, POEM } from '../../../tests/a-material';
import { aLesson, aPart, aPlan, aUnit } from '../../../tests/sample-plan';
import { blankChild } from '../plan/blank';
import type { Child } from '../plan/plan';
import { writerOf, type Writer } from './handwriting';
import { KINDS_OF_WORK, type Asked } from './kinds';
import { materialOf } from './material';
import { labelsFor } from './labels';
import { memoryVersion } from './shown';
import { bookletVersion, flapsIn } from './written';
import { tracedIn } from './traced';
import type { Rung } from '../plan/measures';
import { listFor, ownThings } from './word-list';

const PROSE = 'The mill stood by the race. The miller rose before it was light, and let the water in.';
const child: Omit<Child, 'birthMonth'> = { id: 'c', name: 'C', hatch: 'dots', ...blankChild };
const writer = (birthMonth: string): Writer => writerOf({ ...child, birthMonth }, '2026-10-28');

describe('verse that is learnt', () => {
  const learnt = (passages: readonly string[], over = {}): number[] => {
    const unit = aUnit({ passage: POEM, ...over });
    const plan = {
      ...aPlan(0, {}, () => []),
      units: [unit],
      lessons: passages.map((passage, i) => aLesson(`l${i}`, { passage })),
    };
    const of = materialOf(plan);
    return plan.lessons.map((l) =>
      Number(/(\d+) words/.exec(memoryVersion(of(l, unit), 5, writer('2014-05')).amount)![1]),
    );
  };
  it('goes on from lesson to lesson, also past one that has prose of its own to copy', () => {
    const all = learnt(['', PROSE, '', '']);
    expect(all).toEqual([...all].sort((a, b) => a - b));
    expect(all[1]).toBeLessThan(all[3]);
  });
  it('is gone through in the lessons in which it is learnt, and whole in the last of them', () => {
    const unit = aUnit({ passage: POEM });
    const lessons = ['a', 'b', 'c', 'd', 'e', 'f'].map((id) => aLesson(id));
    const parts = ['a', 'c', 'd'].map((id) => aPart(`${id}-m`, id, { kind: 'memory', title: 'By heart' }));
    const of = materialOf({ ...aPlan(0, {}, () => []), units: [unit], lessons, parts });
    expect(
      ['a', 'c', 'd'].map(
        (id) =>
          of(
            lessons.find((l) => l.id === id)!,
            unit,
          ).learning,
      ),
    ).toEqual([0, 1, 2].map((place) => ({ place, of: 3 })));
    expect(of(lessons[1], unit).learning).toEqual({ place: 1, of: 6 });
    expect(of(lessons[3], unit).walk).toEqual({ place: 3, of: 6 });
  });
  it('is the lesson’s own where it has verse, and that whole', () => {
    const own = 'Round goes the wheel,\nall the long day.';
    expect(learnt(['', own, ''])[1]).toBe(8);
  });
  it('is the unit’s memory work in every lesson, whatever stands in it to be copied', () => {
    const all = learnt([PROSE, PROSE, PROSE, PROSE], { memoryWork: [{ id: 'm', text: POEM }] });
    expect(all).toEqual([...all].sort((a, b) => a - b));
    expect(all[0]).toBeLessThan(all[3]);
  });
});

describe('what small children are given', () => {
  const traced = (titles: string[], passage: string): (string | null)[] =>
    tracedIn(
      { title: 'Mills', vocabulary: [], passage },
      titles.map((title) => ({ title, topics: [], objective: '', passage: '' })),
    ).map((t) => t.word);
  it('trace their initial, then words that mean something, never those that do not while there are others', () =>
    expect(traced(['Grinding', 'Bolting', 'Bakers', 'Millstones'], 'not down goes mill out toll')).toEqual([
      null,
      'mill',
      'toll',
      'mill',
    ]));
  it('trace a word of the lesson’s own before one of another', () =>
    expect(traced(['Day and night', 'Star pictures', 'The moon', 'The star party'], 'lamp tide')).toEqual([
      null,
      'star',
      'moon',
      'lamp',
    ]));
  const flour = aMaterial({
    things: ['sieve', 'bolting', 'flour'],
    others: { words: ['gear', 'bran'], due: 2, earlier: [] },
  });
  it('are shown the lesson’s own things, not easy words of another', () => {
    expect(ownThings(flour, 1, 2)).toEqual(['sieve', 'bolting']);
    expect(labelsFor(flour, 1, writer('2023-04')).given.words[0]).toBe('sieve');
    expect(ownThings(flour, 2, 3)).toEqual(['flour']);
  });
  it('have no flap without a thing, and never a booklet of one', () => {
    const bare = aMaterial({ things: ['flour'], others: { words: [], due: 0, earlier: [] } });
    const wording = (m: typeof bare, flaps: number | null = null): number =>
      flapsIn(bookletVersion(m, 2, writer('2020-04'), flaps).wording);
    expect(wording(bare)).toBe(2);
    expect(wording(aMaterial({ things: ['flour', 'mill', 'bread', 'loaf'] }))).toBe(3);
    expect(bookletVersion(flour, 2, writer('2020-04')).wording).toContain(
      ', flour and 1 of your own choice:',
    );
    expect(wording(bare, 5)).toBe(5);
  });
});

describe('the words of a lesson', () => {
  const vocabulary = ['bread', 'crust', 'leaven'].map((word) => ({ id: word, word, meaning: '' }));
  const unit = aUnit({ vocabulary, passage: '' });
  const lesson = aLesson('l1', {
    title: 'Bread in other lands',
    topics: ['Flat bread', 'How dough rises', 'Proportion', 'Salt', 'Lower Reed', 'Africa'].map((title) => ({
      title,
      page: null,
    })),
  });
  const material = materialOf({ ...aPlan(0, {}, () => []), units: [unit], lessons: [lesson] })(lesson, unit);
  it('a short topic is one thing, and its words are not there beside it', () => {
    expect(material.things).toContain('flat bread');
    expect(material.things).not.toContain('bread');
    expect(material.things).not.toContain('how dough rises');
    expect(material.things).toContain('Lower Reed');
    expect(material.things).toContain('Africa');
  });
  it('what is only looked at may have a hard name, but needs a picture', () => {
    const things = ['sundial', 'proportion'];
    expect(ownThings(aMaterial({ things }), 1, 3)).toEqual(['sundial']);
    expect(ownThings(aMaterial({ things }), 2, 3)).toEqual([]);
  });
  const listed = (words: string[], rung: Rung): string[] =>
    listFor(
      aMaterial({
        words,
        others: { words: ['orbit', 'crescent', 'lens', 'eclipse', 'horizon'], due: 2, earlier: [] },
      }),
      rung,
      writer('2013-04'),
    ).list;
  it('are none that an older child has long known, while there are others', () => {
    expect(listed(['night', 'rotation', 'sundial', 'star'], 5)).toEqual(
      expect.arrayContaining(['rotation', 'sundial']),
    );
    for (const easy of ['night', 'star']) {
      expect(listed(['night', 'rotation', 'sundial', 'star'], 5)).not.toContain(easy);
      expect(listed([easy], 3)).toContain(easy);
    }
  });
  it('are filled up from the passage where the lesson and its unit have too few that suit', () => {
    const from = aMaterial({
      words: ['penguin'],
      beginners: ['robin', 'stayed', 'stone', 'alone'],
      others: { words: ['crop'], due: 2, earlier: [] },
    });
    const { list } = listFor(from, 3, writer('2019-04'));
    expect(list).toContain('crop');
    expect(list).toHaveLength(4);
  });
  it('for a beginner are of six letters at most', () => {
    const from = aMaterial({
      words: ['pictures', 'stars'],
      beginners: ['changes', 'done'],
      others: { words: [], due: 0, earlier: [] },
    });
    expect(listFor(from, 2, writer('2021-04')).list).toEqual(['stars', 'done']);
  });
});

it('a demonstration and an experiment of one lesson ask for different things', () => {
  const said = (kind: 'demonstration' | 'experiment'): string =>
    KINDS_OF_WORK[kind].version({
      rung: 4,
      writer: writer('2017-02'),
      material: aMaterial(),
      part: { minutes: 20, title: 'x', lead: 'leads' },
    } as unknown as Asked).wording;
  expect(said('demonstration')).not.toBe(said('experiment'));
});
