'use client';
/** How sure a start must be and what time is worth: every sum of the decision hangs on these. */
import Button from '@mui/material/Button';
import Slider from '@mui/material/Slider';
import { setRisk, setRushSafe, type RiskField } from '@/core/edits/risk';
import { percentOf } from '@/words/format';
import { useDesk } from '../desk/job-desk';
import { ProvenanceMark } from '../parts/mark';
import { PriceBox } from '../parts/price-box';
import { usualWorth } from '../views/stakes';

export function StakesPanel() {
  return (
    <section className="panel is-grid gap-18" aria-label="Stakes">
      <Limit />
      <RushOrSafe />
      <Worth />
    </section>
  );
}

function Limit() {
  const { plan, job, edit } = useDesk();
  const least = usualWorth(plan, job).least;
  return (
    <div>
      <p className="small" id="least">
        No start under <b className="num">{Math.round(least.value * 100)} %</b> is proposed
        <ProvenanceMark mark={least.mark} />
      </p>
      <Slider
        aria-labelledby="least"
        value={Math.round(least.value * 100)}
        min={0}
        max={95}
        step={5}
        marks
        size="small"
        valueLabelDisplay="auto"
        valueLabelFormat={(v) => (v === 0 ? 'no limit' : `${percentOf(v / 100)} %`)}
        onChange={(_e, v) => edit((j) => setRisk(j, 'least', (v as number) / 100))}
      />
      <p className="cap">
        A high limit spoils less and finishes later, or not at all. At 0 only the costs below decide.
      </p>
    </div>
  );
}

function RushOrSafe() {
  const { job, edit } = useDesk();
  return (
    <div>
      <p className="small" id="rush">
        Rush or safe: how much a lost session weighs against waiting
      </p>
      <div className="row wrap-nowrap gap-14">
        <span className="small muted flex-none">rush</span>
        <Slider
          aria-labelledby="rush"
          value={job.risk.rushSafe}
          min={0}
          max={1}
          step={0.1}
          marks
          size="small"
          onChange={(_e, v) => edit((j) => setRushSafe(j, v as number))}
        />
        <span className="small muted flex-none">safe</span>
      </div>
    </div>
  );
}

const FIGURES: readonly { field: Exclude<RiskField, 'least'>; name: string }[] = [
  { field: 'hourValue', name: 'An hour of yours' },
  { field: 'delayPerDay', name: 'A day of waiting' },
  { field: 'latePerDay', name: 'A day past the deadline' },
  { field: 'unfinished', name: 'Leaving it undone' },
];

function Worth() {
  const { plan, job, edit } = useDesk();
  const usual = usualWorth(plan, job);
  return (
    <ul className="is-grid gap-10 maxw-480" aria-label="What it is worth">
      {FIGURES.map(({ field, name }) => (
        <li key={field} className="row gap-10">
          <span className="small flex-1 minw-130">
            {name}
            <ProvenanceMark mark={usual[field].mark} />
          </span>
          {job.risk[field] !== undefined && (
            <Button
              size="small"
              onClick={() => edit((j) => setRisk(j, field, null))}
              aria-label={`${name} as usual`}
            >
              As usual
            </Button>
          )}
          <PriceBox
            label={name}
            value={usual[field].value}
            currency={job.budget.currency}
            onChange={(v) => edit((j) => setRisk(j, field, v))}
          />
        </li>
      ))}
    </ul>
  );
}
