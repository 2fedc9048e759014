'use client';
/** When: the free hours of each weekday, and the days that are not free whatever the weekday says. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import {
  addHours,
  blockDay,
  isDay,
  MOST_SPANS,
  removeHours,
  setHours,
  unblockDay,
} from '@/core/edits/purpose';
import { WEEKDAYS } from '@/model/lists';
import { useDesk } from '../desk/job-desk';
import { ClockBox } from '../parts/clock-box';
import { DateBox } from '../parts/date-box';
import { BusyPanel } from './busy-panel';

type Weekday = (typeof WEEKDAYS)[number];
const DAY_NAMES: Readonly<Record<Weekday, string>> = {
  mon: 'Mon',
  tue: 'Tue',
  wed: 'Wed',
  thu: 'Thu',
  fri: 'Fri',
  sat: 'Sat',
  sun: 'Sun',
};

export function HoursEditor() {
  return (
    <div className="is-grid gap-6">
      {WEEKDAYS.map((day) => (
        <DayRow key={day} day={day} />
      ))}
      <BlockedDays />
      <BusyPanel />
    </div>
  );
}

function DayRow({ day }: { day: Weekday }) {
  const desk = useDesk();
  const spans = desk.job.freeHours.weekly[day];
  return (
    <div className="row minh-32">
      <span className="small wide-34">{DAY_NAMES[day]}</span>
      {spans.length === 0 && <span className="small muted">not free</span>}
      {spans.map((_s, at) => (
        <SpanFields key={at} day={day} at={at} />
      ))}
      {spans.length < MOST_SPANS && (
        <Button
          size="small"
          onClick={() => desk.edit((j) => addHours(j, day))}
          aria-label={`Add hours on ${DAY_NAMES[day]}`}
        >
          + hours
        </Button>
      )}
    </div>
  );
}

function SpanFields({ day, at }: { day: Weekday; at: number }) {
  const desk = useDesk();
  const [from, to] = desk.job.freeHours.weekly[day][at]!;
  const name = DAY_NAMES[day];
  return (
    <span className="row gap-4">
      <ClockBox
        label={`${name} from`}
        value={from}
        onChange={(v) => desk.edit((j) => setHours(j, day, at, [v, to]))}
      />
      <span className="muted">to</span>
      <ClockBox
        label={`${name} to`}
        value={to}
        onChange={(v) => desk.edit((j) => setHours(j, day, at, [from, v]))}
      />
      <Button
        size="small"
        sx={{ minWidth: 30, px: 0.5 }}
        aria-label={`Not free ${name} ${from} to ${to}`}
        onClick={() => desk.edit((j) => removeHours(j, day, at))}
      >
        ×
      </Button>
      {from >= to && <span className="small ink-oxide-ink">Start before the end.</span>}
    </span>
  );
}

function BlockedDays() {
  const desk = useDesk();
  const [day, setDay] = useState('');
  const block = (): void => {
    desk.edit((j) => blockDay(j, day));
    setDay('');
  };
  return (
    <div className="row">
      <DateBox label="A day that is not free" value={day} onChange={setDay} />
      <Button size="small" variant="outlined" disabled={!isDay(day)} onClick={block}>
        Not free that day
      </Button>
      {desk.job.freeHours.exceptions.map((e) => (
        <Button key={e.date} size="small" onClick={() => desk.edit((j) => unblockDay(j, e.date))}>
          {e.date} {e.spans.length === 0 ? 'not free' : e.spans.map((s) => s.join('–')).join(', ')} ×
        </Button>
      ))}
    </div>
  );
}
