'use client';
/** What can be done to the shelf, and what came of the last thing. */
import { useState } from 'react';
import { useRouter } from 'next/navigation';
import type { StockItem } from '@/model/stock';
import { send } from '../parts/send';

export interface ShelfSaid {
  readonly bad: boolean;
  readonly text: string;
  /** the item that can be put back */
  readonly undo?: string;
}

export function useShelfActions() {
  const router = useRouter();
  const [said, setSaid] = useState<ShelfSaid | null>(null);
  const takeOff = async (item: StockItem): Promise<void> => {
    const r = await send(`/api/stock/${item.id}`, 'DELETE');
    const gone = { bad: false, text: `${item.name} is off the shelf.`, undo: item.id };
    setSaid(r.ok ? gone : { bad: true, text: r.error });
    router.refresh();
  };
  const putBack = async (id: string): Promise<void> => {
    const r = await send(`/api/stock/${id}?do=restore`, 'POST');
    setSaid(r.ok ? null : { bad: true, text: r.error });
    router.refresh();
  };
  const tell = (text: string | null): void => {
    setSaid(text ? { bad: false, text } : null);
    router.refresh();
  };
  return { said, hush: () => setSaid(null), tell, takeOff, putBack };
}
