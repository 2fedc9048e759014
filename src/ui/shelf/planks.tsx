'use client';
/** The shelf, drawn: packs on planks by kind, as full as they are. A pack is picked by pressing it. */
import ButtonBase from '@mui/material/ButtonBase';
import { Pack } from '../drawings/pack';
import { useFormat } from '../theme/providers';
import type { DrawnPack, Plank } from '../views/planks';
import { expirySaid } from '../views/shelf';
import { StateSign } from './state-sign';

interface PlanksProps {
  readonly planks: readonly Plank[];
  readonly picked: string | null;
  readonly onPick: (id: string) => void;
  readonly nowMs: number;
}

export function Planks({ planks, picked, onPick, nowMs }: PlanksProps) {
  return planks.map((plank) => (
    <figure key={plank.id} className="plank">
      <ul>
        {plank.packs.map((pack) => (
          <li key={pack.row.item.id}>
            <Standing
              pack={pack}
              isPicked={pack.row.item.id === picked}
              onPick={() => onPick(pack.row.item.id)}
              nowMs={nowMs}
            />
          </li>
        ))}
      </ul>
      <figcaption>{plank.words}</figcaption>
    </figure>
  ));
}

interface StandingProps extends Pick<PlanksProps, 'nowMs'> {
  readonly pack: DrawnPack;
  readonly isPicked: boolean;
  readonly onPick: () => void;
}

function Standing({ pack, isPicked, onPick, nowMs }: StandingProps) {
  const f = useFormat();
  const { row, container, paint, full, size, life } = pack;
  const { item, expiry } = row;
  return (
    <ButtonBase aria-pressed={isPicked} onClick={onPick} className="standing">
      <Pack
        id={item.id}
        container={container}
        paint={paint}
        full={full}
        size={size}
        isDead={expiry.state === 'expired'}
      />
      <span>
        <b>
          {item.name} {expiry.state !== 'good' && <StateSign state={expiry.state} />}
        </b>
        <span>
          {f.volume(item.remainingMl)} of {f.volume(item.sizeMl)}
        </span>
        {life === null ? <small>{expirySaid(row, f, nowMs)}</small> : <Life left={life} />}
      </span>
    </ButtonBase>
  );
}

const W = 96;
const H = 16;
/** The wedge of an activated can: what is gone, and what is left of its prudent time. */
function Life({ left }: { left: number }) {
  const x = W * (1 - left);
  return (
    <svg
      width={W}
      height={H + 2}
      viewBox={`0 0 ${W} ${H + 2}`}
      role="img"
      aria-label={`${Math.round(left * 100)} % of its time left`}
    >
      <path d={`M0 1L${W} ${H}H0Z`} fill="var(--well)" stroke="var(--ink)" />
      <path d={`M${x} ${1 + (H - 1) * (1 - left)}L${W} ${H}H${x}Z`} fill="var(--lagoon)" />
      <path d={`M${x} 0V${H + 1}`} stroke="var(--oxide)" strokeWidth="2.5" />
    </svg>
  );
}
