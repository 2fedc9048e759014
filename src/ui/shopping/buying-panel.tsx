'use client';
/** What is to be bought: ticked off, its prices changed, and what it comes to. */
import { useState } from 'react';
import { useRouter } from 'next/navigation';
import Button from '@mui/material/Button';
import type { ShoppingLine, ShoppingList } from '@/model/shopping';
import { useGone } from '../parts/gone';
import { send } from '../parts/send';
import { useFormat } from '../theme/providers';
import { shoppingGroups, tickedSaid, toBuy } from '../views/shopping';
import { BuyLine } from './buy-line';
import { ShoppingSums } from './shopping-sums';
import { Said } from '@/ui/parts/said';

const SILENT = 'The server does not answer. Not kept; try again in a moment.';

/** What is ticked off; a tick the server did not take goes back, and why is said. */
function useTicks(ticked: readonly string[]) {
  const [ticks, setTicks] = useState<ReadonlySet<string>>(new Set(ticked));
  const [said, setSaid] = useState<string | null>(null);
  const gone = useGone();
  const set = (key: string, on: boolean): void =>
    setTicks((was) => new Set(on ? [...was, key] : [...was].filter((k) => k !== key)));
  const tick = async (key: string, on: boolean): Promise<void> => {
    set(key, on);
    setSaid(null);
    const r = await send('/api/shopping/tick', 'POST', { key, on });
    if (r.ok) return;
    set(key, !on);
    setSaid(SILENT);
  };
  const clear = async (): Promise<void> => {
    const r = await send('/api/shopping/tick', 'DELETE');
    if (!r.ok) return setSaid(SILENT);
    const back = async (): Promise<void> => {
      for (const key of ticks) await tick(key, true);
    };
    gone({ text: `${ticks.size} unticked.`, back: () => void back() });
    setTicks(new Set());
  };
  return { ticks, tick, clear, said, setSaid };
}

interface BuyingPanelProps {
  readonly list: ShoppingList;
  readonly chosen: readonly string[];
  readonly ticked: readonly string[];
  readonly busy: boolean;
}

export function BuyingPanel({ list, chosen, ticked, busy }: BuyingPanelProps) {
  const router = useRouter();
  const { ticks, tick, clear, said, setSaid } = useTicks(ticked);
  const [prices, setPrices] = useState(false);
  const price = async (l: ShoppingLine, value: number): Promise<void> => {
    setSaid(null);
    const r = await send('/api/shopping/price', 'POST', { key: l.priceKey, price: value, jobs: l.jobs });
    if (r.ok) router.refresh();
    else setSaid(r.answered ? 'This price is not taken: 0 or more.' : SILENT);
  };
  const lines = toBuy(list);
  return (
    <>
      <section className="panel" aria-label="Shopping list" aria-busy={busy} data-busy={busy}>
        <div className="hd">
          To buy <small>{tickedSaid(list, ticks)}</small>
          <span className="r row noprint">
            {lines.some((l) => ticks.has(l.key)) && (
              <Button size="small" onClick={() => void clear()}>
                Untick all
              </Button>
            )}
            <Button size="small" aria-pressed={prices} onClick={() => setPrices(!prices)}>
              {prices ? 'Hide prices' : 'Change prices'}
            </Button>
          </span>
        </div>
        <Said>{said}</Said>
        {lines.length === 0 && <Nothing chosen={chosen.length} />}
        <Groups
          list={list}
          prices={prices}
          ticks={ticks}
          onTick={(l, on) => void tick(l.key, on)}
          onPrice={(l, v) => void price(l, v)}
        />
      </section>
      <section className="panel" aria-label="What it comes to">
        <ShoppingSums list={list} jobs={chosen.length} ticks={ticks} />
        <span className="row noprint">
          <ListFiles chosen={chosen} />
        </span>
      </section>
    </>
  );
}

interface GroupsProps {
  readonly list: ShoppingList;
  readonly prices: boolean;
  readonly ticks: ReadonlySet<string>;
  readonly onTick: (line: ShoppingLine, on: boolean) => void;
  readonly onPrice: (line: ShoppingLine, price: number) => void;
}

function Groups({ list, prices, ticks, onTick, onPrice }: GroupsProps) {
  const groups = shoppingGroups(list).map((shoppingGroup) => (
    <div key={shoppingGroup.key} data-aisle={shoppingGroup.key}>
      <h2 className="text-14 fw650 mb-2">{shoppingGroup.title}</h2>
      <ul className="buylist" data-prices={prices}>
        {shoppingGroup.lines.map((shoppingLine) => (
          <BuyLine
            key={shoppingLine.key}
            line={shoppingLine}
            currency={list.currency}
            on={ticks.has(shoppingLine.key)}
            onTick={(on) => onTick(shoppingLine, on)}
            onPrice={(v) => onPrice(shoppingLine, v)}
          />
        ))}
      </ul>
    </div>
  ));
  return <div className="aisles">{groups}</div>;
}

function ListFiles({ chosen }: { chosen: readonly string[] }) {
  const q = `jobs=${chosen.join(',')}&units=${useFormat().units}`;
  return (
    <>
      <Button size="small" variant="outlined" onClick={() => window.print()}>
        Print
      </Button>
      <Button size="small" variant="outlined" href={`/api/shopping/list?as=csv&${q}`} download>
        CSV
      </Button>
      <Button size="small" variant="outlined" href={`/api/shopping/list?as=text&${q}`} download>
        Text
      </Button>
    </>
  );
}

function Nothing({ chosen }: { chosen: number }) {
  return (
    <p className="cap mt-8">
      {chosen === 0
        ? 'No job is chosen.'
        : 'What is left to spray has been bought. Coats already on are not counted.'}
    </p>
  );
}
