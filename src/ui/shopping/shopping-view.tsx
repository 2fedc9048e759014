'use client';
/** The shopping list for the jobs that are chosen: grouped, ticked off in the shop, printed, taken along as a file. */
import { useOptimistic, useTransition } from 'react';
import { LongWork } from '../parts/long-work';
import { useRouter } from 'next/navigation';
import Checkbox from '@mui/material/Checkbox';
import type { Shopping } from '@/usecases/shopping/shopping';
import { SHOPPING_TOO_LONG } from '@/words/shopping';
import { chosenWith } from '../views/shopping';
import { useLong } from '../desk/use-long';
import { BuyingPanel } from './buying-panel';
import { Said } from '@/ui/parts/said';

interface JobName {
  readonly id: string;
  readonly name: string;
}
export interface ShoppingPageProps {
  readonly jobs: readonly JobName[];
  /** jobs at work that are not among these */
  readonly more: number;
  /** nobody need choose: all of these is what the plain address shows */
  readonly isAllPlain: boolean;
  readonly chosen: readonly string[];
  readonly shopping: Shopping;
  readonly ticked: readonly string[];
}

export function ShoppingPage({ jobs, more, isAllPlain, chosen, shopping, ticked }: ShoppingPageProps) {
  const router = useRouter();
  // The box answers at once; the list follows when it has been worked out.
  const [wanted, setWanted] = useOptimistic(chosen);
  const [busy, start] = useTransition();
  const choose = (ids: readonly string[]): void =>
    start(() => {
      setWanted(ids);
      const all = isAllPlain && ids.length === jobs.length;
      router.push(all ? '/shopping' : `/shopping?jobs=${ids.join(',')}`, { scroll: false });
    });
  const isLong = useLong(busy);
  return (
    <main id="main" className="body shoppage">
      <h1 className="sr">Shopping</h1>
      {isLong && <LongWork said="Finding the cheapest packs" onCancel={() => choose(chosen)} />}
      <JobsPanel jobs={jobs} more={more} wanted={wanted} onChoose={choose} />
      {shopping.kind === 'currencies' && <TwoCurrencies currencies={shopping.currencies} />}
      <Said>{shopping.kind === 'too-long' && SHOPPING_TOO_LONG}</Said>
      {shopping.kind === 'list' && jobs.length > 0 && (
        <BuyingPanel list={shopping.list} chosen={chosen} ticked={ticked} busy={busy} />
      )}
    </main>
  );
}

interface JobsPanelProps {
  readonly jobs: readonly JobName[];
  readonly more: number;
  readonly wanted: readonly string[];
  readonly onChoose: (ids: readonly string[]) => void;
}

function JobsPanel({ jobs, more, wanted, onChoose }: JobsPanelProps) {
  return (
    <section className="panel noprint" aria-label="For which jobs">
      <div className="hd mb-6">
        For which jobs <small>bought together they share packs and one spare</small>
      </div>
      {jobs.length === 0 && <p className="cap">No open jobs, so nothing to buy. Start one on the bench.</p>}
      <ul className="row row-2 colgap-18">
        {jobs.map((j) => (
          <li key={j.id}>
            <label className="row gap-2 wrap-nowrap">
              <Checkbox
                size="small"
                checked={wanted.includes(j.id)}
                onChange={(_e, on) => onChoose(chosenWith(jobs, wanted, { id: j.id, on }))}
                sx={{ p: 0.75 }}
              />
              {j.name}
            </label>
          </li>
        ))}
      </ul>
      {more > 0 && (
        <p className="cap mt-6">
          The {jobs.length} jobs worked on last; {more} more are at work. Change one of those, and it is here.
        </p>
      )}
    </section>
  );
}

function TwoCurrencies({ currencies }: { currencies: readonly string[] }) {
  return (
    <section className="panel bc-oxide" role="alert">
      <div className="hd">Two currencies</div>
      <p className="cap mt-6">
        These jobs are in {currencies.join(' and ')}; their prices cannot be added. Choose jobs of one
        currency, or change it under Money on Materials.
      </p>
    </section>
  );
}
