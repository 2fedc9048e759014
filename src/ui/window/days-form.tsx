'use client';
/** A forecast typed in: a few figures a day, from any source one trusts. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import { WIND_UNITS, type WindUnit } from '@/core/units/convert';
import { msOf } from '@/core/time/instant';
import type { Spot } from '@/model/weather';
import { isoOf } from '@/core/time/instant';
import { ButtonChoice } from '../parts/button-choice';
import { Tick } from '../parts/tick';
import { Fold } from '../parts/fold';
import { Said } from '../parts/said';
import { useFormat } from '../theme/providers';
import { copiedDown, MOISTS, withDays, type Moist, type WeekValues } from '../views/days-form';
import { DayFields } from './day-row';
import { useDaysForm } from './use-days-form';

const MOIST_NAMES: Readonly<Record<Moist, string>> = { none: 'not told', rh: 'humidity', dew: 'dew point' };
const WIND_NAMES: Readonly<Record<WindUnit, string>> = {
  'm/s': 'm/s',
  'km/h': 'km/h',
  mph: 'mph',
  kn: 'knots',
};

interface DaysFormProps {
  readonly start: WeekValues;
  readonly spot: Spot;
  readonly onDone: (id: string) => void;
  readonly onCancel: () => void;
}

export function DaysForm({ start, spot, onDone, onCancel }: DaysFormProps) {
  const f = useFormat();
  const form = useDaysForm({ start, spot, onDone });
  const [wind, setWind] = useState<WindUnit>(f.units === 'us' ? 'mph' : 'km/h');
  const { values, change } = form;
  return (
    <form
      aria-label="Forecast, typed in"
      noValidate
      onSubmit={(e) => void form.keep(e)}
      className="is-grid gap-12"
    >
      <Asked values={values} wind={wind} onWind={setWind} onChange={change} />
      <ul className="daylist">
        {values.rows.map((row, i) => (
          <DayFields
            key={row.date}
            name={f.day(isoOf(msOf(`${row.date}T12:00`, spot.tz), spot.tz))}
            row={row}
            moistKind={values.moistKind}
            hasGusts={values.hasGusts}
            wind={wind}
            onPatch={(patch) => form.patchRow(i, patch)}
            faultAt={(field) => form.faultAt(i, field)}
          />
        ))}
      </ul>
      <div className="row">
        <Button type="submit" variant="contained" disabled={form.isSubmitting}>
          Plan with it
        </Button>
        <Button variant="outlined" onClick={() => change(copiedDown)}>
          Fill blanks from above
        </Button>
        <Button onClick={() => change((w) => withDays(w, 1, spot.tz))}>One day more</Button>
        <Button onClick={() => change((w) => withDays(w, -1, spot.tz))}>One less</Button>
        <Button onClick={onCancel}>Cancel</Button>
        <Said>{form.error}</Said>
      </div>
      <Unknown />
    </form>
  );
}

interface AskedProps {
  readonly values: WeekValues;
  readonly wind: WindUnit;
  readonly onWind: (unit: WindUnit) => void;
  readonly onChange: (to: (was: WeekValues) => WeekValues) => void;
}

/** What the forecast tells, and in which unit: asked once for the week. */
function Asked({ values, wind, onWind, onChange }: AskedProps) {
  return (
    <div className="row gap-12 small">
      <span className="row gap-6">
        Wind in
        <ButtonChoice
          label="Wind in"
          value={wind}
          options={WIND_UNITS}
          names={WIND_NAMES}
          onChange={onWind}
        />
      </span>
      <Tick isOn={values.hasGusts} onChange={(hasGusts) => onChange((w) => ({ ...w, hasGusts }))}>
        gusts are told
      </Tick>
      <span className="row gap-6">
        Moisture
        <ButtonChoice
          label="Moisture"
          value={values.moistKind}
          options={MOISTS}
          names={MOIST_NAMES}
          onChange={(moistKind) =>
            onChange((w) => ({ ...w, moistKind, rows: w.rows.map((r) => ({ ...r, moist: null })) }))
          }
        />
      </span>
    </div>
  );
}

/** What to do where a figure is not known. */
function Unknown() {
  return (
    <Fold summary="A figure I do not know">
      <ul className="cap is-grid gap-4">
        <li>Low: the coldest hour of that morning, about sunrise. High: the warmest of that afternoon.</li>
        <li>
          Humidity: of the day as a whole. Not told: leave it. The dew point is then taken as just under the
          low, and the plan knows that this is a guess.
        </li>
        <li>Wind: what is told for the day. Gusts: not told, half as much again is taken.</li>
        <li>
          Showers: with the chance of any in the day. Rain from–to: with the chance that it comes. A day
          without may still get some, the more the further ahead.
        </li>
        <li>Only as many days as you trust: the plan ends where the forecast ends.</li>
      </ul>
    </Fold>
  );
}
