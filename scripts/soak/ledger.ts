/** What was begun and what was acknowledged: after a kill a thing stands as one of the two left it. */
import { NONE } from './observe';

export const ANYTHING = '*';

export class Ledger {
  private readonly acked = new Map<string, string>();
  private open: { readonly key: string; readonly value: string } | null = null;
  acknowledged = 0;

  /** What stands before anything is written. */
  start(standing: ReadonlyMap<string, string>): void {
    this.acked.clear();
    for (const [key, value] of standing) this.acked.set(key, value);
    this.open = null;
  }

  begin(key: string, value: string): void {
    this.open = { key, value };
  }

  ack(key: string, value: string): void {
    this.acked.set(key, value);
    this.open = null;
    this.acknowledged++;
  }

  /** Every acknowledged write that does not stand, in words. */
  lost(standing: ReadonlyMap<string, string>): string[] {
    const { open } = this;
    return [...this.acked].flatMap(([key, value]) => {
      const found = standing.get(key) ?? NONE;
      const mayBe = open?.key === key && (open.value === ANYTHING || open.value === found);
      return found === value || mayBe ? [] : [`${key}: acknowledged ${value}, found ${found}`];
    });
  }
}
