/** A plan as entries of the owner's own calendar: what hands do, when to look again, and until when it may rest. */
import { agendaOf } from '@/core/schedule/agenda';
import { DAY, instantOf, MINUTE } from '@/core/time/instant';
import type { CalendarEntry } from '@/formats/calendar/write';
import type { Busy, BusyAsked } from '@/formats/calendar/busy';
import type { Plan, Session } from '@/model/plan';
import type { Product } from '@/model/product';
import { counted, percentOf, type Format } from '@/words/format';
import { restLine, visitTitle } from './agenda';
import { inAList, sessionName, uncapital } from './session-name';
import { taskTitle } from './task-words';
import { spoilers, startLine } from './window';

/** Minutes before: the evening before and an hour for a session, a quarter of an hour for other work. [M] */
const SESSION_ALARMS = [720, 60] as const;
const WORK_ALARMS = [15] as const;
const LOOK_MIN = 15;

export interface CalendarOf {
  readonly id: string;
  readonly job: string;
  readonly place: string | undefined;
}

interface Told {
  readonly plan: Plan;
  readonly products: readonly Product[];
  readonly of: CalendarOf;
  readonly f: Format;
}

function sessionEntry(session: Session, { plan, products, of, f }: Told): CalendarEntry {
  const spoiled = spoilers(session);
  const lines = [
    startLine(session, products, f),
    `${percentOf(session.chance)} % as planned.`,
    ...(spoiled === '' ? [] : [`What can spoil it: ${spoiled}.`]),
    restLine(session, f) ?? '',
  ];
  return {
    id: `${of.id}-${session.id}`,
    startMs: instantOf(session.startsAt),
    endMs: instantOf(session.handsOffAt),
    title: `${of.job}: ${uncapital(sessionName(plan, session))}`,
    text: lines.filter((l) => l !== '').join('\n'),
    ...(of.place !== undefined && { where: of.place }),
    alarmsMin: SESSION_ALARMS,
  };
}

function lookEntry({ plan, of }: Told): CalendarEntry[] {
  const { decision } = plan;
  if (!decision || decision.act === 'go' || decision.nextLookAt === null) return [];
  const startMs = instantOf(decision.nextLookAt);
  return [
    {
      id: `${of.id}-look`,
      startMs,
      endMs: startMs + LOOK_MIN * MINUTE,
      title: `${of.job}: look at the forecast again`,
      text: 'The plan waits for news: start, or wait on.',
      alarmsMin: [0],
    },
  ];
}

/** In the order they begin. */
export function calendarEntries(told: Told): CalendarEntry[] {
  const { plan, products, of } = told;
  const work = agendaOf(plan).map((entry): CalendarEntry => {
    if (entry.kind === 'session') return sessionEntry(entry.of, told);
    const visit = entry.of;
    return {
      id: `${of.id}-${visit.id}`,
      startMs: instantOf(visit.startsAt),
      endMs: instantOf(visit.endsAt),
      title: `${of.job}: ${uncapital(visitTitle(plan, visit))}`,
      text: visit.tasks.map((t) => taskTitle(plan, products, t)).join(', '),
      alarmsMin: WORK_ALARMS,
    };
  });
  return [...lookEntry(told), ...work].sort((a, b) => a.startMs - b.startMs);
}

/** Days of a calendar that are looked at. */
const BUSY_DAYS = 14;

export const busyAsked = (nowMs: number, tz: string): BusyAsked => ({
  fromMs: nowMs,
  toMs: nowMs + BUSY_DAYS * DAY,
  tz,
});

/** What a calendar came to, in a sentence. */
export function busySaid({ spans, events, daysLeft, unread }: Busy): string {
  const left = [
    ...(daysLeft > 0 ? [`${counted(daysLeft, 'whole day')} not marked as busy`] : []),
    ...(unread > 0 ? [`${counted(unread, 'event')} with a date that cannot be read`] : []),
  ];
  const beside = left.length > 0 ? ` Left out: ${inAList(left)}.` : '';
  if (spans.length === 0) return `Nothing in the next ${BUSY_DAYS} days takes your hours.${beside}`;
  const stretches = spans.length === 1 ? '1 busy stretch' : `${spans.length} busy stretches`;
  return `${counted(events, 'event')} taken as ${stretches} of the next ${BUSY_DAYS} days.${beside}`;
}
