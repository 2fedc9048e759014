'use client';
/** What was used of each product, by the can or by weight, beside what was expected. */
import Button from '@mui/material/Button';
import { nothingUsed, setUsed } from '@/core/edits/log';
import { usedAsWeighed } from '@/core/material/used';
import type { Used } from '@/model/log';
import { useDesk } from '../desk/job-desk';
import { ButtonChoice } from '../parts/button-choice';
import { ProvenanceMark } from '../parts/mark';
import { LIKELY_G, NumberBox } from '../parts/number-box';
import { useFormat } from '../theme/providers';
import { usedRows, type UsedRow } from '../views/log';

const BY = { cans: 'by the can', weight: 'by weight' } as const;

export function UsedPanel() {
  const f = useFormat();
  const { job, plan, products } = useDesk();
  const rows = usedRows({ job, plan, products }, f);
  return (
    <section className="panel" aria-label="Material used">
      <div className="hd">
        Material used <small>by the can, or on the kitchen scale before and after</small>
      </div>
      {rows.length === 0 && <p className="cap mt-8">No layers, so nothing to log.</p>}
      <ul className="loglist">
        {rows.map((r) => (
          <UsedLine key={r.product.id} row={r} />
        ))}
      </ul>
      <p className="cap mt-8">
        Weight is turned into volume at 0.78 g/ml for a can, 1 for a tin
        <ProvenanceMark mark="M" />.
      </p>
    </section>
  );
}

function UsedLine({ row }: { row: UsedRow }) {
  const f = useFormat();
  const desk = useDesk();
  const put = (used: Used): void => desk.edit((j) => setUsed(j, used));
  const { product, used } = row;
  return (
    <li className="row">
      <span className="minw-170 grow-170">
        <b className="fw600">{product.name}</b>
        <br />
        <span className="small muted">
          {f.volume(row.expected.sprayedMl)} expected; {f.volume(row.expected.takenMl)} with what stays in the
          packs
        </span>
      </span>
      <ButtonChoice
        label={`${product.name}, how measured`}
        value={row.by}
        options={['cans', 'weight'] as const}
        names={BY}
        onChange={(by) => put(nothingUsed(product.id, by))}
      />
      {used?.by === 'weight' ? (
        <Weights row={row} used={used} onPut={put} />
      ) : (
        <NumberBox
          label={`${row.packWord} emptied`}
          width={130}
          min={0}
          max={100}
          step={0.25}
          value={used ? used.cans : null}
          onChange={(cans) => put({ by: 'cans', productId: product.id, cans })}
        />
      )}
      {row.weighedMl !== null && (
        <Button size="small" onClick={() => put(usedAsWeighed(product, row.weighedMl!))}>
          Take the weighed coats: {f.volume(row.weighedMl)}
        </Button>
      )}
      <UsedSum row={row} />
      {row.doubt && <p className="small ink-oxide-ink">{row.doubt}</p>}
    </li>
  );
}

interface WeightsProps {
  readonly row: UsedRow;
  readonly used: Extract<Used, { by: 'weight' }>;
  readonly onPut: (used: Used) => void;
}

function Weights({ row, used, onPut }: WeightsProps) {
  const desk = useDesk();
  const box = { unit: 'g', width: 112, min: 0, max: 50_000, likely: LIKELY_G } as const;
  return (
    <>
      <NumberBox
        {...box}
        label="Before"
        value={used.beforeG}
        onChange={(beforeG) => onPut({ ...used, beforeG })}
      />
      <NumberBox
        {...box}
        label="After"
        value={used.afterG}
        onChange={(afterG) => onPut({ ...used, afterG })}
        fault={row.weightFault ?? desk.faultAt(row.path)}
      />
    </>
  );
}

function UsedSum({ row }: { row: UsedRow }) {
  const f = useFormat();
  return (
    <span className="num minw-130 ml-auto">
      {row.usedMl === null && <span className="muted">not logged</span>}
      {row.usedMl !== null && <b>{f.volume(row.usedMl)}</b>}
      {row.ofPlanPct !== null && <span className="small muted">, {row.ofPlanPct} % of the plan</span>}
    </span>
  );
}
