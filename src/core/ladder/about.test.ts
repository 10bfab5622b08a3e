/** What a lesson is about, whether it tells of something that happens, and which of its words are names. */
import { describe, expect, it } from 'vitest';
import { aLesson, aPlan, aUnit } from '../../../tests/sample-plan';
import { aboutOf, natureOf, type Nature } from './about';
import { thingsIn, wordsIn } from './lesson-words';
import { namesIn } from './names';
import { materialOf } from './material';
import { tellingVersion } from './telling-back';
import { notebookVersion } from './written';
import { writerOf } from './handwriting';
import { blankChild } from '../plan/blank';
import { extrasFor } from './extras';

const lesson = (title: string, topics: string[] = [], over = {}): ReturnType<typeof aLesson> => ({
  ...aLesson('l'),
  title,
  topics: topics.map((t) => ({ title: t, page: null })),
  objective: '',
  ...over,
});

describe('what a lesson is about', () => {
  it.each([
    ['Lesson 3: The flock', 'The flock'],
    ['LESSON 12 - Felt', 'Felt'],
    ['Unit 2, Lesson 4: Dyes', 'Dyes'],
    ['Week 2 – Day 3: Looms', 'Looms'],
    ['Chapter IV. The storm', 'The storm'],
    ['Chapter 4 The storm', 'The storm'],
    ['Lesson Two: Wool', 'Wool'],
    ['3. Carding', 'Carding'],
    ['2.1 From flower to comb', 'From flower to comb'],
    ['L7: Madder', 'Madder'],
    ['Chapters 1-2: The mill', 'The mill'],
    ['Chapters 5 & 6: Fog', 'Fog'],
    ['Lessons 3 to 4 – Looms', 'Looms'],
    ['Ch. 7 - The mutiny', 'The mutiny'],
    ['Day 3 of drying', 'Day 3 of drying'],
    ['Day and night', 'Day and night'],
    ['Part of the house', 'Part of the house'],
    ['1492 and after', '1492 and after'],
    ['7 wonders', '7 wonders'],
    ['Lessons from bees', 'Lessons from bees'],
    ['Unit fractions', 'Unit fractions'],
    ['L shapes', 'L shapes'],
    ['Ines Holm (1564–1642)', 'Ines Holm'],
    ['The long winter (c. 1450)', 'The long winter'],
    ['Introduction to felt', 'Felt'],
    ['Introducing the loom', 'The loom'],
    ['Review: Dyes', 'Dyes'],
    ['All about bees', 'Bees'],
    ['Review of stitches', 'Stitches'],
    ['The final stitch', 'The final stitch'],
    ['A test of strength', 'A test of strength'],
    ['A feast in the great hall', 'A feast in the great hall'],
  ])('%s', (title, about) => expect(aboutOf(lesson(title))).toBe(about));
  it.each([
    'Unit introduction',
    'Introduction',
    'Lesson 1: Introduction to the unit',
    'Review and feast day',
    'Final project and presentations',
    'Wrap-up',
    'Unit test',
    'Review week',
  ])('is its unit where it only opens or ends it: %s', (title) => {
    expect(aboutOf(lesson(title, ['Costumes']), 'Unit 2: Wool')).toBe('Wool');
    expect(aboutOf(lesson(title, ['Costumes']))).toBe('Costumes');
  });
  it('is its topics where the title only counts it, and the title where there are none', () => {
    expect(aboutOf(lesson('Lesson 5', ['Felt', 'Soap', 'Water']))).toBe('Felt');
    expect(aboutOf(lesson('Lesson 5'))).toBe('Lesson 5');
  });
  it('keeps the capital of a name in the title of the unit, in words and in extras', () => {
    const unit = aUnit({ title: 'Egypt', vocabulary: [], passage: '' });
    const one = lesson('Introduction');
    const plan = { ...aPlan(0, {}, () => []), units: [unit], lessons: [one] };
    expect(materialOf(plan)(one, unit).words).toEqual(['Egypt']);
    const extras = extrasFor(one, [], [], [], ['Egypt'], unit.title);
    expect(extras.map((e) => e.title).join('\n')).toMatch(/Egypt/);
    expect(extras.map((e) => e.title).join('\n')).not.toMatch(/introduction/i);
  });
  it('stands in the work, and what counts it is no word of a list', () => {
    const unit = aUnit({ vocabulary: [], passage: '' });
    const one = lesson('Lesson 3: The flock');
    const material = materialOf({ ...aPlan(0, {}, () => []), units: [unit], lessons: [one] })(one, unit);
    expect(material.topic).toBe('The flock');
    expect(material.words).toEqual(['the', 'flock']);
  });
});

describe('what goes on from a beginning to an end', () => {
  const HAPPEN = [
    'How wool is spun',
    'The miller’s day',
    'A day on the farm',
    'Shearing',
    'Building the bridge',
    'Lesson 2: Carding and combing',
    'From caterpillar to butterfly',
    'The voyage of the grey ship',
    'The tomb is opened',
    'What became of the mills',
    'The great flood',
    'The seed grows',
    'The mutiny',
    'Stories of the mill',
    'Discoveries',
    'Across the marsh',
    'How is wool spun?',
    'Build one that holds a brick',
    'Dye with onion skins',
  ];
  const ARE = [
    'Upper and lower fields',
    'Gods and goddesses',
    'Sheep breeds',
    'Looms',
    'Spring flowers',
    'Kings and queens',
    'The string family',
    'How many legs has it?',
    'Parts of a plant',
    'Maps',
    'Day and night',
    'Buildings of the town',
    'Who lived there?',
    'What is felt?',
    'Plant cells',
    'Sort of blue',
  ];
  it.each(HAPPEN)('%s', (title) => expect(natureOf(lesson(title))).toBe('a doing'));
  it.each(ARE)('not: %s', (title) => expect(natureOf(lesson(title))).toBe('a thing'));
  it('is told by the objective and by a story of its own as well', () => {
    expect(natureOf(lesson('Felt', [], { objective: 'Put the steps of felting in order' }))).toBe('a doing');
    expect(natureOf(lesson('Felt', [], { objective: 'Name three kinds of felt' }))).toBe('a thing');
    expect(natureOf(lesson('Felt', [], { passage: 'She soaked the wool. Then she rolled it.' }))).toBe(
      'a doing',
    );
  });
  it('a book that is read by chapters is a story, and is its own source', () => {
    expect(natureOf(lesson('Chapter 3: Fog'))).toBe('a story');
    expect(natureOf(lesson('Fog', [], { objective: 'Compare two characters' }))).toBe('a story');
    const elder = writerOf(
      { id: 'c', name: 'C', hatch: 'dots', ...blankChild, birthMonth: '2010-04' },
      '2026-10-28',
    );
    const told = (nature: Nature): ReturnType<typeof tellingVersion> =>
      tellingVersion({ topic: 'Fog', turn: 0, nature }, 5, elder);
    expect(told('a story').wording).not.toMatch(/source/);
    expect(told('a doing').wording).toMatch(/from four sources/);
    expect(told('a story').minutes).toBeLessThan(told('a doing').minutes);
  });
  it('is what is acted, told in order and drawn before and after', () => {
    const writer = writerOf(
      { id: 'c', name: 'C', hatch: 'dots', ...blankChild, birthMonth: '2019-04' },
      '2026-10-28',
    );
    const said = (nature: Nature): string =>
      [0, 1, 2]
        .flatMap((turn) =>
          ([1, 2, 3, 4, 5] as const).flatMap((rung) => [
            tellingVersion({ topic: 'Looms', turn, nature }, rung, writer).wording,
            notebookVersion({ topic: 'Looms', turn, nature }, rung, writer).wording,
          ]),
        )
        .join('\n');
    const OF_DOINGS =
      /act out|in order|had been there|what happens|before and after|how it goes|moment|what came of/i;
    expect(said('a thing')).not.toMatch(OF_DOINGS);
    expect(said('a doing')).toMatch(OF_DOINGS);
  });
});

describe('names', () => {
  const kept = (text: string, around = ''): string[] => wordsIn(text, namesIn(text, around));
  it('keep their capital also where they stand alone', () => {
    for (const name of [
      'Osiris',
      'Zeus',
      'Venus',
      'Monday',
      'October',
      'Christmas',
      'Africa',
      'Vikings',
      'Ines',
    ])
      expect(kept(name)).toEqual([name]);
  });
  it('are not the words that children know, or that the unit has in small letters', () => {
    for (const word of [
      'Barley',
      'Farming',
      'Mordants',
      'Millstones',
      'Irrigation',
      'Spindles',
      'Femur',
      'Hinge',
    ])
      expect(kept(word)).toEqual([word.toLowerCase()]);
    expect(kept('Shaduf')).toEqual(['Shaduf']);
    expect(kept('Shaduf', 'a shaduf lifts')).toEqual(['shaduf']);
    expect(kept('Mummies', 'a mummy')).toEqual(['mummies']);
  });
  it('follow what the other lessons of the unit say', () => {
    const unit = aUnit({ vocabulary: [], passage: '' });
    const one = { ...lesson('Shaduf'), id: 'a' };
    const words = (other: string): string[] => {
      const plan = {
        ...aPlan(0, {}, () => []),
        units: [unit],
        lessons: [one, { ...lesson(other), id: 'b' }],
      };
      return materialOf(plan)(one, unit).words;
    };
    expect(words('Fields')).toEqual(['Shaduf']);
    expect(words('How a shaduf lifts water')).toEqual(['shaduf']);
  });
  it('are not made by a title in which all words have a capital', () => {
    expect(kept('The Water Cycle')).toEqual(['the', 'water', 'cycle']);
    expect(kept('Atlantic Ocean')).toEqual(['Atlantic', 'ocean']);
    expect(kept('The Race', 'The Grey Flock')).toEqual(['the', 'race']);
    expect(kept('The Race', 'The old mill\nUp to the weir')).toEqual(['the', 'Race']);
  });
  it('of a person are no words to spell', () =>
    expect(wordsIn('Dr. Imre Holm and the germs', new Set())).toEqual(['and', 'the', 'germs']));
  it('are not what a sentence begins with', () =>
    expect(kept('The wheel turned. Then Aldo slept. Water fell.')).toEqual(
      'the wheel turned then Aldo slept water fell'.split(' '),
    ));
});

describe('what can be shown of a lesson', () => {
  const things = (...topics: string[]): string[] => thingsIn(topics, [], namesIn(topics.join('\n')));
  it('are two things where two are named, and one where the unit teaches one of many', () => {
    expect(things('Arteries and veins', 'Bread and butter')).toEqual([
      'arteries',
      'veins',
      'bread',
      'butter',
    ]);
    expect(thingsIn(['Red blood cells'], ['cell'], new Set())).toEqual(['red blood cells']);
  });
  it('has no article, and is no word of a question or of a sentence', () => {
    expect(things('The double crown', 'The Nile', 'Who owns the past?', 'How dough rises')).toEqual([
      'double crown',
      'Nile',
    ]);
    expect(things('Ship’s biscuit')).toEqual(['ship’s biscuit']);
    expect(things('The Earth turns', 'Finding north', 'Weaving')).toEqual(['weaving']);
  });
});

describe('what is said of a lesson of one nature', () => {
  it('comes back only once all of it has been there, whatever lies between', () => {
    const titles = ['Looms', 'Shearing', 'Dyes', 'Carding', 'Felting', 'Fleeces', 'Spinning', 'Vats'];
    const lessons = titles.map((title) => ({ ...lesson(title), id: title }));
    const unit = aUnit({ vocabulary: [], passage: '' });
    const of = materialOf({ ...aPlan(0, {}, () => []), units: [unit], lessons });
    const turns = (nature: Nature): number[] =>
      lessons
        .map((l) => of(l, unit))
        .filter((m) => m.nature === nature)
        .map((m) => m.turn);
    expect(turns('a thing')).toEqual([0, 1, 2, 3]);
    expect(turns('a doing')).toEqual([0, 1, 2, 3]);
  });
  it('words of the lessons before fill a list that is short, the same one not each time', () => {
    const lessons = ['Wool', 'Sheep', 'Hands', 'Dyes'].map((title) => ({ ...lesson(title), id: title }));
    const unit = aUnit({ vocabulary: [], passage: '' });
    const of = materialOf({ ...aPlan(0, {}, () => []), units: [unit], lessons });
    expect(of(lessons[3], unit).others.earlier).toEqual(['hands', 'sheep', 'wool']);
    expect(of(lessons[1], unit).others.earlier).toEqual(['wool']);
  });
});
