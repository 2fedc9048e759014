/** What is taken from the workshop's shelf before anything is bought, first what dies first. */
import type { StockItem } from '@/model/stock';
import type { ShoppingList } from '@/model/shopping';

/** Less than this is not worth reaching for, ml. */
const CRUMB_ML = 0.5;

export class FromShelf {
  readonly taken: ShoppingList['shelf'][number][] = [];

  /** @param ready items that are good, in the order they should be used up */
  constructor(private readonly ready: readonly StockItem[]) {}

  /** Takes up to `needMl` of an ingredient. @returns what is still missing, ml */
  take(ingredientId: string, needMl: number, fits: (item: StockItem) => boolean = () => true): number {
    let left = needMl;
    for (const item of this.ready.filter((x) => x.productId === ingredientId && fits(x))) {
      const ml = Math.min(left, item.remainingMl);
      if (ml <= CRUMB_ML) continue;
      left -= ml;
      this.taken.push({ itemId: item.id, name: item.name, ml, ingredientId });
    }
    return left;
  }
}
