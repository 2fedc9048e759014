'use client';
/** What is left in an item: by feel, or by weight. */
import { ButtonChoice } from '../parts/button-choice';
import { ProvenanceMark } from '../parts/mark';
import { MeasureBox } from '../parts/measure-box';
import { LIKELY_G, NumberBox } from '../parts/number-box';
import { ScaleButton } from '../parts/scale-button';
import { useFormat } from '../theme/providers';
import { weighedMl, type HowKnown, type Weight } from '../views/shelf';
import type { ItemFieldsProps } from './item-fields';

const NAMES = { feel: 'by feel', weight: 'by weight' } as const;

interface AmountFieldsProps extends ItemFieldsProps {
  readonly how: HowKnown;
  readonly onHow: (how: HowKnown) => void;
  readonly weight: Weight;
  readonly onWeight: (weight: Weight) => void;
}

export function AmountFields({ draft, onPatch, faultAt, how, onHow, weight, onWeight }: AmountFieldsProps) {
  return (
    <div className="row">
      <ButtonChoice
        label="How it is known"
        value={how}
        options={['feel', 'weight'] as const}
        names={NAMES}
        onChange={onHow}
      />
      {how === 'feel' ? (
        <MeasureBox
          kind="volume"
          label="Left in it"
          value={draft.remainingMl}
          min={0}
          max={20_000}
          step={10}
          width={132}
          onChange={(remainingMl) => onPatch({ remainingMl })}
          fault={faultAt('remainingMl')}
        />
      ) : (
        <WeightFields weight={weight} onWeight={onWeight} faultAt={faultAt} />
      )}
    </div>
  );
}

function WeightFields({
  weight,
  onWeight,
  faultAt,
}: Pick<AmountFieldsProps, 'weight' | 'onWeight' | 'faultAt'>) {
  const { grossG, tareG, gPerMl } = weight;
  const scale = { unit: 'g', min: 0, max: 50_000, likely: LIKELY_G } as const;
  return (
    <>
      <NumberBox
        {...scale}
        label="Whole"
        value={grossG}
        width={112}
        onChange={(v) => onWeight({ ...weight, grossG: v })}
        fault={faultAt('weight.grossG')}
      />
      <NumberBox
        {...scale}
        label="Empty pack"
        value={tareG}
        width={126}
        onChange={(v) => onWeight({ ...weight, tareG: v })}
        fault={tareG > grossG ? `At most ${grossG} g.` : faultAt('weight.tareG')}
      />
      <NumberBox
        label="Weight of a ml"
        unit="g"
        value={gPerMl}
        min={0.3}
        max={3}
        step={0.01}
        width={132}
        onChange={(v) => onWeight({ ...weight, gPerMl: v })}
        fault={faultAt('weight.gPerMl')}
      />
      <ScaleButton onGrams={(grossG) => onWeight({ ...weight, grossG })} />
      <Makes weight={weight} />
    </>
  );
}

function Makes({ weight }: { weight: Weight }) {
  const f = useFormat();
  const ml = weighedMl(weight);
  return (
    <span className="small">
      {ml !== null && (
        <>
          makes <b>{f.volume(ml)}</b>
        </>
      )}
      <ProvenanceMark mark="M" />
    </span>
  );
}
