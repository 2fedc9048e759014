'use client';
/** The sum: where the paint of a product goes, how sure that is, and the risk that is taken. */
import { useState } from 'react';
import { setRunOut } from '@/core/edits/in-hand';
import type { Material } from '@/model/plan';
import type { Desk } from '../desk/job-desk';
import { ButtonChoice } from '../parts/button-choice';
import { useFormat } from '../theme/providers';
import {
  chanceText,
  hasSpare,
  lineKey,
  materialName,
  openLines,
  shownLine,
  type ProductOf,
} from '../views/materials';
import { Fall } from './fall';
import { OwnUse } from './own-use';
import { PaintBars } from './paint-bars';
import { SumFigures } from './sum-figures';

const USUAL_RISK = 0.05;
const RISKS = ['0.01', '0.05', '0.1', '0.2'] as const;
const RISK_NAMES = { '0.01': '1 %', '0.05': '5 %', '0.1': '10 %', '0.2': '20 %' } as const;

interface SumPanelProps {
  readonly desk: Desk;
  readonly productOf: ProductOf;
}

export function SumPanel({ desk, productOf }: SumPanelProps) {
  const [picked, setPicked] = useState<string | null>(null);
  const open = openLines(desk.plan);
  const shown = shownLine(open, picked, productOf);
  if (!shown) return null;
  const nameOf = (m: Material): string => materialName(m, open, productOf);
  return (
    <section className="panel noprint" aria-label="The sum">
      <div className="hd">
        <small>expected use, then what must be ready</small>
      </div>
      <PaintBars open={open} picked={lineKey(shown)} nameOf={nameOf} onPick={setPicked} />
      <h3 className="text-14 fw650 mt-14 mb-2">{nameOf(shown)}, step by step</h3>
      <Fall material={shown} name={nameOf(shown)} />
      <HowSure material={shown} />
      <Risk desk={desk} />
      <OwnUse desk={desk} />
      <SumFigures plan={desk.plan} open={open} nameOf={nameOf} />
    </section>
  );
}

function HowSure({ material }: { material: Material }) {
  const f = useFormat();
  return (
    <p className="cap mt-8">
      Expected use {f.volume(material.useMl)}, give or take {f.pct(material.factors.cv)}.{' '}
      {material.shortChance === null ? (
        'Begun, so nothing more is bought.'
      ) : (
        <>
          With what is bought and set aside, running out in mid-coat has a chance of{' '}
          <b>{chanceText(material.shortChance)}</b>
          {hasSpare(material) ? ', the spare left sealed' : ''}.
        </>
      )}
    </p>
  );
}

function Risk({ desk }: { desk: Desk }) {
  const ask = 'At most this chance of running out';
  const set = String(desk.job.risk.runOut ?? USUAL_RISK);
  return (
    <div className="row noprint mt-8">
      <span className="small">{ask}</span>
      <ButtonChoice
        label={ask}
        value={RISKS.find((r) => r === set) ?? '0.05'}
        options={RISKS}
        names={RISK_NAMES}
        onChange={(v) => desk.edit((j) => setRunOut(j, Number(v), USUAL_RISK))}
      />
    </div>
  );
}
