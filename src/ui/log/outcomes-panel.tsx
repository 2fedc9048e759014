'use client';
/** How each layer came out, the top one first: a mark and a remark. */
import { setOutcome } from '@/core/edits/log';
import { LOG_MARKS } from '@/words/names';
import { useDesk } from '../desk/job-desk';
import { outcomeRows, type OutcomeRow } from '../views/log';
import { TextBox } from '../parts/text-box';
import { MarkBlocks } from './mark-blocks';

export function OutcomesPanel() {
  const { job, plan, products } = useDesk();
  return (
    <section className="panel" aria-label="How it came out">
      <div className="hd">
        <small>0 to be done again, 4 as hoped</small>
      </div>
      <ul className="loglist">
        {outcomeRows(job, plan, products).map((row) => (
          <OutcomeLine key={row.layerId} row={row} />
        ))}
      </ul>
    </section>
  );
}

function OutcomeLine({ row }: { row: OutcomeRow }) {
  const desk = useDesk();
  const patch = (change: { mark?: number; remark?: string }): void =>
    desk.edit((j) => setOutcome(j, row.layerId, change));
  return (
    <li className="row">
      <span className="minw-170 grow-170">
        <b className="fw600">{row.name}</b>
        <br />
        <span className="small muted">{row.said}</span>
      </span>
      <MarkBlocks
        label={`${row.name}, how it came out`}
        value={row.mark}
        words={LOG_MARKS}
        onChange={(mark) => patch({ mark })}
      />
      <TextBox
        label="Remark"
        value={row.remark}
        most={300}
        onChange={(remark) => patch({ remark })}
        sx={{ flex: '2 1 200px' }}
      />
    </li>
  );
}
