'use client';
/** A caution at the moment it matters: what, then what to do. */
import type { Caution } from '@/model/plan';
import { sayCaution } from '@/words/sentences/cautions';
import { useFormat } from '../theme/providers';
import { MindSign, StopSign } from './icons';

export function CautionBox({ caution }: { caution: Pick<Caution, 'code' | 'severity' | 'params'> }) {
  const f = useFormat();
  const w = sayCaution(caution, f);
  const stop = caution.severity === 'stop';
  return (
    <div className={`caut ${stop ? 'stop' : 'mind'}`} role="note">
      {stop ? <StopSign text={caution.code.startsWith('isocyanate') ? '2K' : '!'} /> : <MindSign />}
      <p>
        <b>{w.head}</b>
        {w.body}
      </p>
    </div>
  );
}
