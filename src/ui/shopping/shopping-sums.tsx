'use client';
/** What the list comes to, what buying together saves, and what came from the shelf. */
import type { ReactNode } from 'react';
import type { ShoppingList } from '@/model/shopping';
import { ProvenanceMark } from '../parts/mark';
import { useFormat } from '../theme/providers';
import { basketOf, savedTogether, toBuy } from '../views/shopping';

interface ShoppingSumsProps {
  readonly list: ShoppingList;
  /** how many jobs are shopped for */
  readonly jobs: number;
  /** what is in the basket */
  readonly ticks: ReadonlySet<string>;
}

export function ShoppingSums({ list, jobs, ticks }: ShoppingSumsProps) {
  const f = useFormat();
  const basket = basketOf(list, ticks);
  return (
    <>
      <p className="basket" role="status">
        <span className="cap">Still to fetch</span>
        <b>{f.money(basket.left, list.currency)}</b>
        <span className="cap">
          {basket.ticked} of {basket.lines} in the basket, {f.money(basket.inIt, list.currency)}
        </span>
      </p>
      {toBuy(list).length > 0 && <Sums list={list} jobs={jobs} />}
      {list.shelf.length > 0 && (
        <p className="cap">
          Taken from the shelf first: {list.shelf.map((s) => `${f.volume(s.ml)} of ${s.name}`).join(', ')}. On
          Materials it counts once it is set aside for a job.
        </p>
      )}
      <p className="cap">
        The cheapest packs that cover all the jobs, found exactly; what is left over counts for what it will
        still be worth.
      </p>
    </>
  );
}

function Sums({ list, jobs }: Omit<ShoppingSumsProps, 'ticks'>) {
  const f = useFormat();
  const money = (x: number): string => f.money(x, list.currency);
  const saved = savedTogether(list);
  return (
    <dl className="sums">
      {list.tax > 0 && <Sum name={`Tax, ${list.taxPct} %`}>{money(list.tax)}</Sum>}
      <Sum name="In all">
        <b>{money(list.total)}</b>
      </Sum>
      {jobs > 1 && (
        <Sum name="Paint bought one job at a time">
          {money(list.apart)}
          {saved === null ? '' : `; together ${money(saved)} less`}
        </Sum>
      )}
      <Sum
        name={
          <>
            Expected to be left, worth about
            <ProvenanceMark mark="M" />
          </>
        }
      >
        {money(list.leftoverWorth)}
      </Sum>
    </dl>
  );
}

function Sum({ name, children }: { name: ReactNode; children: ReactNode }) {
  return (
    <div>
      <dt>{name}</dt>
      <dd>{children}</dd>
    </div>
  );
}
