/** Words that begin what is to be done. Common usage, no source. */
import { anyOf } from '../../plan/patterns';

const WORDS = `
  act answer arrange ask blow bring carry catch choose collect colou?r compare complete copy count
  decorate describe design discuss do explain explore feel fill find finish gather give glue go
  grind guess hang hide hold hunt invent invite join jump learn lay list listen look make mark
  match melt mix name narrate open pick plan plant play point pour practi[sc]e press prepare
  pretend put read repeat roll say search send set share show sit smell sort spin start stir take
  talk tell think throw touch trace try use visit wash watch weigh write
`;
/** Whether a line begins with what is to be done. */
export const NAMES_DOING = new RegExp(`^${anyOf(WORDS)}\\b`, 'iu');
