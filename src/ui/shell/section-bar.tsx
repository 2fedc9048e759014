'use client';
/** What is on a stage and where one is in it; saved or not, the arrows, and the one button to the next stage. */
import { useRef } from 'react';
import { useDesk } from '../desk/job-desk';
import { LongWork } from '../parts/long-work';
import { LinkButton } from '../parts/link-button';
import { MindSign } from '../parts/icons';
import { SaveLine, SaveTrouble } from './save-line';
import type { NextStage } from '../views/stages';
import { useSeen } from './use-seen';

export interface BarLink {
  readonly id: string;
  readonly name: string;
  /** Of a list. */
  readonly count?: number | undefined;
  /** A caution belongs to it. */
  readonly warns?: boolean | undefined;
}

interface SectionBarProps {
  readonly links: readonly BarLink[];
  readonly next: NextStage | null;
  readonly onGo: (id: string) => void;
}

export function SectionBar({ links, next, onGo }: SectionBarProps) {
  const bar = useRef<HTMLElement>(null);
  useSeen(bar);
  return (
    <div className="secbar noprint">
      <div className="secrow">
        <nav aria-label="Sections" ref={bar}>
          {links.map(({ id, name, count, warns }, i) => (
            <a key={id} href={`#${id}`} onClick={() => onGo(id)} aria-keyshortcuts={String(i + 1)}>
              {name}
              {count !== undefined && <small>{count}</small>}
              {warns && (
                <>
                  <MindSign size={18} />
                  <span className="sr">with a caution</span>
                </>
              )}
              <i aria-hidden="true" />
            </a>
          ))}
        </nav>
        <div className="secend">
          <SaveLine />
          {next && <NextLink next={next} />}
        </div>
      </div>
      <SaveTrouble />
      <LongPlan />
    </div>
  );
}

/** The plan takes its time: it says so, and the change that asked for it can be taken back. */
function LongPlan() {
  const { longWork } = useDesk();
  return longWork && <LongWork said="Working out the plan" onCancel={longWork.cancel} />;
}

/** To the stage after this one. */
export function NextLink({ next }: { next: NextStage }) {
  return (
    <LinkButton variant="contained" href={next.href} aria-label={next.label} endIcon={<Forward />}>
      {next.name}
    </LinkButton>
  );
}

const Forward = () => (
  <svg width="18" height="12" viewBox="0 0 18 12" aria-hidden="true">
    <path d="M1 6h15M11 1l5 5-5 5" fill="none" stroke="currentColor" strokeWidth="2" />
  </svg>
);
