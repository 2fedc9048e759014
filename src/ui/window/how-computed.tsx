'use client';
/** How the window was computed, and every figure that was assumed for it. */
import { ASSUMPTIONS } from '@/words/assumptions';
import { useDesk } from '../desk/job-desk';
import { ProvenanceMark } from '../parts/mark';
import { useFormat } from '../theme/providers';
import { assumedValue, windowAssumptions } from '../views/window';
import { Fold } from '@/ui/parts/fold';

export function HowComputed() {
  const f = useFormat();
  const { plan } = useDesk();
  return (
    <Fold summary="How this was computed" className="how">
      <p className="cap">
        Each half hour of the week is tried as a start in every future of the forecast. In each, the waits
        follow the panel temperature of that hour, and every limit is held until the film no longer minds it.
        The chance is (good futures + 1) over (futures + 2), for the whole chain at once.
      </p>
      <ul className="cap is-grid gap-4 pt-6 pb-6">
        {windowAssumptions(plan).map((a) => (
          <li key={a.what}>
            {ASSUMPTIONS[a.what] ?? a.what}: {assumedValue(a, plan.cost.currency, f)}
            <ProvenanceMark mark={a.provenance} />
          </li>
        ))}
      </ul>
    </Fold>
  );
}
