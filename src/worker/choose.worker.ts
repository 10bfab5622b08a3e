/** Chooses a set of books away from the page, so that it never stalls. */
import { leftOutInWords, pairsInWords, priceInWords, proposals } from '@/core/loans/proposals';
import { foundIn } from '@/core/books/facts';
import { choose } from '@/core/choose/choose';

import { highsSolver } from '@/core/solver/highs';
import type { SetAsked, SetFound } from './asked';

self.onmessage = (e: MessageEvent<SetAsked>): void => {
  void (async () => {
    const { asking, unit } = e.data;
    try {
      const chosen = await choose(asking.problem, await highsSolver());
      const found: SetFound = {
        proposals: proposals(asking, chosen, unit),
        leftOut: chosen.leftOut.map((l) => ({
          id: asking.offered[l.candidate].id,
          message: leftOutInWords(asking, chosen, l),
          cautions: foundIn(asking.offered[l.candidate].book, asking.children),
        })),
        prices: chosen.prices.map((p) => priceInWords(asking, p)),
        thin: pairsInWords(asking, chosen.thin),
        hopeless: pairsInWords(asking, asking.hopeless),
        loans: chosen.loans,
        money: chosen.money,
        proved: chosen.proved,
      };
      self.postMessage({ found });
    } catch (error) {
      self.postMessage({ wrong: (error as Error).message });
    }
  })();
};
