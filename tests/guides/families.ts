/** What the fourteen kinds of family bring in, as it would be printed or written down. Invented. */

/** 1: three groups on different topics, objectives from a list of standards. */
export const STANDARDS = 'code,wording\nLS 2.1,Name three animals of a farm\nLS 2.4,Say how wool grows';
export const FARM_GUIDE = `Farm Mornings, grades 1-2
Lesson 1: The barn
Standard: LS 2.1
Sort the animal cards, 20 min
Lesson 2: The fleece
Objective: Say how wool grows (LS2.4)
Feel three fleeces, 15 min
Lesson 3: The milk
Make butter in a jar, 25 min. An adult helps.`;
export const KITS =
  'Title,Label,Type,Place,Language\nBarn box,KIT-01,box,hall shelf,\nFleece box,KIT-02,box,hall shelf,\nDie Schafe,,easy reader,bin 2,German';

/** 2: open, led by questions. */
export const QUESTIONS =
  'Why do some mushrooms glow?\nWhat do roots say to each other?\nHow does a spore fly?';
export const SPORES = `Lesson: Spore prints
Gather caps outdoors, 40 min
Caution: nothing gathered is eaten; an expert of the place tells what it is.
Make a spore print, 15 min, stands overnight
Look at the grow bag, 10 min. It arrives 16 Nov.`;

/** 3: a bought guide for an older child, pared down. */
export const RIVER_GUIDE = `THE RIVER YEAR
For grades 5 to 8

WEEK ONE
Big idea: Water shapes the land it runs through.
Lesson 1: Springs
Read pages 4-11
Choose one:
Minimal: Narrate the chapter
Books: Read "A Spring in the Hill" aloud, 20 min
Film: Watch the film of the source, 25 min
Lesson 2: Bends
Outdoors: Measure a bend of the brook, 60 min
Table: Pour a bend in a tray of sand, 40 min
Art: Paint a bend from above, 30 min

WEEK TWO
Lesson 3: The mouth
Pages 12-19
Discuss: Whose is the river?
Big idea: What is upstream comes downstream.`;

/** 4: a deck of cards with unequal groups, a workbook page here and there. */
export const DECK = `Fibres:
Wool
Flax, workbook p. 4
Hemp
Silk

Tools:
Spindle, workbook p. 9
Card
Comb

Dyes:
Madder
Weld
Woad
Kermes
wool`;

/** 5: a block of a longer course in a long book; the next part ends it. */
export const LONG_BOOK = `Contents
Part Three: The Iron Road
12 Rails and sleepers .... 176
13 The first engine .... 189
14 Navvies .... 203
Part Four: The Wire .... 214`;
export const SHELF = Array.from({ length: 60 }, (_, i) => `Small book ${i + 1}; ${40 + i} p`).join('\n');

/** 6: a part of the whole each week for a month. */
export const MONTHLY = `WEEK 1
Roots
Model of a root (ages 9 and up), 50 min; print the pattern; laminate; cut out
Learn the first verse by heart
WEEK 2
Stem
Model of a stem, 45 min
WEEK 3
Leaf
Leaf rubbing, 20 min
WEEK 4
Flower
Put the plant together, 40 min`;

/** 7: planned for a month, done after a week. */
export const PUZZLES =
  'Lesson 1: Edges\nPuzzle of 500 pieces, 60 min\nLesson 2: Middles\nSort by colour, 30 min\nLesson 3: Frames\nBuild a frame, 45 min\nLesson 4: The wall\nHang it up, 20 min';

/** 8: a guess before each demonstration, plants looked at for weeks, a trip that closes. */
export const SEEDS = `Lesson 1: What a seed needs
Demonstration: Beans in the dark and in the light, 20 min
Guess: Which bean will be taller?
Observation: Look at the beans, 5 min
Lesson 2: Water climbs
Experiment: Celery in ink, 15 min, stands overnight
Prediction: How far will the ink climb?
Lesson 3: The garden
Field trip to the garden of the old mill, half a day`;

/** 9: days of a guide, each with its few lines. */
export const DAYS = `Winter Term
Day 1
Read chapter 1
Math: page of practice, 15 min
Day 2
Read chapter 2
3 cards, 10 min
Day 3
Read chapter 3
Picture book of the day, 10 min`;

/** 10: words, a journal page and something to do in each lesson. */
export const TERM = Array.from(
  { length: 12 },
  (_, i) =>
    `Topic ${i + 1}: ${['Wind', 'Sails', 'Knots', 'Tides', 'Stars', 'Maps', 'Fish', 'Salt', 'Bread', 'Rope', 'Wood', 'Home'][i]}\nWord list\nJournal page\nActivity: ${['Fold a windmill', 'Sew a sail', 'Tie three knots', 'Mark the tide', 'Draw the stars', 'Map the yard', 'Print a fish', 'Grow salt', 'Bake a loaf', 'Twist a rope', 'Saw a peg', 'Build a house'][i]}, 40 min; paper 2 sheets each`,
).join('\n\n');

/** 11: two guides one after another. */
export const FIRST_GUIDE = Array.from(
  { length: 14 },
  (_, i) => `Lesson ${i + 1}: Bronze ${i + 1}\nNarration`,
).join('\n');
export const SECOND_GUIDE = Array.from(
  { length: 16 },
  (_, i) => `Chapter ${i + 1}: Iron ${i + 1}\nNotebook page`,
).join('\n');

/** 12: a brainstorm, one poem copied by all. */
export const POEM =
  'Over the lake the grey geese go,\nHigh in the wind and in the snow.\n\nWho told them when? Who told them where?\nThe road is written in the air.';

/** 13: twenty lessons in six weeks. */
export const TWENTY = Array.from(
  { length: 20 },
  (_, i) => `${i + 1}. The town in the year ${900 + i * 40} .... ${5 + i * 7}`,
).join('\n');

/** 14: a pack of activities, one a week over a term. */
export const PACK = [
  'Wool snake',
  'Felt ball',
  'Paper loom',
  'Twig frame',
  'Finger knots',
  'Onion dye',
  'Leaf print',
  'Cord belt',
  'Button tree',
  'Yarn map',
  'Tea towel',
]
  .map((t) => `${t}, 80 min; yarn 10 g each`)
  .join('\n');
