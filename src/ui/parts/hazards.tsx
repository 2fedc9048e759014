'use client';
/**
 * What can hurt at a task: two at a time, the severest first, the rest one press away; on paper all of it. A
 * task that is not in hand says what there is in one line.
 */
import { useState } from 'react';
import Button from '@mui/material/Button';
import { hazardSeverity } from '@/core/cautions/hazards';
import { sayHazard } from '@/words/sentences/hazards';
import { StopSign } from './icons';
import { CautionLook } from './caution';

const AT_A_TIME = 2;

interface HazardsProps {
  readonly cells: readonly string[];
  /** The task is in hand. */
  readonly open?: boolean;
}

export function Hazards({ cells, open = false }: HazardsProps) {
  const [isOpen, setOpen] = useState(open);
  const [isWhole, setWhole] = useState(false);
  if (cells.length === 0) return null;
  const shown = isWhole ? cells : cells.slice(0, AT_A_TIME);
  const left = cells.length - shown.length;
  return (
    <>
      {isOpen ? (
        <div className="cauts noprint" style={{ marginTop: 8, maxWidth: 520 }}>
          {shown.map((cell) => (
            <CautionLook
              key={cell}
              told={sayHazard(cell)}
              severity={hazardSeverity(cell)}
              sign={cell.startsWith('isocyanate') ? '2K' : '!'}
            />
          ))}
          {left > 0 && (
            <Button size="small" sx={{ alignSelf: 'flex-start' }} onClick={() => setWhole(true)}>
              {left} more to mind
            </Button>
          )}
        </div>
      ) : (
        <HazardLine cells={cells} onOpen={() => setOpen(true)} />
      )}
      <OnPaper cells={cells} />
    </>
  );
}

function HazardLine({ cells, onOpen }: { cells: readonly string[]; onOpen: () => void }) {
  const heads = cells.slice(0, AT_A_TIME).map((c) => sayHazard(c).head);
  const more = cells.length - heads.length;
  const isStop = cells.some((c) => hazardSeverity(c) === 'stop');
  return (
    <Button
      size="small"
      className="hazline noprint"
      onClick={onOpen}
      startIcon={isStop ? <StopSign size={22} /> : undefined}
      sx={{ color: isStop ? 'var(--oxide-ink)' : 'var(--amber-ink)', textAlign: 'left', ml: -0.5 }}
    >
      {heads.join(' · ')}
      {more > 0 ? ` · ${more} more` : ''}
    </Button>
  );
}

function OnPaper({ cells }: { cells: readonly string[] }) {
  return (
    <p className="printonly hazpaper">
      {cells.map((cell) => {
        const { head, body } = sayHazard(cell);
        return (
          <span key={cell}>
            <b>{head.endsWith('?') ? head : `${head}.`}</b> {body}{' '}
          </span>
        );
      })}
    </p>
  );
}
