/** An activity in one line, as it stands in a pack or a guide: “Felt balls, 35 min, outdoors; wool 20 g; dries overnight”. */
import { sentencesIn } from '../books/sentences';
import { WORKED_OUT_KINDS } from '../plan/words';
import { blankDraftPart } from './blank-draft';
import type { DraftAlternative, DraftPart } from './draft';
import { isCaution, remarksIn, type Said } from './remarks';
import { forWhom } from './for-whom';
import type { DatesWritten } from '../calendar/customs';
import { kindFrom } from './kind-words';
import { readSupplies } from './supplies';
import { tidied } from './tidied';
import { minutesFrom, waitFrom } from './times-in-text';

/** Characters of a line that are looked at: ten titles long. */
const LONGEST_LINE = 2000;

/** “Weave six rows, 20 min, or draw the pattern, 10 min”: each with its own minutes. */
const OR =
  /^(?<one>.*\d\s*(?:min(?:utes)?|h|hours?)\)?)\s*,?\s+or\s+(?<other>.*\d\s*(?:min(?:utes)?|h|hours?)\b.*)$/iu;

/**
 * Reads an activity. What stands after the first semicolon is supplies and waits, what stands after the first sentence is
 * directions; ages, days, cautions and such are read as what they are. Undefined when nothing is left for a name.
 */
export function readActivity(whole: string, dates: DatesWritten): DraftPart | undefined {
  const line = whole.slice(0, LONGEST_LINE).replace(/^\s*(?:[•·▪*–-]|\(?\d{1,3}[.):])\s*/u, '');
  const or = OR.exec(line);
  if (or) {
    const one = readActivity(or.groups!.one, dates);
    const other = readActivity(or.groups!.other, dates);
    if (one && other) return { ...one, alternatives: [alternativeOf(other)] };
  }
  const [first = line, ...more] = sentencesIn(line);
  const [head, ...tail] = first.split(';').map((t) => t.trim());
  const ofHead = remarksIn(head, dates);
  const wait = waitFrom(line);
  const timed = minutesFrom(waitFrom(ofHead.rest)?.rest ?? ofHead.rest);
  const outdoors = /\b(outdoors?|outside|garden|in the open)\b/iu.test(line);
  const title = tidied(timed.rest.replace(/,\s*(?:outdoors?|outside)\b/giu, '').replace(/\.$/u, '')).slice(
    0,
    200,
  );
  if (!/[\p{L}\d]/u.test(title)) return undefined;
  const beside = besideIn(tail, more, dates);
  const kind = kindFrom(title);
  const minutes = timed.minutes ?? beside.minutes ?? (WORKED_OUT_KINDS.includes(kind) ? null : 30);
  return {
    ...blankDraftPart,
    title,
    kind,
    minutes,
    outdoors: outdoors || kind === 'walk',
    window: kind === 'experiment' || kind === 'looking-up' ? 'morning' : 'afternoon',
    ...ofHead.said,
    ...beside.said,
    supplies: beside.supplies,
    directions: [forWhom(head), ...beside.directions].filter(Boolean).join('\n').slice(0, 20_000),
    ...(wait ? { waitAfterHours: wait.hours, waitLabel: wait.label } : {}),
  };
}

/** What stands beside the name of an activity: things after semicolons, and sentences of their own. */
function besideIn(
  things: readonly string[],
  sentences: readonly string[],
  dates: DatesWritten,
): { said: Said; supplies: DraftPart['supplies']; directions: string[]; minutes: number | null } {
  let said: Said = {};
  let minutes: number | null = null;
  const directions: string[] = [];
  /** Takes out what is known of a piece: a wait, minutes, a caution, remarks; with words left, these. */
  const leftOf = (piece: string): string => {
    const timed = minutesFrom(waitFrom(piece)?.rest ?? piece);
    if (!/\p{L}/u.test(timed.rest)) {
      minutes = timed.minutes ?? minutes;
      return '';
    }
    if (isCaution(piece)) {
      directions.push(piece);
      return '';
    }
    const remark = remarksIn(waitFrom(piece)?.rest ?? piece, dates);
    said = { ...said, ...remark.said };
    return /\p{L}/u.test(remark.rest) ? remark.rest : '';
  };
  const supplies = things.map(leftOf).filter((left) => left && !OUTDOORS_ALONE.test(left));
  for (const sentence of sentences) if (leftOf(sentence)) directions.push(sentence);
  return { said, supplies: readSupplies(supplies.join(';')), directions, minutes };
}

const OUTDOORS_ALONE = /^(?:outdoors?|outside)\.?$/iu;

/** A part as an alternative to another: what is done, without what is only the part's. */
export function alternativeOf(part: DraftPart): DraftAlternative {
  const { optional: _o, earliest: _e, weekday: _w, alternatives: _a, ...doing } = part;
  return doing;
}
