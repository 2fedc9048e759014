'use client';
/** Where and when: the place that turns weather into what the part feels, and the hours that are free. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import type { FreeHours, Place } from '@/model/job';
import { SHELTERS, WEEKDAYS } from '@/model/lists';
import { SHELTER_NAMES } from '@/words/names';
import type { Desk } from '../desk/job-desk';
import { ClockBox } from '../parts/clock-box';
import { ListChoice } from '../parts/choice';
import { NumberBox } from '../parts/number-box';

const DAY_NAMES = {
  mon: 'Mon',
  tue: 'Tue',
  wed: 'Wed',
  thu: 'Thu',
  fri: 'Fri',
  sat: 'Sat',
  sun: 'Sun',
} as const;

export function PlaceEditor({ desk }: { desk: Desk }) {
  const { place } = desk.job;
  const set = (patch: Partial<Place>): void => desk.edit((j) => ({ ...j, place: { ...j.place, ...patch } }));
  return (
    <div className="row">
      <TextField
        size="small"
        label="Place"
        value={place.name ?? ''}
        onChange={(e) => set({ name: e.target.value.slice(0, 80) || 'My place' })}
        sx={{ width: 190 }}
      />
      <ListChoice
        label="Shelter"
        value={place.shelter}
        options={SHELTERS}
        names={SHELTER_NAMES}
        width={160}
        onChange={(shelter) => set({ shelter })}
      />
      <NumberBox
        label="Latitude"
        unit="°"
        value={place.lat}
        min={-90}
        max={90}
        step={0.1}
        width={116}
        onChange={(lat) => set({ lat })}
        fault={desk.faultAt('place.lat')}
      />
      <NumberBox
        label="Longitude"
        unit="°"
        value={place.lon}
        min={-180}
        max={180}
        step={0.1}
        width={116}
        onChange={(lon) => set({ lon })}
        fault={desk.faultAt('place.lon')}
      />
      <TextField
        size="small"
        label="Time zone"
        value={place.tz}
        error={desk.faultAt('place.tz') !== null}
        helperText={desk.faultAt('place.tz') ?? undefined}
        onChange={(e) => set({ tz: e.target.value.slice(0, 60) })}
        sx={{ width: 170 }}
      />
    </div>
  );
}

export function HoursEditor({ desk }: { desk: Desk }) {
  const hours = desk.job.freeHours;
  const [busy, setBusy] = useState('');
  const set = (freeHours: FreeHours): void => desk.edit((j) => ({ ...j, freeHours }));
  const day = (d: (typeof WEEKDAYS)[number], spans: [string, string][]): void =>
    set({ ...hours, weekly: { ...hours.weekly, [d]: spans } });
  return (
    <div style={{ display: 'grid', gap: 6 }}>
      {WEEKDAYS.map((d) => (
        <div key={d} className="row" style={{ minHeight: 32 }}>
          <span style={{ width: 34 }} className="small">
            {DAY_NAMES[d]}
          </span>
          {hours.weekly[d].length === 0 && <span className="small muted">not free</span>}
          {hours.weekly[d].map((s, i) => (
            <span key={i} className="row" style={{ gap: 4 }}>
              <ClockBox
                label={`${DAY_NAMES[d]} from`}
                value={s[0]}
                onChange={(v) =>
                  day(
                    d,
                    hours.weekly[d].map((x, k) => (k === i ? [v, x[1]] : x)),
                  )
                }
              />
              <span className="muted">to</span>
              <ClockBox
                label={`${DAY_NAMES[d]} to`}
                value={s[1]}
                onChange={(v) =>
                  day(
                    d,
                    hours.weekly[d].map((x, k) => (k === i ? [x[0], v] : x)),
                  )
                }
              />
              <Button
                size="small"
                sx={{ minWidth: 30, px: 0.5 }}
                aria-label={`Not free ${DAY_NAMES[d]} ${s[0]} to ${s[1]}`}
                onClick={() =>
                  day(
                    d,
                    hours.weekly[d].filter((_x, k) => k !== i),
                  )
                }
              >
                ×
              </Button>
              {s[0] >= s[1] && (
                <span className="small" style={{ color: 'var(--oxide-ink)' }}>
                  Start before the end.
                </span>
              )}
            </span>
          ))}
          {hours.weekly[d].length < 3 && (
            <Button
              size="small"
              onClick={() =>
                day(d, [
                  ...hours.weekly[d],
                  hours.weekly[d].length === 0 ? ['17:00', '20:00'] : ['20:30', '21:30'],
                ])
              }
              aria-label={`Add hours on ${DAY_NAMES[d]}`}
            >
              + hours
            </Button>
          )}
        </div>
      ))}
      <div className="row">
        <input
          className="field"
          type="date"
          aria-label="A day that is not free"
          value={busy}
          onChange={(e) => setBusy(e.target.value)}
        />
        <Button
          size="small"
          variant="outlined"
          disabled={!/^\d{4}-\d\d-\d\d$/.test(busy)}
          onClick={() => {
            set({
              ...hours,
              exceptions: [...hours.exceptions.filter((e) => e.date !== busy), { date: busy, spans: [] }],
            });
            setBusy('');
          }}
        >
          Not free that day
        </Button>
        {hours.exceptions.map((e) => (
          <Button
            key={e.date}
            size="small"
            onClick={() => set({ ...hours, exceptions: hours.exceptions.filter((x) => x.date !== e.date) })}
          >
            {e.date} {e.spans.length === 0 ? 'not free' : e.spans.map((s) => s.join('–')).join(', ')} ×
          </Button>
        ))}
      </div>
    </div>
  );
}
