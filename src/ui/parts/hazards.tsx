'use client';
/**
 * What can hurt at a task: two at a time, the severest first, the rest one press away; on paper all of it. A
 * task that is not in hand says what there is in one line.
 */
import { useState } from 'react';
import Button from '@mui/material/Button';
import { hazardSeverity } from '@/core/cautions/hazards';
import { sayHazard } from '@/words/sentences/hazards';
import { headText } from '@/words/sentences/head';
import { StopSign } from './icons';
import { MindedList, type Minded } from './caution';

const AT_A_TIME = 2;

interface HazardsProps {
  readonly cells: readonly string[];
  /** The task is in hand. */
  readonly open?: boolean;
}

export function Hazards({ cells, open = false }: HazardsProps) {
  const [isOpen, setOpen] = useState(open);
  if (cells.length === 0) return null;
  const list = cells.map((cell): Minded => ({
    key: cell,
    told: sayHazard(cell),
    severity: hazardSeverity(cell),
  }));
  return (
    <>
      {isOpen ? (
        <div className="cauts noprint mt-8 maxw-520">
          <MindedList list={list} atOnce={AT_A_TIME} />
        </div>
      ) : (
        <HazardLine list={list} onOpen={() => setOpen(true)} />
      )}
      <p className="printonly hazpaper">
        {list.map(({ key, told }) => (
          <span key={key}>
            <b>{headText(told)}</b> {told.body}{' '}
          </span>
        ))}
      </p>
    </>
  );
}

function HazardLine({ list, onOpen }: { list: readonly Minded[]; onOpen: () => void }) {
  const heads = list.slice(0, AT_A_TIME).map((x) => x.told.head);
  const more = list.length - heads.length;
  const isStop = list.some((x) => x.severity === 'stop');
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
