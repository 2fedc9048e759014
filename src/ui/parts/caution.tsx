'use client';
/** A caution at the moment it matters: what, then what to do. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import type { Caution } from '@/model/plan';
import { sayCaution } from '@/words/sentences/cautions';
import type { Told } from '@/words/sentences/head';
import { useFormat } from '../theme/providers';
import { MindSign, StopSign } from './icons';

interface CautionLookProps {
  readonly told: Told;
  readonly severity: Caution['severity'];
  readonly sign: string;
}

export function CautionLook({ told, severity, sign }: CautionLookProps) {
  return (
    <div className={`caut ${severity}`} role="note">
      {severity === 'stop' ? <StopSign text={sign} /> : <MindSign />}
      <p>
        <b>{told.head}</b>
        {told.body}
      </p>
    </div>
  );
}

type Shown = Pick<Caution, 'code' | 'severity' | 'params'>;

export function CautionBox({ caution }: { caution: Shown }) {
  const f = useFormat();
  const sign = caution.code.startsWith('isocyanate') ? '2K' : '!';
  return <CautionLook told={sayCaution(caution, f)} severity={caution.severity} sign={sign} />;
}

interface CautionListProps {
  readonly cautions: readonly Shown[];
  readonly atOnce: number;
}

/** A few at a time, the rest one press away. */
export function CautionList({ cautions, atOnce }: CautionListProps) {
  const [isWhole, setWhole] = useState(false);
  const shown = isWhole ? cautions : cautions.slice(0, atOnce);
  const left = cautions.length - shown.length;
  return (
    <>
      {shown.map((c) => (
        <CautionBox key={c.code + JSON.stringify(c.params)} caution={c} />
      ))}
      {left > 0 && (
        <Button size="small" sx={{ alignSelf: 'flex-start' }} onClick={() => setWhole(true)}>
          {left} more to mind
        </Button>
      )}
    </>
  );
}
