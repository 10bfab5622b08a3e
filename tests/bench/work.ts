/**
 * The work given out for twelve invented lessons to children of 3 to 16, as one table to be read from top to bottom as a
 * teacher reads it.
 */
import { redraw } from '@/core/layout/redraw';
import { blankChild } from '@/core/plan/blank';
import type { Plan } from '@/core/plan/plan';
import { HATCHES, LADDER_KINDS } from '@/core/plan/words';
import { aLesson, aPart, aPlan, aUnit } from '../sample-plan';

const VERSE = `Up goes the paddle and down goes the stone,
The miller is singing, but not for his own.

Grain from the hillside and flour for the town,
Round goes the great wheel and the water comes down.

Sweep out the hopper and sack up the meal,
Oil for the axle and ash for the wheel.

Home goes the wagon, the lantern is lit,
Bread for the table and butter on it.`;

const PROSE = `Mr. Aldo Hobb kept the mill at Lower Reed for forty years. He rose before the sun, for the water was highest then. When the gate was drawn, the wheel began to turn, slowly at first and then faster. The stones must never touch. “A spark in the flour,” he used to say, “and the roof is gone.” His daughter Jette learnt the trade from him, and she kept a book of every sack.`;

/** Title, topics, objective, passage of its own, recall. */
const LESSONS: readonly (readonly [title: string, topics: string[], objective: string, passage?: string])[] =
  [
    [
      'How water turns a wheel',
      ['Overshot wheel', 'Undershot wheel'],
      'Students will name the parts of a water wheel',
    ],
    ['Grain and its parts', ['Bran', 'Germ'], 'To be able to draw a grain of wheat with its parts'],
    ['Millstones', ['Runner stone', 'Furrows'], 'Explain why the stones must not touch'],
    ['The miller’s day', ['Sacks', 'Toll'], 'Tell in order what a miller does', PROSE],
    ['Wind instead of water', ['Sails', 'Cap'], 'Compare a windmill with a water mill'],
    ['Gears', ['Pit wheel', 'Lantern pinion'], 'Work out how often one wheel turns the other'],
    ['Flour', ['Bolting', 'Sieve'], 'Sort three flours by how fine they are'],
    ['Dough and yeast', ['Kneading'], 'Say why dough rises'],
    ['Bread in other lands', ['Flat bread', 'Sourdough'], 'Name three breads and where they are baked'],
    ['Tolls and quarrels', ['Water rights'], 'Judge who was in the right, and say why'],
    ['Mills that spin and saw', ['Saw mill', 'Fulling mill'], 'List four things a mill can do'],
    ['What became of the mills', ['Steam', 'Museums'], 'Argue whether an old mill should be kept'],
  ];
const WORDS = [
  ['hopper', 'the box the grain runs from'],
  ['axle', 'the bar a wheel turns on'],
  ['sluice', 'the gate that lets the water in'],
  ['flour', 'ground grain'],
  ['grain', 'the seed of a grass'],
  ['gear', 'a wheel with teeth'],
  ['bran', 'the skin of a grain'],
  ['millwright', 'one who builds mills'],
  ['sieve', 'a net that lets fine things through'],
  ['toll', 'the part a miller keeps'],
];
const AGES = [3, 6, 7, 9, 12, 14, 16];
const KINDS = LADDER_KINDS.filter((k) => !['own-kind', 'teaching', 'presentation'].includes(k));

export function workPlan(): Plan {
  const children = AGES.map((age, i) => ({
    ...blankChild,
    id: `c${age}`,
    name: ['Pim', 'Junia', 'Wen', 'Bram', 'Ottilie', 'Jost', 'Alke'][i],
    hatch: HATCHES[i],
    birthMonth: `${2026 - age}-03`,
    minutes: 600,
  }));
  const plan = aPlan(
    LESSONS.length,
    {
      units: [
        aUnit({
          childIds: children.map((c) => c.id),
          passage: VERSE,
          vocabulary: WORDS.map(([word, meaning], i) => ({ id: `v${i}`, word, meaning })),
        }),
      ],
      lessons: LESSONS.map(([title, topics, objective, passage = ''], i) => ({
        ...aLesson(`l${i + 1}`),
        title,
        topics: topics.map((t) => ({ title: t, page: null })),
        objective,
        passage,
        objectiveIds: [`o${i + 1}`],
      })),
      objectives: LESSONS.map(([, , wording], i) => ({ id: `o${i + 1}`, unitId: 'u1', code: '', wording })),
      questions: [
        {
          id: 'q1',
          unitId: 'u1',
          childId: 'c6',
          text: 'Why does the wheel not stop in winter?',
          asked: null,
          answer: '',
        },
        { id: 'q2', unitId: 'u1', childId: 'c9', text: 'Who owned the water?', asked: null, answer: '' },
      ],
    },
    (lesson) =>
      KINDS.map((kind, i) =>
        aPart(`${lesson}-${i}`, lesson, { kind, title: kind, minutes: null, lead: 'near' }),
      ),
  );
  return redraw({ ...plan, children }, { today: '2026-08-31' }).plan;
}

/** Each child's work of each kind, lesson by lesson. */
export function workTable(): void {
  const plan = workPlan();
  const kindOf = new Map(plan.parts.map((p) => [p.id, p]));
  const names = new Map(plan.children.map((c, i) => [c.id, `${c.name} ${AGES[i]}`]));
  for (const lesson of plan.lessons) {
    console.log(`\n== ${lesson.title}`);
    for (const kind of KINDS) {
      console.log(`-- ${kind}`);
      for (const a of plan.assignments) {
        const part = kindOf.get(a.partId)!;
        if (part.lessonId !== lesson.id || part.kind !== kind) continue;
        console.log(
          `${names.get(a.childId)!.padEnd(11)} r${a.rung} ${String(a.minutes).padStart(3)} min (you ${a.parentMinutes})  ${a.wording}${a.note ? `   [${a.note}]` : ''}`,
        );
      }
    }
  }
}
