'use client';
/** The can or the cup on the kitchen scale, before a coat and after it: used at once. */
import { setWeight, withoutWeight } from '@/core/edits/weights';
import Button from '@mui/material/Button';
import { useDesk } from '../desk/job-desk';
import { LIKELY_G, NumberBox } from '../parts/number-box';
import { useFormat } from '../theme/providers';
import { weightRows, type WeightRow } from '../views/weights';

const BOX = { unit: 'g', width: 116, min: 0, max: 50_000, likely: LIKELY_G } as const;

export function WeightsPanel() {
  const f = useFormat();
  const { job, plan, products, nowMs } = useDesk();
  const rows = weightRows({ job, plan, products }, nowMs, f);
  return (
    <div className="pt-10">
      <p className="cap">
        All cans of a coat together, or the cup with what is in it. Before and after make its film: a thick
        one waits longer, and the cans and your own use are reckoned on with it.
      </p>
      {rows.length === 0 && <p className="mt-8">No coat is in hand. Coats are weighed as they go on.</p>}
      <ul className="loglist">
        {rows.map((row) => (
          <WeightLine key={row.key} row={row} />
        ))}
      </ul>
    </div>
  );
}

function WeightLine({ row }: { row: WeightRow }) {
  const desk = useDesk();
  const { of, kept, name } = row;
  const put = (patch: { beforeG?: number; afterG?: number }): void =>
    desk.edit((j) => setWeight(j, of, patch, desk.clock()));
  return (
    <li className="row" data-on={row.isOn}>
      <span className="grow-240">
        <b className="fw600">{name}</b>
        {!row.isOn && <span className="small muted">, next</span>}
        <br />
        <span className="small muted">{row.said}</span>
      </span>
      <NumberBox
        {...BOX}
        label="Before"
        value={kept?.beforeG ?? null}
        onChange={(beforeG) => put({ beforeG })}
      />
      <NumberBox
        {...BOX}
        label="After"
        value={kept?.afterG ?? null}
        fault={row.fault}
        onChange={(afterG) => put({ afterG })}
      />
      {kept && (
        <Button
          size="small"
          aria-label={`Forget the weights of ${name}`}
          onClick={() => desk.edit((j) => withoutWeight(j, of))}
        >
          Forget
        </Button>
      )}
    </li>
  );
}
