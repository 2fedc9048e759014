'use client';
/** The verdict on one seam; taking a refused one on, and deciding one that nobody knows. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import type { Seam } from '@/core/seams/seam';
import { seamTag } from '../views/stack';
import { GoSign, MindSign, StopSign } from '../parts/icons';
import { ProvenanceMark } from '../parts/mark';
import { useFormat } from '../theme/providers';
import { isTakenOn, seamHead, seamReason, seamWord } from '../views/build-up';

const SIGNS = {
  ok: <GoSign size={22} />,
  care: <MindSign />,
  no: <StopSign />,
  unknown: <StopSign text="?" />,
} as const;

interface SeamRowProps {
  readonly seam: Seam;
  /** @param why what a test patch showed */
  readonly onDecide: (why?: string) => void;
  readonly onGiveBack: () => void;
}

export function SeamRow({ seam, onDecide, onGiveBack }: SeamRowProps) {
  const f = useFormat();
  return (
    <div className="seamrow" data-verdict={seam.verdict}>
      {SIGNS[seam.verdict]}
      <div>
        <p>
          <b className="fw600">{seamHead(seam, seamTag(seam))}</b> {seamReason(seam, f)}
          <ProvenanceMark mark={seam.mark} />
        </p>
        {seam.verdict === 'unknown' && <Decision onDecide={onDecide} />}
      </div>
      <span className="small muted end ta-right">
        <span>{seamWord(seam)}</span>
        {seam.verdict === 'no' && (
          <Button size="small" sx={{ display: 'block' }} onClick={() => onDecide()}>
            Take it on
          </Button>
        )}
        {isTakenOn(seam) && (
          <Button size="small" sx={{ display: 'block' }} onClick={onGiveBack}>
            Give it back
          </Button>
        )}
      </span>
    </div>
  );
}

/** A decision in writing; the plan stands on nothing less. */
function Decision({ onDecide }: Pick<SeamRowProps, 'onDecide'>) {
  const [why, setWhy] = useState('');
  return (
    <form
      className="row mt-8 gap-8"
      onSubmit={(e) => {
        e.preventDefault();
        if (why.trim()) onDecide(why.trim());
      }}
    >
      <TextField
        size="small"
        label="What the test patch showed"
        value={why}
        onChange={(e) => setWhy(e.target.value)}
        slotProps={{ htmlInput: { maxLength: 300 } }}
        sx={{ flex: '1 1 220px' }}
      />
      <Button type="submit" size="small" variant="outlined" disabled={why.trim() === ''}>
        Decide
      </Button>
    </form>
  );
}
