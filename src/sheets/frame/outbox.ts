'use client';
/**
 * What is said on this device and kept until the house has taken it down: in the browser, so that it outlasts the page, under
 * an id of its own, so that several windows can send it and none takes another's away.
 */

/** Milliseconds after which a house that could not be reached is tried again. */
export const AGAIN_AFTER = 5000;

const KEY = 'hausplan-kept ';

interface Kept<T> {
  id: string;
  what: T;
}

/** What came of sending. */
export interface Sent {
  count: number;
  /** Why some of it was not taken, in the house's words. */
  refused: string[];
  /** Nobody answered: the rest is still here. */
  isAway: boolean;
}

export class Outbox<T> {
  /** What the browser does not keep: it is here as long as the page is. */
  private here: Kept<T>[] = [];
  private isSending = false;

  /** @param address where it is sent */
  constructor(private readonly address: string) {}

  waiting(): T[] {
    return this.all().map((k) => k.what);
  }

  add(what: T): void {
    const kept = { id: `${Date.now()} ${Math.random()}`, what };
    if (!this.store([...this.stored(), kept])) this.here.push(kept);
  }

  /** Sends what waits, one after the other; undefined while that is under way already. */
  async send(): Promise<Sent | undefined> {
    if (this.isSending) return undefined;
    this.isSending = true;
    const sent: Sent = { count: 0, refused: [], isAway: false };
    for (let next = this.all()[0]; next; next = this.all()[0]) {
      const answer = await post(this.address, next.what);
      if (answer === 'away') {
        sent.isAway = true;
        break;
      }
      if (answer !== undefined) sent.refused.push(answer.trim());
      sent.count++;
      this.remove(next.id);
    }
    this.isSending = false;
    return sent;
  }

  private all(): Kept<T>[] {
    return [...this.stored(), ...this.here];
  }

  private remove(id: string): void {
    this.here = this.here.filter((k) => k.id !== id);
    this.store(this.stored().filter((k) => k.id !== id));
  }

  private stored(): Kept<T>[] {
    try {
      const kept: unknown = JSON.parse(localStorage.getItem(KEY + this.address) ?? '[]');
      return Array.isArray(kept) ? (kept as Kept<T>[]) : [];
    } catch {
      return [];
    }
  }

  /** @returns whether the browser keeps it */
  private store(kept: readonly Kept<T>[]): boolean {
    try {
      if (kept.length) localStorage.setItem(KEY + this.address, JSON.stringify(kept));
      else localStorage.removeItem(KEY + this.address);
      return true;
    } catch {
      return false;
    }
  }
}

/** @returns `away` where nobody answered, or why it was not taken; undefined where it was */
async function post(address: string, what: unknown): Promise<'away' | string | undefined> {
  try {
    const answer = await fetch(address, { method: 'POST', body: JSON.stringify(what) });
    if (answer.status >= 500 || answer.status === 429) return 'away';
    return answer.ok ? undefined : await answer.text();
  } catch {
    return 'away';
  }
}
