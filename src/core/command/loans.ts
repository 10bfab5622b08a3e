import { z } from 'zod';
import { mendLoan } from '../edit/loan-remedies';
import { hearOfLoans, setCard, stepLoan, unwantLoan } from '../edit/loans';
import { loanTitle, titled } from '../plan/called';
import { card } from '../plan/loan';
import { id } from '../plan/measures';
import { command } from './command';
import { heardFields } from './heard';

export const keepCard = command({
  shape: card.nullable(),
  label: (v) => (v ? 'Wrote down what the library card allows' : 'Took the library card away'),
  edit: setCard,
  touches: ['shelf'],
});

/** What was heard from the library of a loan: taken over with the change, never typed. */
const heardOf = z.strictObject({ id, ...heardFields });

/** Goes one stage on with a loan, with what the library said of it, if it was asked. */
export const step = command({
  about: z.strictObject({ loanId: id, heard: heardOf.nullable() }),
  shape: z.enum(['ask', 'ready', 'fetch', 'renew', 'return']),
  label: (v, plan, { loanId }) =>
    ({
      ask: `Asked for ${loanTitle(plan, loanId)}`,
      ready: `${loanTitle(plan, loanId)} lies ready`,
      fetch: `Fetched ${loanTitle(plan, loanId)}`,
      renew: `Renewed ${loanTitle(plan, loanId)}`,
      return: `Took ${loanTitle(plan, loanId)} back`,
    })[v],
  edit:
    (v, { loanId, heard }) =>
    (plan, context) => {
      const stepped = stepLoan(loanId, v, context.today)(plan, context);
      return 'refused' in stepped || !heard ? stepped : hearOfLoans([heard])(stepped.plan, context);
    },
  touches: ['shelf'],
});

/** The library would not renew it: that is news, for the book must go back. */
export const notRenewed = command({
  about: z.strictObject({ loanId: id }),
  shape: z.string().max(500),
  label: (v, plan, { loanId }) => `${loanTitle(plan, loanId)} cannot be renewed: ${v}`,
  edit: (v, { loanId }) => hearOfLoans([{ id: loanId, refused: v }]),
  touches: ['shelf'],
});

export const unwant = command({
  shape: id,
  label: (v, plan) => `Took ${loanTitle(plan, v)} off the list of loans`,
  edit: unwantLoan,
  touches: ['shelf'],
});

export const takeNews = command({
  shape: z.array(heardOf).max(1000),
  label: () => 'Took over the library’s news',
  edit: hearOfLoans,
  touches: ['shelf'],
});

export const remedy = command({
  about: z.strictObject({ loanId: id }),
  shape: z.strictObject({ kind: z.enum(['wait', 'instead', 'without']), otherId: id.optional() }),
  label: (v, plan, { loanId }) =>
    ({
      wait: `The lessons wait for ${loanTitle(plan, loanId)}`,
      instead: `Read ${titled(plan, 'books', v.otherId)} instead of ${loanTitle(plan, loanId)}`,
      without: `Did without ${loanTitle(plan, loanId)}`,
    })[v.kind],
  edit: (v, { loanId }) => mendLoan(loanId, v.kind, v.otherId),
  touches: ['shelf', 'plan'],
});
