'use client';
/** A caution at the moment it matters: what, then what to do; a few at a time, the rest one press away. */
import { useState } from 'react';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import type { Caution } from '@/model/plan';
import { sayCaution } from '@/words/sentences/cautions';
import type { Told } from '@/words/sentences/head';
import { counted } from '@/words/format';
import { useFormat } from '../theme/providers';
import { MindSign, StopSign } from './icons';

/** Something to mind, in words. */
export interface Minded {
  readonly key: string;
  readonly told: Told;
  readonly severity: Caution['severity'];
}

/** Isocyanate has a sign of its own. */
const signOf = ({ key }: Minded): string => (key.startsWith('isocyanate') ? '2K' : '!');

function MindedBox({ minded }: { minded: Minded }) {
  const { told, severity } = minded;
  return (
    <Alert
      severity={severity === 'stop' ? 'error' : 'warning'}
      className={`caut ${severity}`}
      role="note"
      icon={severity === 'stop' ? <StopSign text={signOf(minded)} /> : <MindSign />}
    >
      <b>{told.head}</b>
      {told.body}
    </Alert>
  );
}

interface MindedListProps {
  readonly list: readonly Minded[];
  readonly atOnce: number;
}

export function MindedList({ list, atOnce }: MindedListProps) {
  const [isWhole, setWhole] = useState(false);
  const shown = isWhole ? list : list.slice(0, atOnce);
  const left = list.length - shown.length;
  return (
    <>
      {shown.map((minded) => (
        <MindedBox key={minded.key} minded={minded} />
      ))}
      {left > 0 && (
        <Button size="small" sx={{ alignSelf: 'flex-start' }} onClick={() => setWhole(true)}>
          {counted(left, 'more caution')}
        </Button>
      )}
    </>
  );
}

interface CautionListProps {
  readonly cautions: readonly Caution[];
  /** Left out means all of them. */
  readonly atOnce?: number;
}

export function CautionList({ cautions, atOnce = Infinity }: CautionListProps) {
  const f = useFormat();
  const list = cautions.map((c): Minded => {
    const { code, params, severity } = c;
    return { key: code + JSON.stringify(params), told: sayCaution(c, f), severity };
  });
  return <MindedList list={list} atOnce={atOnce} />;
}
