'use client';
/** What one's own logs say, taken over or left. */
import Button from '@mui/material/Button';
import { setHabit } from '@/core/edits/in-hand';
import { systemOfPlan } from '@/core/seams/seam';
import type { OwnUse as OwnUseTold } from '@/usecases/own-use';
import type { Desk } from '../desk/job-desk';
import { ProvenanceMark } from '../parts/mark';
import { useFetched } from '../parts/use-fetched';
import { useFormat } from '../theme/providers';
import { habitText, jobsNamed, weighSaid } from '../views/materials';

/** “Weigh one coat …”; nothing where it would change hardly anything. */
function Worth({ desk: { job, plan, products } }: { desk: Desk }) {
  const said = weighSaid(job, systemOfPlan(plan, products), useFormat());
  return said === null ? null : <p className="cap mt-6">{said}</p>;
}

export function OwnUse({ desk }: { desk: Desk }) {
  return (
    <>
      <Told desk={desk} />
      <Worth desk={desk} />
    </>
  );
}

function Told({ desk }: { desk: Desk }) {
  const told = useFetched<OwnUseTold>('/api/own-use');
  const own = told?.habit ?? null;
  const here = desk.job.habit;
  if (here)
    return (
      <p className="cap row noprint mt-6">
        <span>
          Reckoned with your own use. {habitText(here)}
          <ProvenanceMark mark="own" />
        </span>
        <Button size="small" onClick={() => desk.edit((j) => setHabit(j, null))}>
          Without it
        </Button>
      </p>
    );
  if (own)
    return (
      <p className="cap row noprint mt-6">
        <span>
          {habitText(own)}. Told by {jobsNamed(told?.jobs ?? [])}.
        </span>
        <Button size="small" variant="outlined" onClick={() => desk.edit((j) => setHabit(j, own))}>
          Reckon with it
        </Button>
      </p>
    );
  return (
    <p className="cap mt-6">
      Log what a job really used and close it: from then on your own use counts, and the margin shrinks.
    </p>
  );
}
