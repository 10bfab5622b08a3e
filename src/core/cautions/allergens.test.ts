/** Allergies as parents type them, against activities as they are worded: what must be met, and what must not. */
import { describe, expect, it } from 'vitest';
import { allergensTyped, allergiesIn, isKnownAllergy, meets } from './allergens';

describe('an allergy is met', () => {
  it.each<[typed: string, text: string]>([
    ['eggs', 'Paint with egg tempera'],
    ['Egg', 'Boil six eggs'],
    ['egg allergy', 'Whisk the meringues'],
    ['egg yolk', 'Beat two yolks'],
    ['no eggs', 'Pancakes on the griddle'],
    ['nuts', 'Chop the walnuts'],
    ['Nuts', 'Peanut butter pine cones for the birds'],
    ['nut allergy', 'Marzipan shapes'],
    ['tree nuts', 'Cashew curry'],
    ['all nuts', 'Roast chestnuts'],
    ['peanuts', 'Peanut shell boats'],
    ['peanut', 'Groundnut stew'],
    ['peanut allergy', 'Chopped nuts on top'],
    ['dairy', 'Shake cream into butter'],
    ['Dairy products', 'Curds and whey'],
    ['milk', 'Mix milk paint'],
    ['lactose', 'Warm the yoghurt'],
    ['lactose intolerant', 'Grate the cheese'],
    ["cow's milk", 'A glass of milk'],
    ['cow’s milk protein', 'Stir in the buttermilk'],
    ['coeliac', 'Salt dough map'],
    ['Coeliac disease', 'Weigh the flour'],
    ['celiac', 'Bake flat bread'],
    ['gluten', 'Barley broth'],
    ['gluten-free', 'Oats and honey'],
    ['wheat', 'Grind wheat between two stones'],
    ['wheat allergy', 'Play dough letters'],
    ['soya', 'Soy sauce and rice'],
    ['soy', 'Press tofu'],
    ['shellfish', 'Open mussels'],
    ['shrimps', 'Peel the prawns'],
    ['seafood', 'Grill mackerel'],
    ['seafood', 'Boil a crab'],
    ['fish', 'Dissect a herring'],
    ['bee stings', 'Visit the beehives'],
    ['bees', 'Watch the bee keeper'],
    ['wasp stings', 'Find a wasp nest'],
    ['insect stings', 'The hive from behind glass'],
    ['stings', 'Look for bumblebees'],
    ['pollen', 'Shake the catkins'],
    ['hay fever', 'Rake the hay'],
    ['grass', 'Press meadow grasses'],
    ['latex', 'Blow up balloons'],
    ['latex allergy', 'Rubber bands and a box'],
    ['food colouring', 'Drops of food coloring in water'],
    ['sesame seeds', 'Spread the tahini'],
    ['wool', 'Card raw fleece'],
    ['hazelnuts', 'Cut the nougat'],
    ['Almonds', 'Frangipane tart'],
    ['kiwi', 'Slice the kiwis'],
    ['buckwheat', 'Buckwheat pancakes'],
    ['cinnamon', 'A pinch of cinnamon'],
  ])('%s: %s', (typed, text) => expect(meets(text, typed)).toBeDefined());
});

describe('an allergy is not met', () => {
  it.each<[typed: string, text: string]>([
    ['eggs', 'An eggplant-purple cloth'],
    ['eggs', 'Plant seeds in an egg carton'],
    ['eggs', 'Set the egg timer'],
    ['nuts', 'Coconut fibre rope'],
    ['nuts', 'Sort the nuts and bolts'],
    ['nuts', 'The nutcracker, heard'],
    ['nuts', 'A pinch of nutmeg'],
    ['nuts', 'Tighten the wing nuts'],
    ['peanuts', 'Chop the almonds'],
    ['dairy', 'Butterfly prints'],
    ['dairy', 'Cocoa butter and beeswax balm'],
    ['milk', 'A glass of oat milk'],
    ['milk', 'Gather milkweed fluff'],
    ['milk', 'Rub in sun cream'],
    ['lactose', 'Peanut butter on toast'],
    ['coeliac', 'Rice flour paste'],
    ['gluten', 'Cornflour slime'],
    ['wheat', 'Cook the potatoes'],
    ['soya', 'Pour a soy wax candle'],
    ['fish', 'Cut a paper fish'],
    ['shellfish', 'Grill mackerel'],
    ['fish', 'Open mussels'],
    ['bee stings', 'Hold a spelling bee'],
    ['bee stings', 'Roll a beeswax candle'],
    ['latex', 'Model a hot-air balloon'],
    ['wool', 'Colour it with felt-tip pens'],
    ['wool', 'Balls of cotton wool'],
    ['pollen', 'Blow paint through a drinking straw'],
    ['hazelnut', 'Chop the walnuts'],
    ['grass', 'Glass beads on a string'],
    ['cats', 'Catalogue the leaves'],
  ])('%s: %s', (typed, text) => expect(meets(text, typed)).toBeUndefined());
});

describe('what was typed', () => {
  it('in a row is taken apart, whatever stands between', () =>
    expect(allergiesIn('eggs, nuts and milk; bee stings / kiwi')).toEqual([
      'eggs',
      'nuts',
      'milk',
      'bee stings',
      'kiwi',
    ]));
  it('may speak of several', () =>
    expect(allergensTyped('seafood').map((a) => a.words.includes('crab'))).toEqual([false, true]));
  it.each(['eggs', 'tree nuts', 'Coeliac', 'bee stings', 'cow’s milk', 'soya'])('%s is known', (typed) =>
    expect(isKnownAllergy(typed)).toBe(true),
  );
  it.each(['quince', 'sorrel', 'Rotkohl', 'turmeric'])('%s is looked for under its own word', (typed) =>
    expect(isKnownAllergy(typed)).toBe(false),
  );
});
