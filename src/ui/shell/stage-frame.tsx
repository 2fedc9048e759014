'use client';
/**
 * The frame of every stage: film at the left, tag at the right, between them the sections under their bar. Film, bar
 * and tag stay in sight while the page scrolls; nothing inside it scrolls by itself.
 */
import { useRef, type ReactNode } from 'react';
import Button from '@mui/material/Button';
import { nextStage, type NextStage, type StageId } from '../views/stages';
import { useGoneWith } from '../parts/gone';
import { useDesk } from '../desk/job-desk';
import { SaveLine } from './save-line';
import { Section, type StageSection } from './section';
import { NextLink, SectionBar } from './section-bar';
import { StageHelp } from './stage-help';
import { useFit } from './use-fit';
import { useJump } from './use-jump';
import { useSections } from './use-sections';
import { useWide } from './use-width-of-page';
import { Verdict } from './verdict';

interface StageFrameProps {
  readonly stage: StageId;
  /** Left out where the sections need its column. */
  readonly spine?: ReactNode;
  /** Beside what follows the decision, where one of it is open. */
  readonly lateSpine?: ReactNode;
  readonly sections: readonly StageSection[];
  /** Under the last section. */
  readonly children?: ReactNode;
}

export function StageFrame({ stage, spine, lateSpine, sections, children }: StageFrameProps) {
  const { id, plan, edits } = useDesk();
  useGoneWith(edits);
  const next = nextStage(id, stage);
  const kept = useSections(stage);
  const isWide = useWide();
  const folding = sections.filter((s) => !s.isLead);
  const isOpen = (s: StageSection): boolean =>
    s.isLead === true || kept.isOpen(s.id, (s.opens ?? false) || isWide);
  const open = (sectionId: string): void => {
    if (folding.some((s) => s.id === sectionId && !isOpen(s))) kept.set([sectionId], true);
  };
  const go = useJump(
    sections.map((s) => s.id),
    open,
  );
  const allOpen = folding.every(isOpen);
  const listed = (some: readonly StageSection[]): ReactNode => (
    <div className="secs">
      {some.map((s) => (
        <Section key={s.id} section={s} isOpen={isOpen(s)} onFold={(on) => kept.set([s.id], on)} />
      ))}
    </div>
  );
  return (
    <main id="main" className="body frame" data-spine={spine !== undefined}>
      {spine !== undefined && <Spined>{spine}</Spined>}
      <div className="stagecol">
        <SectionBar links={sections} next={next} onGo={go} />
        {lateSpine === undefined ? (
          listed(sections)
        ) : (
          <>
            {listed(sections.filter((s) => s.isLead))}
            <Late spine={folding.some(isOpen) ? lateSpine : null}>{listed(folding)}</Late>
          </>
        )}
        {folding.length > 1 && (
          <Button
            className="noprint"
            size="small"
            sx={{ alignSelf: 'flex-start' }}
            onClick={() =>
              kept.set(
                folding.map((s) => s.id),
                !allOpen,
              )
            }
          >
            {allOpen ? 'Fold all sections' : 'Open all sections'}
          </Button>
        )}
        <StageHelp stage={stage} />
        {children}
        <PhoneFoot next={next} />
      </div>
      <Verdict plan={plan} session={plan.sessions[0]} stage={stage} />
    </main>
  );
}

/** On a phone the bar has room for the sections alone. */
function PhoneFoot({ next }: { next: NextStage | null }) {
  return (
    <div className="phone-foot noprint">
      <SaveLine />
      {next && <NextLink next={next} />}
    </div>
  );
}

/** The film takes the place of its large section once one reads on. */
function Late({ spine, children }: { spine: ReactNode; children: ReactNode }) {
  if (spine === null) return children;
  return (
    <div className="late">
      <Spined>{spine}</Spined>
      {children}
    </div>
  );
}

function Spined({ children }: { children: ReactNode }) {
  const column = useRef<HTMLDivElement>(null);
  useFit(column);
  return (
    <div className="spine" ref={column}>
      {children}
    </div>
  );
}
