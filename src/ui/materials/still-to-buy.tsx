'use client';
/** The headline of Materials: what is still to buy, what it costs against the budget, and the way to the list. */
import type { Desk } from '../desk/job-desk';
import { LinkButton } from '../parts/link-button';
import { useFormat } from '../theme/providers';
import { stillToBuy } from '../views/materials';

export function StillToBuy({ desk }: { desk: Desk }) {
  const f = useFormat();
  const { headline, rest } = stillToBuy(desk.plan, f);
  return (
    <div className="panel headline">
      <p>
        <b>{headline}</b> <span className="muted">{rest}</span>
      </p>
      <span className="row noprint push">
        <LinkButton size="small" variant="outlined" href={`/shopping?jobs=${desk.id}`}>
          Shopping list
        </LinkButton>
      </span>
    </div>
  );
}
