/** Edits of what the job is for, where it is done and when there is time. */
import { isoOf, type Span as Stretch } from '../time/instant';
import type { FreeHours, Job, Purpose } from '@/model/job';
import type { WEEKDAYS } from '@/model/lists';

export const patchPurpose = (job: Job, patch: Partial<Purpose>): Job => ({
  ...job,
  purpose: { ...job.purpose, ...patch },
});
export const patchColour = (job: Job, patch: Partial<Purpose['colour']>): Job =>
  patchPurpose(job, { colour: { ...job.purpose.colour, ...patch } });

/** What the part will meet: one more thing, or one less. */
export function setExposure(job: Job, what: Purpose['exposure'][number], on: boolean): Job {
  const others = job.purpose.exposure.filter((x) => x !== what);
  return patchPurpose(job, { exposure: on ? [...others, what] : others });
}

export const isDay = (text: string): boolean => /^\d{4}-\d\d-\d\d$/.test(text);

/** The day it must be ready (yyyy-mm-dd); anything else means no day. */
export function setDeadline(job: Job, day: string): Job {
  const { deadline: _was, ...purpose } = job.purpose;
  if (isDay(day)) return { ...job, purpose: { ...purpose, deadline: day } };
  const { deadlineHour: _hour, ...without } = purpose;
  return { ...job, purpose: without };
}

/** The hour of that day (hh:mm); 24:00 is its end and says nothing. */
export function setDeadlineHour(job: Job, hour: string): Job {
  const { deadlineHour: _was, ...purpose } = job.purpose;
  return { ...job, purpose: hour === '24:00' ? purpose : { ...purpose, deadlineHour: hour } };
}

type Weekday = (typeof WEEKDAYS)[number];
type Span = FreeHours['weekly'][Weekday][number];
/** The longest list of free hours a day may have. */
export const MOST_SPANS = 3;
const EVENING: Span = ['17:00', '20:00'];
const LATE: Span = ['20:30', '21:30'];

function withSpans(job: Job, day: Weekday, spans: readonly Span[]): Job {
  const { freeHours } = job;
  return { ...job, freeHours: { ...freeHours, weekly: { ...freeHours.weekly, [day]: [...spans] } } };
}

/** More free hours on a day of the week: the evening, or late when there are some. */
export function addHours(job: Job, day: Weekday): Job {
  const spans = job.freeHours.weekly[day];
  return withSpans(job, day, [...spans, spans.length === 0 ? EVENING : LATE]);
}
export const setHours = (job: Job, day: Weekday, at: number, span: Span): Job =>
  withSpans(
    job,
    day,
    job.freeHours.weekly[day].map((s, i) => (i === at ? span : s)),
  );
export const removeHours = (job: Job, day: Weekday, at: number): Job =>
  withSpans(job, day, job.freeHours.weekly[day].toSpliced(at, 1));

function withExceptions(job: Job, exceptions: FreeHours['exceptions']): Job {
  return { ...job, freeHours: { ...job.freeHours, exceptions } };
}
const otherDays = (job: Job, date: string): FreeHours['exceptions'] =>
  job.freeHours.exceptions.filter((e) => e.date !== date);

/** Hours taken out of a calendar, in place of those taken before; none takes them all back. */
export function setBusy(job: Job, spans: readonly Stretch[]): Job {
  const { busy: _was, ...hours } = job.freeHours;
  const busy = spans.map((s): [string, string] => [
    isoOf(s.startMs, job.place.tz),
    isoOf(s.endMs, job.place.tz),
  ]);
  return { ...job, freeHours: busy.length > 0 ? { ...hours, busy } : hours };
}

/** A date (yyyy-mm-dd) that is not free whatever the weekday says. */
export const blockDay = (job: Job, date: string): Job =>
  withExceptions(job, [...otherDays(job, date), { date, spans: [] }]);
export const unblockDay = (job: Job, date: string): Job => withExceptions(job, otherDays(job, date));
