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
- activity twist yarn by hand 15; from 2026-11-12; "For the younger."`,
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
  {
    name: 'how long a lesson takes, younger and older, a spine read aloud, homework',
    text: `THE SALT ROAD
A study for ages 7 to 12

LESSON ONE — WHERE SALT COMES FROM  (45 minutes)
Read aloud: pages 3–9 of the spine.
Discuss: Why did salt cost so much?
Younger: draw a salt pan. Older: write five sentences on trade.
Copywork: "He is worth his salt."

LESSON TWO — BOILING BRINE  (60 minutes)
Read pp. 10–15.
Supplies: 2 cups water, 4 tbsp salt, saucepan, hot plate
1. Boil it until crystals form, 20 min.
2. Let it dry for two days.
Words to know: brine, evaporate, crystal
Homework: Ask a grandparent how they kept meat.

LESSON THREE — THE SALTERS' WAY
Read chapter 2 (p. 16 to p. 24)
Field trip (optional): the salt museum, 2 hours
Map: Trace the road from the coast to the town.`,
    about: 'ages 7 to 12',
    becomes: `1 WHERE SALT COMES FROM; pp. 3-9; recall Why did salt cost so much?
- craft draw a salt pan 30; "For the younger."
- activity write five sentences on trade 30; "For the older."
- copying "He is worth his salt."
2 BOILING BRINE; pp. 10-15; words brine, evaporate, crystal
- activity Boil it until crystals form 20; water 2 cups, salt 4 tbsp, saucepan, hot plate; dries 48 h
- activity Ask a grandparent how they kept meat 30
3 THE SALTERS' WAY; pp. 16-24
- trip the salt museum 120; optional
- activity Trace the road from the coast to the town 30`,
  },
  {
    name: 'lessons numbered within their units, with pages behind their titles',
    text: `Unit 1. Bees at work
1.1 Who lives in a hive? (pp. 4-7)
   * Activity: Paint the three kinds of bee [30 min]
   * Talk about it: Who does the most work?
1.2 The dance (pp. 8-11)
   * Game: Dance the way to the flower, 15 min
   * Needs: a drum
   * Extension (ages 10 and up): Work out the angle with a protractor
Unit 2. Honey
2.1 From flower to comb (pp. 12-17)
   * Cook: Honey biscuits, 50 min; flour 350 g; honey 150 g; egg 1`,
    becomes: `1 Who lives in a hive?; pp. 4-7; recall Who does the most work?
- craft Paint the three kinds of bee 30
2 The dance; pp. 8-11
- game Dance the way to the flower 15; drum 1
- activity Work out the angle with a protractor 30; from 10; optional
3 From flower to comb; pp. 12-17
- cooking Honey biscuits 50; flour 350 g, honey 150 g, egg 1`,
  },
  {
    name: 'days with a subject before a dash',
    text: `Day 1
Poem - The Ferry, read twice
Science - Float and sink: collect ten things, then test each. 40 min.
Handwriting - copy one line of the poem
Day 2
History - read pp. 21 to 30
Art - Paint a ferry, 30 min; thick paper
Day 3
Nature study: watch the swallows at the landing, 20 min
Narration: tell the reading back`,
    becomes: `1 Day 1
- activity Poem: The Ferry, read twice 30
- experiment Science: Float and sink: collect ten things, then test each 40
- copying copy one line of the poem
2 Day 2; pp. 21-30
- craft Paint a ferry 30; thick paper
3 Day 3
- observation watch the swallows at the landing 20
- tell-back tell the reading back`,
  },
];
