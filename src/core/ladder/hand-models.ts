/**
 * The models of handwriting a family can choose from: print letters for beginners, joined ones later. The names are those
 * of the countries and schools whose letters they follow; the faces ship with the app.
 */
import { ageOn } from '../plan/age';
import type { Family } from '../plan/plan';
import type { IsoDate } from '../plan/measures';
import type { Child } from '../plan/plan';
import type { JoinedHand, PrintHand } from '../plan/words';

export type HandModel = PrintHand | JoinedHand | 'dots';

/** What each model is called. */
export const HAND_NAMES: Record<HandModel, string> = {
  'print-guides': 'Print letters on guide lines',
  'print-upright': 'Print letters, upright',
  'print-slanted': 'Print letters, slanted',
  dots: 'Dotted letters, to trace',
  'joined-us': 'Joined, United States',
  'joined-ie': 'Joined, Ireland',
  'joined-nz': 'Joined, New Zealand',
  'joined-de': 'Joined, Germany',
  'joined-fr': 'Joined, France',
  'joined-es': 'Joined, Spain',
  'joined-it': 'Joined, Italy',
};

export const DEFAULT_HAND: HandModel = 'print-guides';

/** Age from which a child joins letters where nobody has said. Common practice, no source; schools differ by two years. */
const JOINS_FROM = 8;

/** The model a child writes by: print or joined as the parent says, else by age, and the family's of that sort. */
export function handOf(
  family: Pick<Family, 'hands'> | null,
  child: Pick<Child, 'birthMonth' | 'writes'>,
  date: IsoDate,
): HandModel {
  const writes = child.writes ?? (ageOn(child.birthMonth, date) >= JOINS_FROM ? 'joined' : 'print');
  const hands = family?.hands;
  return hands ? hands[writes] : writes === 'print' ? DEFAULT_HAND : 'joined-us';
}

/** The model in which a word is traced: dotted where letters stand apart; joined ones have no dotted form. */
export const dotted = (hand: HandModel): HandModel => (hand.startsWith('joined') ? hand : 'dots');
