/** Water, by its kind. */
import { words, type CautionRow } from '../row';

/** Water to be near, in or on, by its kind; what is drawn, mapped, modelled or told of is none. */
const TUB = words(
  'bath(?!room| ?salts| ?robe| ?mat| bomb)(?<!dye bath)',
  'bath ?tubs?',
  'tubs? of water',
  '(?:in|into|fill) (?:a|the) tub',
  'wash ?tubs?',
  '(?:basin|bowl|tray|trough|sink|barrel)s? (?:full )?of water',
  'buckets?(?! (?:full )?of (?!water)\\p{L}| list| and spade)',
  'paddling pools?',
  'water (?:play|tray|table|butt|barrel)s?',
  'apple bobbing',
  'bob\\w* for apples',
  'clean\\w* (?:\\p{L}+ )?(?:aquarium|fish tank)',
);

const STILL = words(
  'ponds?(?! (?:life|water|weed))',
  'pond[- ]dip\\w+',
  'lakes?',
  'reservoirs?',
  'moats?',
  'gravel pits?',
  'quarry pools?',
  'marsh(?:es)?',
  'bogs?',
  'swamps?',
  'wet ?lands?',
  'ditch(?:es)?',
);

const RIVER = words(
  'rivers?(?! (?:table|model))',
  '(?<!live |up|main)streams?',
  'brooks?',
  'creeks?',
  'canals?',
  'weirs?',
  'mill ?race',
  'waterfalls?',
  'fords?',
  'stepping stones (?:over|across)',
  'rapids',
  'lock (?:gate|keeper)s?',
  'wad(?:e|es|ed|ing) (?:in|into|through|across)',
  'paddl(?:e|es|ing)(?! pool)',
);

const SEA = words(
  '(?:at|to|in|into|by|from) the sea(?! ?(?:shanty|horse|gull|song))',
  'sea ?(?:shore|side|bed)',
  'beach(?:es)?',
  'rock ?pools?',
  'tides?',
  'piers?',
  'jett(?:y|ies)',
  'quay(?:side)?s?',
  'dock ?side',
  'tidal (?:flats?|pools?|zone)',
  'mud ?flats?',
  'sand ?banks?',
  'low tide',
  'on the shore',
  'harbou?rs?(?! master)',
  'surf(?:ing)?',
  'estuar(?:y|ies)',
  'coast',
);

const BOAT = words(
  '(?:row(?:ing)?|sailing|motor|fishing|pedal|paddle) ?boats?',
  'boat(?:ing)?(?: |-)(?:trip|ride|tour)s?',
  'in (?:a|the) (?:\\p{L}+ )?boat',
  'ferr(?:y|ies)',
  'canoe\\w*',
  'dingh(?:y|ies)',
  'barges?(?= on| trip| along| ride)',
  'narrow ?boats?',
  'raft(?:ing)?(?= (?:on|down|across|over) the)',
  'paddle ?board\\w*',
  'kayak\\w*',
  'punt(?:s|ing)?',
  'go(?:ing)? (?:sailing|rowing|boating)',
  '(?:lake|paddle|river|pleasure) steamers?',
  '(?:sailing|rowing) (?:lesson|trip|school|club|course|day)s?',
  'rowing(?! machine)',
  'yachts?',
  'regattas?',
);

const ICE = words(
  '(?:on|onto|over|across) the ice',
  'frozen (?:pond|lake|river|canal|ditch)(?:e?s)?',
  'ice ?skat\\w+',
  'skat(?:e|ing) on',
);

const POOL = words(
  'swim(?:s|ming)?(?! like)',
  'swimming ?(?:pool|bath)s?',
  '(?:open air|outdoor|indoor|public|leisure|thermal|wave) (?:swimming )?pools?',
  'lido',
  'diving board',
  'water ?(?:parks?|slides?)',
  'snorkel\\w*',
);

const ANY_WATER = new RegExp([TUB, STILL, RIVER, SEA, BOAT, ICE, POOL].map((w) => w.source).join('|'), 'iu');

const IN_WATER = 'Swimming, boating and ice: qualified people and local rules.';

const inWater = (id: string, known: RegExp, title: string, steps: string): CautionRow => ({
  id: `water-${id}`,
  title,
  who: 'An adult stays in reach of everyone who is near it or in it.',
  steps,
  defers: IN_WATER,
  words: known,
  reads: 'scene',
});

export const WATER: readonly CautionRow[] = [
  ...[
    inWater(
      'tub',
      TUB,
      'Tubs, buckets and basins',
      'At every age nobody small is left alone with it, not for a moment; emptied at once and turned over.',
    ),
    inWater(
      'still',
      STILL,
      'Ponds and lakes',
      'At every age: nobody goes in alone or unseen; banks are steep, soft or slippery, the bottom is not to be seen; something that floats to throw.',
    ),
    inWater(
      'river',
      RIVER,
      'Rivers and streams',
      'At every age: running water pulls harder than it looks, and rises after rain; nobody in it alone, shoes that hold on wet stone, never by a weir, a lock or a mill race.',
    ),
    inWater(
      'sea',
      SEA,
      'The sea and its shore',
      'At every age: know the tide and when it turns, where it is guarded and what the flags say; away from cliffs, backs never to the waves.',
    ),
    inWater(
      'boat',
      BOAT,
      'On a boat',
      'At every age: a life jacket that fits, worn by everyone before they step in; nobody stands.',
    ),
    inWater(
      'ice',
      ICE,
      'On ice',
      'Nobody goes on it that has not been cleared by those whose charge it is; over moving water never.',
    ),
    inWater(
      'pool',
      POOL,
      'Swimming',
      'At every age: an adult who can swim watches and does nothing else; shallow, guarded water; armbands do not replace reach.',
    ),
  ],
  {
    id: 'water-small',
    title: 'Water and a small child',
    who: 'One adult does nothing but watch, in arm’s reach.',
    under: 5,
    steps:
      'Near ponds and streams the youngest is held or harnessed; two fingers of water are enough to drown in.',
    defers: 'If you are alone with several, choose another place or another day.',
    words: ANY_WATER,
    reads: 'scene',
  },
];
