'use client';
/** The clear as a budget, its tasks, what goes on again, and what it still minds while it cures. */
import Button from '@mui/material/Button';
import { setFinish, setOwnFinish, USUAL_WISH } from '@/core/edits/finish';
import { plainTick, withTick } from '@/core/schedule/work/tick';
import { FINISH_SCOPES, FINISH_TOOLS, PEELS, type FinishWish } from '@/model/finish';
import { useDesk } from '../desk/job-desk';
import { ClearBudget } from '../drawings/clear-budget';
import { ButtonChoice } from '../parts/button-choice';
import { ProvenanceMark } from '../parts/mark';
import { useFormat } from '../theme/providers';
import { FoundPanel } from './found-panel';
import {
  finishRows,
  finishView,
  partWishes,
  pendingSaid,
  PEEL_NAMES,
  SCOPE_NAMES,
  TOOL_NAMES,
  type FinishView,
  type PartWishRow,
} from '../views/finish';

export function FinishPanel() {
  const f = useFormat();
  const { job, plan, products } = useDesk();
  const view = finishView({ job, plan, products }, f);
  if (!view)
    return (
      <section className="panel" aria-label="Finish">
        <p>{pendingSaid(plan, f)}</p>
      </section>
    );
  return (
    <section className="panel is-grid gap-12" aria-label="Finish">
      <div className="hd">
        {view.verdict} <small>{view.why}</small>
      </div>
      {view.least && <p>{view.least}.</p>}
      <p className="cap">
        {view.basis} {view.weigh}
      </p>
      <ClearBudget bars={view.bars} />
      <WishRow view={view} />
      <PartWishes />
      <FoundPanel />
      <Tasks />
      <p className="cap">
        Nail into a hidden place first: where it leaves a mark, the film is not hard, whatever the hour says.
      </p>
      <p className="cap">
        The thin end of the film and the most that a pass takes decide
        <ProvenanceMark mark="M" />. Tape every edge and lift the pad 10 mm short of it: there the film is
        half as thick and goes twice as fast. Wet, with gloves and goggles: the dust of young two-part paint
        sensitises as its mist does, and compound flings. The sheet on the tin wins.
      </p>
    </section>
  );
}

interface WishFieldsProps {
  readonly wish: FinishWish;
  readonly of: string;
  readonly onChange: (patch: Partial<FinishWish>) => void;
}

/** @param of the part, or empty for all of them */
function WishFields({ wish, of, onChange }: WishFieldsProps) {
  const scope = wish.scope ?? 'all';
  return (
    <>
      <ButtonChoice
        label={`How much of it${of}`}
        value={scope}
        options={FINISH_SCOPES}
        names={SCOPE_NAMES}
        onChange={(to) => onChange({ scope: to })}
      />
      {scope === 'all' && (
        <ButtonChoice
          label={`What is to go${of}`}
          value={wish.peel}
          options={PEELS}
          names={PEEL_NAMES}
          onChange={(peel) => onChange({ peel })}
        />
      )}
      {scope === 'all' && (
        <ButtonChoice
          label={`How${of}`}
          value={wish.tool}
          options={FINISH_TOOLS}
          names={TOOL_NAMES}
          onChange={(tool) => onChange({ tool })}
        />
      )}
    </>
  );
}

function WishRow({ view }: { view: FinishView }) {
  const { edit } = useDesk();
  return (
    <div className="row gap-12 noprint">
      <WishFields
        wish={view.wish ?? USUAL_WISH}
        of=""
        onChange={(patch) => edit((j) => setFinish(j, patch))}
      />
      {view.wish === null ? (
        <Button variant="contained" disabled={!view.isWorked} onClick={() => edit((j) => setFinish(j, {}))}>
          Plan it
        </Button>
      ) : (
        <Button onClick={() => edit((j) => setFinish(j, null))}>Leave it as it falls</Button>
      )}
    </div>
  );
}

/** One part finished otherwise than the rest. */
function PartWishes() {
  const { job, plan, products } = useDesk();
  const rows = partWishes({ job, plan, products });
  if (rows.length === 0) return null;
  return (
    <details className="noprint" open={rows.some((r) => r.isOwn)}>
      <summary>Part by part</summary>
      <ul className="loglist" aria-label="Part by part">
        {rows.map((row) => (
          <PartWish key={row.partId} row={row} />
        ))}
      </ul>
    </details>
  );
}

function PartWish({ row: { partId, name, wish, isOwn } }: { row: PartWishRow }) {
  const { edit } = useDesk();
  const set = (to: FinishWish | null): void => edit((j) => setOwnFinish(j, partId, to));
  return (
    <li className="row gap-12">
      <b className="minw-108">{name}</b>
      {isOwn ? (
        <>
          <WishFields wish={wish} of={`, ${name}`} onChange={(patch) => set({ ...wish, ...patch })} />
          <Button size="small" onClick={() => set(null)}>
            Like the rest
          </Button>
        </>
      ) : (
        <>
          <span className="grow-180 small muted">like the rest</span>
          <Button size="small" variant="outlined" aria-label={`Otherwise: ${name}`} onClick={() => set(wish)}>
            Otherwise
          </Button>
        </>
      )}
    </li>
  );
}

function Tasks() {
  const f = useFormat();
  const { job, plan, products, edit, clock } = useDesk();
  const rows = finishRows({ job, plan, products }, f);
  if (rows.length === 0) return null;
  return (
    <ol className="loglist" aria-label="Finishing tasks">
      {rows.map(({ task, name, how, when }) => (
        <li key={task.id} className="row">
          <b className="minw-108">{name}</b>
          <span className="grow-180">
            {how}
            <br />
            <span className="small muted">{when}</span>
          </span>
          <Button
            size="small"
            variant="outlined"
            aria-label={`Done: ${name}`}
            onClick={() => edit((j) => withTick(j, plainTick(task.id, 'sand', clock())))}
          >
            Done
          </Button>
        </li>
      ))}
    </ol>
  );
}
