'use client';
/** One day of a forecast that is typed in. */
import type { WindUnit } from '@/core/units/convert';
import { RAINS, SKIES, USUAL_CHANCE_PCT } from '@/model/lists';
import { RAIN_NAMES, SKY_NAMES } from '@/words/place-names';
import { ClockBox } from '../parts/clock-box';
import { ListChoice } from '../parts/list-choice';
import { NumberBox } from '../parts/number-box';
import { Said } from '../parts/said';
import { TempBox, WindBox } from '../parts/weather-box';
import type { DayRow, Moist } from '../views/days-form';

interface DayFieldsProps {
  readonly name: string;
  readonly row: DayRow;
  readonly moistKind: Moist;
  readonly hasGusts: boolean;
  readonly wind: WindUnit;
  readonly onPatch: (patch: Partial<DayRow>) => void;
  readonly faultAt: (field: keyof DayRow) => string | null;
}

export function DayFields(props: DayFieldsProps) {
  const { name, row, onPatch, faultAt, wind, hasGusts } = props;
  return (
    <li>
      <fieldset className="dayfields">
        <legend>{name}</legend>
        <LowHigh {...props} />
        <MoistBox {...props} />
        <WindBox
          label="Wind"
          value={row.windMs}
          min={0}
          max={60}
          width={120}
          wind={wind}
          onChange={(windMs) => onPatch({ windMs })}
          fault={faultAt('windMs')}
        />
        {hasGusts && (
          <WindBox
            label="Gusts"
            value={row.gustMs}
            min={0}
            max={90}
            width={120}
            wind={wind}
            onChange={(gustMs) => onPatch({ gustMs })}
            fault={faultAt('gustMs')}
          />
        )}
        <ListChoice
          label="Sky"
          value={row.sky}
          options={SKIES}
          names={SKY_NAMES}
          width={134}
          onChange={(sky) => onPatch({ sky })}
        />
        <RainFields {...props} />
      </fieldset>
      <Said>{faultAt('date')}</Said>
    </li>
  );
}

function LowHigh({ row, onPatch, faultAt }: DayFieldsProps) {
  return (
    <>
      <TempBox
        label="Low"
        value={row.lowC}
        min={-60}
        max={50}
        width={92}
        onChange={(lowC) => onPatch({ lowC })}
        fault={faultAt('lowC')}
      />
      <TempBox
        label="High"
        value={row.highC}
        min={-60}
        max={60}
        width={92}
        onChange={(highC) => onPatch({ highC })}
        fault={faultAt('highC')}
      />
    </>
  );
}

function MoistBox({ row, moistKind, onPatch, faultAt }: DayFieldsProps) {
  if (moistKind === 'none') return null;
  const box = {
    value: row.moist,
    width: 104,
    onChange: (moist: number): void => onPatch({ moist }),
    fault: faultAt('moist'),
  };
  return moistKind === 'rh' ? (
    <NumberBox label="Humidity" unit="%" min={2} max={100} {...box} />
  ) : (
    <TempBox label="Dew point" min={-60} max={40} {...box} />
  );
}

function RainFields({ row, onPatch, faultAt }: DayFieldsProps) {
  return (
    <>
      <ListChoice
        label="Rain"
        value={row.rain}
        options={RAINS}
        names={RAIN_NAMES}
        width={134}
        onChange={(rain) => onPatch({ rain, chancePct: USUAL_CHANCE_PCT[rain] })}
      />
      {row.rain === 'spell' && (
        <span className="row small wrap-nowrap gap-6">
          <ClockBox label="Rain from" value={row.from} onChange={(from) => onPatch({ from })} />
          to
          <ClockBox label="Rain to" value={row.to} onChange={(to) => onPatch({ to })} />
          <Said>{faultAt('to')}</Said>
        </span>
      )}
      {row.rain !== 'none' && (
        <NumberBox
          label="Chance"
          unit="%"
          value={row.chancePct}
          min={0}
          max={100}
          width={92}
          onChange={(chancePct) => onPatch({ chancePct })}
          fault={faultAt('chancePct')}
        />
      )}
    </>
  );
}
