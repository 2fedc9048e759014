'use client';
/** Papers of a seam chosen by hand: judged, not replaced. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import { setLadder } from '@/core/edits/layers';
import type { System } from '@/core/seams/seam';
import { useDesk } from '../desk/job-desk';
import { TextBox } from '../parts/text-box';
import { gritsTyped, type LadderView } from '../views/preparation';

const NO_GRITS = 'Papers of the series with spaces between, like P180 P320 P400.';

export function OwnPapers({ view, system }: { view: LadderView; system: System }) {
  const desk = useDesk();
  const { seam, rungs, faults } = view;
  const [isOpen, setOpen] = useState(false);
  const said = rungs.map((r) => `P${r.gritP}`).join(' ');
  const choose = (grits: readonly number[] | null): void =>
    desk.edit((j) => setLadder(j, seam, system, grits));
  return (
    <div className="small noprint">
      {faults.map((fault) => (
        <p key={fault} className="ink-amber-ink fw600">
          {fault}
        </p>
      ))}
      {!isOpen && !seam.ladder && (
        <Button size="small" onClick={() => setOpen(true)} aria-label={`My own papers for ${view.to}`}>
          My own papers
        </Button>
      )}
      {(isOpen || seam.ladder) && (
        <span className="row gap-8 mt-4">
          <TextBox
            label="Papers in order"
            value={said}
            most={80}
            check={(text) => (gritsTyped(text) ? null : NO_GRITS)}
            onChange={(text) => choose(gritsTyped(text))}
            sx={{ width: 260 }}
          />
          {seam.ladder && (
            <Button size="small" onClick={() => choose(null)}>
              Back to the rules
            </Button>
          )}
        </span>
      )}
    </div>
  );
}
