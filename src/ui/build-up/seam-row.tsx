'use client';
/** The verdict on one seam, and taking a refused one on. */
import Button from '@mui/material/Button';
import type { Seam } from '@/core/seams/seam';
import { seamTag } from '../views/stack';
import { GoSign, MindSign, StopSign } from '../parts/icons';
import { ProvenanceMark } from '../parts/mark';
import { useFormat } from '../theme/providers';
import { isTakenOn, seamReason, seamWord } from '../views/build-up';

const SIGNS = { ok: <GoSign size={22} />, care: <MindSign />, no: <StopSign /> } as const;

interface SeamRowProps {
  readonly seam: Seam;
  readonly onTakeOn: () => void;
  readonly onGiveBack: () => void;
}

export function SeamRow({ seam, onTakeOn, onGiveBack }: SeamRowProps) {
  const f = useFormat();
  const [act, rest] = seamTag(seam);
  return (
    <div className="seamrow" data-verdict={seam.verdict}>
      {SIGNS[seam.verdict]}
      <p>
        <b style={{ fontWeight: 600 }}>{seam.verdict === 'no' ? 'No.' : `${act}, ${rest}.`}</b>{' '}
        {seamReason(seam, f)}
        <ProvenanceMark mark={seam.mark} />
      </p>
      <span className="small muted end" style={{ textAlign: 'right' }}>
        <span>{seamWord(seam)}</span>
        {seam.verdict === 'no' && (
          <Button size="small" sx={{ display: 'block' }} onClick={onTakeOn}>
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
