/** Which words of a lesson are names: they keep their capital. */
import { groupBy } from '../plan/lookup';
import type { Lesson } from '../plan/lesson';
import { onceOf } from '../plan/once';
import type { Plan } from '../plan/plan';
import type { Unit } from '../plan/unit';
import { kindOfWord } from './dictionary';
import { isFamiliar } from './hardness';
import { isTitled } from './lesson-words';

let ofLands: ReadonlySet<string> | undefined;

/** Names of countries and continents of one word (CLDR, by `Intl`): “Africa” has its capital also where it stands alone. */
function lands(): ReadonlySet<string> {
  if (ofLands) return ofLands;
  const names = new Intl.DisplayNames('en-GB', { type: 'region', fallback: 'none' });
  const letters = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'];
  const countries = letters.flatMap((a) => letters.map((b) => a + b));
  // The codes of the United Nations for parts of the world (M49) lie below 500.
  const parts = Array.from({ length: 500 }, (_, n) => String(n).padStart(3, '0'));
  return (ofLands = new Set([...countries, ...parts].flatMap((code) => names.of(code) ?? [])));
}

/** Words of a title. */
const TITLE = { least: 2, most: 6 };

/** Whether titles have no capital within them, “The water cycle”: then “The Pacific” is a name. */
function isPlainlySpelt(text: string): boolean {
  const titles = text
    .split('\n')
    .filter((line) => /^\p{Lu}.*[^.!?,;:]$/u.test(line))
    .map((line) => line.split(' '))
    .filter((words) => words.length >= TITLE.least && words.length <= TITLE.most);
  const plain = titles.filter((words) => words.slice(1).some((w) => /^\p{Ll}{4,}/u.test(w)));
  return plain.length > titles.length / 2;
}

/**
 * Names in a text: with a capital within a sentence; and where a sentence begins those that the dictionary or nobody
 * knows: “Osiris”, “Hatmose”.
 * @param around more of what the unit says, where a common word may stand in small letters
 */
export function namesIn(text: string, around = ''): Set<string> {
  const isPlain = isPlainlySpelt(`${text}\n${around}`);
  const isSpelt = (line: string): boolean => isPlain && /^(?:The|A) \p{Lu}\p{Ll}+$/u.test(line);
  const within = text
    .split('\n')
    .filter((line) => isSpelt(line) || !isTitled(line.match(/\p{L}+/gu) ?? []))
    .flatMap((line) => line.match(/(?<=\p{Ll}[,;]? )\p{Lu}\p{Ll}+/gu) ?? []);
  const small = new Set(`${text}\n${around}`.match(/(?<!\p{L})\p{Ll}+/gu));
  const isSmallSomewhere = (word: string): boolean => {
    const w = word.toLowerCase();
    return [w, `${w}s`, w.replace(/(?<=.)s$/u, ''), w.replace(/ies$/u, 'y')].some((form) => small.has(form));
  };
  const isName = (w: string): boolean => {
    if (lands().has(w)) return true;
    const kind = kindOfWord(w);
    if (kind === 'name' || kind === 'common') return kind === 'name';
    return !isFamiliar(w) && !isSmallSomewhere(w);
  };
  return new Set([...within, ...(text.match(/(?<!\p{L})\p{Lu}\p{Ll}+/gu) ?? []).filter(isName)]);
}

/** What a unit and its lessons say: where a word that nobody knows stands in small letters somewhere in it, it is no name. */
function saidIn(
  unit: Pick<Unit, 'title' | 'vocabulary' | 'passage'>,
  lessons: readonly Pick<Lesson, 'title' | 'topics' | 'objective' | 'passage'>[],
): string {
  return [
    ...unit.vocabulary.map((v) => `${v.word} ${v.meaning}`),
    unit.title,
    unit.passage,
    ...lessons.flatMap((l) => [l.title, ...l.topics.map((t) => t.title), l.objective, l.passage]),
  ].join('\n');
}

/** The names in each lesson and in the text it goes through, in the order of the alphabet. */
export const namesOf = onceOf<Plan, 'lessons' | 'units', (lesson: Pick<Lesson, 'id'>) => readonly string[]>(
  ['lessons', 'units'],
  ({ lessons, units }) => {
    const ofUnit = groupBy(lessons, (l) => l.unitId);
    const found = new Map(
      units.flatMap((unit) => {
        const own = ofUnit.get(unit.id) ?? [];
        const around = saidIn(unit, own);
        return own.map((l): [string, string[]] => {
          const text = [
            unit.title,
            l.title,
            ...l.topics.map((t) => t.title),
            l.objective,
            l.passage.trim() || unit.passage,
          ];
          return [l.id, [...namesIn(text.join('\n'), around)].sort()];
        });
      }),
    );
    return (lesson) => found.get(lesson.id) ?? [];
  },
);
