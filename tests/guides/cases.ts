/**
 * Guides as they are printed, invented, each with what a parent would say it holds. Written before the reader; those
 * marked as held back were looked at only once it stood.
 */
export interface GuideCase {
  name: string;
  heldBack?: boolean;
  text: string;
  /** Codes of the objectives the unit has. */
  codes?: string[];
  /** What it becomes, as `told` writes it down. */
  becomes: string;
  /** Whom the guide says it is for. */
  about?: string;
}

export const GUIDES: readonly GuideCase[] = [
  {
    name: 'weeks above lessons, with ways to choose from',
    text: `The Mill Year
For grades 4-6

WEEK 1
Big idea: Water does work when it falls.

Lesson 1: Why a wheel turns
Read pages 12-19
Choose one:
Minimal: Tell back the reading
Books: Read "The Miller's Boy" aloud, 20 min
Film: Watch the old mill, 15 min
Vocabulary: paddle, race, axle

Lesson 2: A wheel of our own
Do: Build a small wheel, 45 min; spools 2; skewers 4; dries overnight
Ages 8 and up. An adult helps with the drill.
Caution: small parts, keep them from the youngest.

WEEK 2
Lesson 3: Grain to flour
You need: wheat 200 g; a hand mill
Grind the wheat, 30 min
or
Sift bought flour, 15 min
Guess: Which is heavier, the bran or the flour?`,
    about: 'grades 4 to 6',
    becomes: `1 Why a wheel turns; pp. 12-19; words paddle, race, axle; idea Water does work when it falls.
- tell-back Tell back the reading | read-aloud Read "The Miller's Boy" aloud 20 | film Watch the old mill 15
2 A wheel of our own
- model Build a small wheel 45; spools 2, skewers 4; dries 12 h; from 8; "An adult helps with the drill. | Caution: small parts, keep them from the youngest."
3 Grain to flour
- activity Grind the wheat 30; wheat 200 g, hand mill 1; guess Which is heavier, the bran or the flour? | activity Sift bought flour 15`,
  },
  {
    name: 'topics with labels in capitals',
    text: `TOPIC 1
SHEEP OF THE HILLS
OBJECTIVES
Name three breeds (LS 2.1)
MATERIALS
field guide; wool samples
ACTIVITIES
• Sort the wool samples by feel, 20 min
• Word list
• Journal page
REVIEW
What is a ram?

TOPIC 2
SHEARING
OBJECTIVES
LS 2.3
ACTIVITIES
• Visit the shearer (half a day), on Thursdays
• Copy the verse`,
    codes: ['LS2.1', 'LS 2.3'],
    becomes: `1 SHEEP OF THE HILLS; to Name three breeds; meets LS2.1; recall What is a ram?
- activity Sort the wool samples by feel 20; field guide, wool samples
- word-list Word list
- notebook Journal page
2 SHEARING; meets LS 2.3
- trip Visit the shearer 180; on weekday 4
- copying Copy the verse`,
  },
  {
    name: 'days, each with its few lines',
    text: `Days of the Loom - Year 3

Day 1 - Warp
Read aloud ch. 1
Thread the cardboard loom (25 minutes)

Day 2 - Weft
Weave six rows, 20 min, or draw the pattern, 10 min
Optional: a second colour

Day 3
Patterns
Look at the picture book together, 10 min. Not before 9 Nov.`,
    about: 'year 3',
    becomes: `1 Warp
- read-aloud Read aloud ch. 1
- activity Thread the cardboard loom 25
2 Weft
- craft Weave six rows 20 | craft draw the pattern 10
- craft a second colour 30; optional
3 Patterns
- activity Look at the picture book together 10; from 2026-11-09`,
  },
  {
    name: 'Roman numbers and prose',
    text: `I. The ford
Pages 3-8.
Why did people cross here? Tell the story of the ford in your own words.

II. The bridge
Pages 9-15, 20.
Build a bridge of blocks (30 min). Which shape holds most?
Small parts: keep the youngest away.

III. The toll
Pages 16 to 19.`,
    becomes: `1 The ford; pp. 3-8
- activity The ford 30; "Why did people cross here? Tell the story of the ford in your own words."
2 The bridge; pp. 9-15; topic also p. 20
- model Build a bridge of blocks 30; "Which shape holds most? | Small parts: keep the youngest away."
3 The toll; pp. 16-19`,
  },
  {
    name: 'bare titles in capitals, outdoor, table and art',
    text: `CARDING AND COMBING

Outdoors: Gather wool from the fence, 40 min
Table: Card a handful, 25 min
Art: Draw the fibres through a glass, 20 min

SPINNING

Ages 10+: Spin on a drop spindle, 30 min (with an adult)
Younger: twist yarn by hand, 15 min
The yarn arrives 12 Nov.`,
    becomes: `1 CARDING AND COMBING
- activity Gather wool from the fence 40; outdoors | activity Card a handful 25 | craft Draw the fibres through a glass 20
2 SPINNING
- activity Spin on a drop spindle 30; from 10
- activity twist yarn by hand 15; from 2026-11-12`,
  },
  {
    name: 'Markdown with headings for each thing',
    text: `# Bread and Salt

Ages 6 to 12

## Yeast

### You will need
- flour 500 g
- yeast 1 sachet

### Do
1. Watch the yeast rise, 30 min
2. Knead and bake, 60 min. An adult handles the oven.

### Ask
- What made the bubbles?

## Salt

### Do
1. Grow crystals, 20 min, stands 3 days
### Caution
Do not taste the solution.`,
    about: 'ages 6 to 12',
    becomes: `1 Yeast; recall What made the bubbles?
- observation Watch the yeast rise 30; flour 500 g, yeast 1 sachet
- cooking Knead and bake 60; "An adult handles the oven."
2 Salt
- observation Grow crystals 20; stands 72 h; "Caution: Do not taste the solution."`,
  },
  {
    name: 'a numbered list alone',
    text: `1. The lamb
2. The shepherd's dog
3. The market`,
    becomes: `1 The lamb
2 The shepherd's dog
3 The market`,
  },
  {
    name: 'options by letter and a quiz',
    heldBack: true,
    text: `LESSON ONE - The kettle
Pages 4-7
Option A: Boil water and watch the steam, 15 min (adult)
Option B: Watch a film of an old engine, 10 min
Spelling words: kettle, steam, spout
Narration
LESSON TWO - The engine
Pages 8-13
Needed: tin can; candle
Make a tin engine, 40 min; for ages 9 to 12; do not leave the flame alone
If it rains: draw the engine
Discussion: Who lost work when engines came?`,
    becomes: `1 The kettle; pp. 4-7; words kettle, steam, spout
- observation Boil water and watch the steam 15 | film Watch a film of an old engine 10
- tell-back Narration
2 The engine; pp. 8-13; recall Who lost work when engines came?
- craft Make a tin engine 40; tin can, candle; from 9 to 12; instead draw the engine; "do not leave the flame alone"`,
  },
  {
    name: 'unit, week and day',
    heldBack: true,
    text: `Unit 2 Dyes
Week 1
Day 1: Red
Boil madder, 60 min, afternoon
Day 2: Blue
Look at the vat, 10 min
Week 2
Day 3: Yellow
Onion skins: simmer and dip, 45 min. Wait 24 hours.
Notebook page`,
    becomes: `1 Red
- activity Boil madder 60
2 Blue
- activity Look at the vat 10
3 Yellow
- activity Onion skins: simmer and dip 45; waits 24 h
- notebook Notebook page`,
  },
];
