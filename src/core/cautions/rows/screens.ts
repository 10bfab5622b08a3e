/** Films and what is online. */
import { words, type CautionRow } from '../row';

export const SCREENS: readonly CautionRow[] = [
  {
    id: 'film',
    title: 'A film',
    who: 'You watch it first, or the parts you doubt.',
    kinds: ['film'],
    words: words(
      '(?:seen|shown|watched) (?:in|on) (?:a|the) (?:film|movie|video|documentary)',
      '(?:watch|see|show)(?:es|ing|ed)? (?:a|the|an|our|some|part of) (?:\\p{L}+ )?(?:film|movie|video|documentar(?:y|ies)|clip)s?',
    ),
    reads: 'said',
    steps: 'Note where to stop or leave out; say beforehand what may frighten.',
    defers: 'The age on it where you live.',
  },
  {
    id: 'online',
    title: 'Online',
    who: 'An adult beside, for as long as it is open.',
    steps:
      'Look and search beforehand, open what is wanted, full screen; in searches and calls nothing of who you are.',
    defers: 'The age limits of the site and local rules on children’s data.',
    words: words(
      'on-?line',
      'inter ?net',
      'the web',
      'web ?(?:sites?|pages?|cams?)',
      'search engines?',
      '(?:search|look|find|watch|play|type|check|stream)\\w* .{0,40}on (?:the|a|your) (?:laptop|tablet|computer|phone|screen)',
      'live ?streams?',
      'virtual (?:tour|visit|trip|museum|field trip|walk|class)(?:e?s)?',
      'blogs?',
      'video (?:meeting|conference)s?',
      'stream(?:ed|ing)? (?:a|the) (?:film|video|concert|talk)',
      'video[- ]?calls?',
      'on video',
      '(?:an|\\p{L}+) apps?',
      'by video',
      'e-?mails?',
      'chat ?rooms?',
    ),
    reads: 'said',
  },
];
