/** The shopping list as it is read: grouped, with what is ticked, and its sums. */
import { SHOPPING_GROUPS, type ShoppingLine, type ShoppingList } from '@/model/shopping';
import { CAN_WAIT, GROUP_NAMES } from '@/words/shopping';

export interface ShoppingGroup {
  readonly key: ShoppingLine['group'] | 'later';
  readonly title: string;
  readonly lines: readonly ShoppingLine[];
}
export const toBuy = (list: ShoppingList): readonly ShoppingLine[] => list.lines.filter((l) => !l.have);

/** What is to be bought, by the shelf of the shop it stands on; what can wait comes last and by itself. */
export function shoppingGroups(list: ShoppingList): readonly ShoppingGroup[] {
  const lines = toBuy(list);
  const now = SHOPPING_GROUPS.map((key): ShoppingGroup => ({
    key,
    title: GROUP_NAMES[key],
    lines: lines.filter((l) => l.group === key && !l.canWait),
  }));
  const later: ShoppingGroup = { key: 'later', title: CAN_WAIT, lines: lines.filter((l) => l.canWait) };
  return [...now, later].filter((g) => g.lines.length > 0);
}

/** “3 of 8 ticked”. */
export function tickedSaid(list: ShoppingList, ticked: ReadonlySet<string>): string {
  const basket = basketOf(list, ticked);
  return basket.lines === 0 ? 'nothing' : `${basket.ticked} of ${basket.lines} ticked`;
}

export interface Basket {
  readonly lines: number;
  readonly ticked: number;
  /** What is in it, and what is still to fetch; tax is not in the lines. */
  readonly inIt: number;
  readonly left: number;
}

export function basketOf(list: ShoppingList, ticked: ReadonlySet<string>): Basket {
  const lines = toBuy(list);
  const costOf = (some: readonly ShoppingLine[]): number => some.reduce((a, l) => a + l.cost, 0);
  const inIt = lines.filter((l) => ticked.has(l.key));
  return { lines: lines.length, ticked: inIt.length, inIt: costOf(inIt), left: costOf(lines) - costOf(inIt) };
}

/** What buying together saves on the paint; null when there is one job, or less than half a penny. */
export const savedTogether = (list: ShoppingList): number | null =>
  list.apart > list.paint + 0.005 ? list.apart - list.paint : null;

/** One job more or less among those shopped for, in the order of the bench. */
export const chosenWith = (
  jobs: readonly { readonly id: string }[],
  chosen: readonly string[],
  one: { readonly id: string; readonly on: boolean },
): readonly string[] => jobs.map((x) => x.id).filter((id) => (id === one.id ? one.on : chosen.includes(id)));
