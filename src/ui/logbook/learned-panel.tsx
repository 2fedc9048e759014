'use client';
/** What the logs taught: default and yours on one axis, its jobs, what one more reading would be worth; reset. */
import { useState } from 'react';
import { useRouter } from 'next/navigation';
import Button from '@mui/material/Button';
import type { LearnedItem } from '@/usecases/learned-item';
import { LearnedAxis } from '../drawings/learned-axis';
import { useGone } from '../parts/gone';
import { ProvenanceMark } from '../parts/mark';
import { Said } from '../parts/said';
import { send } from '../parts/send';
import { useFormat } from '../theme/providers';
import { learnedView } from '../views/logbook';

export function LearnedPanel({ items }: { items: readonly LearnedItem[] }) {
  const f = useFormat();
  const router = useRouter();
  const gone = useGone();
  const views = items.map((x) => learnedView(x, f));
  const [said, setSaid] = useState<string | null>(null);
  const forget = async (item: string, isForgotten: boolean): Promise<void> => {
    const r = await send('/api/learned', 'POST', { item, isForgotten });
    if (!r.ok) {
      setSaid(`Not reset: ${r.error}`);
      return;
    }
    router.refresh();
    if (isForgotten) gone({ text: 'Reset to the default.', back: () => void forget(item, false) });
  };
  return (
    <section className="panel" aria-label="What your hands taught">
      <div className="hd">
        What your hands taught <small>dashed: default; filled: yours</small>
      </div>
      {items.length === 0 && (
        <p className="cap mt-8">
          Nothing yet. Weigh a coat, or log what a job took, and close it: the next job is reckoned with it.
        </p>
      )}
      <ul className="loglist">
        {views.map((view) => (
          <li key={view.item}>
            <div className="row">
              <b className="fw600 flex-1">{view.name}</b>
              <span>
                {view.figures} <ProvenanceMark mark="own" />
              </span>
            </div>
            <LearnedAxis view={view} />
            <p className="small muted">{view.from}</p>
            <div className="row">
              <span className="small flex-1">{view.worth}</span>
              <Button
                size="small"
                aria-label={`Reset ${view.name}`}
                onClick={() => void forget(view.item, true)}
              >
                Reset
              </Button>
            </div>
          </li>
        ))}
      </ul>
      <Said>{said}</Said>
    </section>
  );
}
