/** Of what kind something is to do, by the words it is called with. Common usage, no source. */
import type { PartKind } from '../plan/lesson';

/** Kinds of the ladder, as guides call them at the beginning of a line. */
const LADDER_WORDS: readonly [PartKind, RegExp][] = [
  ['word-list', /^(?:word|spelling|vocabulary) lists?\b|^spelling words?\b/i],
  ['notebook', /^(?:nature |science |history )?(?:journal|notebook(?:ing)?)(?:\s+(?:page|entry|time)s?)?\b/i],
  [
    'copying',
    /^(?:copy ?work|copying)\b|^copy (?:out )?(?:the|a|this|one) (?:verse|poem|passage|line|sentence|stanza|text|quotation)\b/i,
  ],
  ['memory', /^(?:memory work|memori[sz]\w+|learn (?:\S+ ){0,4}by heart|recite)\b/i],
  ['tell-back', /^(?:oral |written )?narrat(?:ion|e)\b|^tell (?:it |this )?back\b|^retell\b/i],
  ['booklet', /^(?:mini[- ]?book|lap ?book|folded book(?:let)?|booklet|flap ?book)\b/i],
  ['labels', /^(?:label|map ?work)\b/i],
  [
    'read-aloud',
    /^read(?:ing)? (?:\S+ ){0,8}aloud\b|^read(?:ing)? together\b|^read (?:ch|chap|chapters?|pages?|pp?)\b|^read ["“]/i,
  ],
  ['own-reading', /^(?:independent|silent|own) reading\b|^read (?:alone|by yourself|on your own)\b/i],
  ['practice', /^(?:practi[cs]e|workbook|worksheet)(?: page)?s?\b/i],
];

/** The kind of the ladder that a line names, or none. */
export const ladderKindIn = (line: string): PartKind | undefined =>
  LADDER_WORDS.find(([, words]) => words.test(line.trim()))?.[0];

/** Words by which a kind is known, the first that fits. */
const KIND_WORDS: readonly [PartKind, RegExp][] = [
  ['trip', /\b(field trip|trip|visit|excursion)\b/i],
  ['walk', /\b(walk|hike|hunt for|ramble|scavenge)\b/i],
  ['film', /\b(films?|movie|documentary|video)\b/i],
  ['cooking', /\b(cook|bake|recipe|taste|soup|bread|biscuits?|cake|jam|snack)\b/i],
  ['experiment', /\b(experiment|test|investigate|measure|which .* faster)\b/i],
  ['demonstration', /\b(demonstrat\w+|show how|predict)\b/i],
  ['observation', /\b(observe|observation|watch|grow|sprout|each day look)\b/i],
  ['model', /\b(model|build|diorama|construct)\b/i],
  ['music', /\b(song|sing|music|dance|tune)\b/i],
  ['game', /\b(game|play|bingo|charades|race)\b/i],
  ['talk', /\b(talk|discuss\w*|speech|present)\b/i],
  ['looking-up', /\b(look up|research|find out)\b/i],
  ['quiz', /\bquiz\b/i],
  [
    'craft',
    /\b(craft|paint|draw|sew|weave|felt|knit|cut|collage|print|fold|make|dye|stitch|sketch|colour)\b/i,
  ],
];

export function kindFrom(text: string): PartKind {
  return ladderKindIn(text) ?? KIND_WORDS.find(([, words]) => words.test(text))?.[0] ?? 'activity';
}
