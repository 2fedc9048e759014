'use client';
/** The step in hand, with the clock running: what it waits for, what to do next, the life of the can. */
import type { ReactNode } from 'react';
import Button from '@mui/material/Button';
import { isoOf } from '@/core/time/instant';
import type { Task } from '@/model/plan';
import type { WaitingFilm } from '@/model/waiting';
import { durationOf, type Format } from '@/words/format';
import { sayTask } from '@/words/sentences/tasks';
import { Hazards } from '../parts/hazards';
import { HoldButton } from '../parts/hold-button';
import {
  doneLabel,
  handsOnText,
  nowView,
  potLeft,
  startMsOf,
  soonText,
  timerText,
  waitLabel,
  type HandsOn,
  type NowView,
  type RunningPot,
} from '../views/spray-day';
import { inSentence } from '../views/task-words';
import { FilmDial } from '../drawings/film-dial';
import { dialView, feltLine, overLine } from '../views/dial';
import { useEvery } from './use-every';
import { useWakeLock } from './wake-lock';

export interface NowCardProps {
  readonly task: Task;
  readonly title: string;
  readonly f: Format;
  readonly tz: string;
  readonly clock: () => number;
  /** When what the task waits for began, ms; null when it waits for nothing but its hour. */
  readonly sinceMs: number | null;
  readonly activated: RunningPot | null;
  /** What is open of the hour before the first coat, said once; null where nothing is. */
  readonly hourOpen: string | null;
  readonly onDone: () => void;
  /** The film it waits for, how it is laid, what may be done meanwhile. */
  readonly more: NowMore;
}

export interface NowMore {
  readonly film: WaitingFilm | null;
  readonly onFelt: (felt: 'strings' | 'dry') => void;
  /** Whether hands are at it; null of one that is a single press. */
  readonly handsOn: HandsOn | null;
  readonly onStart: (isBegun: boolean) => void;
  /** What has to be so before it is done. */
  readonly checks: readonly string[];
  readonly lay: readonly string[];
  /** Of cans that are alive, what is written on them. */
  readonly labels: readonly string[];
  readonly meanwhile: string | null;
  readonly tiles: ReactNode;
}

export function NowCard(props: NowCardProps) {
  const { task, title, f, tz, clock, sinceMs, activated, hourOpen, onDone, more } = props;
  const nowMs = useEvery(1000, clock);
  const startMs = startMsOf(task, more.film);
  const now = nowView(task, nowMs, sinceMs, startMs);
  const at = isoOf(startMs, tz);
  useWakeLock(now.soon);
  const dial = more.film && dialView(more.film, nowMs, f);
  return (
    <section className="panel nowcard noprint" aria-label="Now">
      <p className="muted">{waitLabel(now, sinceMs)}</p>
      <Timer now={now} at={f.time(at)} />
      {dial && <FilmDial view={dial} />}
      {!dial && now.share !== null && !now.ready && <WaitBar share={now.share} />}
      <h2>
        {now.ready ? title : <AtItsHour at={at} name={inSentence(title, task.kind)} soon={now.soon} f={f} />}
      </h2>
      <p>{sayTask(task.detail, f)}</p>
      <DoneButton task={task} now={now} label={doneLabel(task, title)} hourOpen={hourOpen} onDone={onDone} />
      {!now.firm && <Begin handsOn={more.handsOn} nowMs={nowMs} onStart={more.onStart} />}
      {more.checks.length > 0 && (
        <ul className="checks">
          {more.checks.map((c) => (
            <li key={c}>{c}</li>
          ))}
        </ul>
      )}
      {more.lay.length > 0 && <LayList lines={more.lay} />}
      {more.film && dial && <Sense film={more.film} onFelt={more.onFelt} />}
      {more.meanwhile !== null && !now.ready && (
        <p>
          <b>Meanwhile:</b> {more.meanwhile}
        </p>
      )}
      <Hazards key={task.id} cells={task.cautions} open />
      {activated && (
        <Pot
          pot={activated}
          nowMs={nowMs}
          ends={f.dayTime(isoOf(activated.endMs, tz))}
          labels={more.labels}
        />
      )}
      {more.tiles}
    </section>
  );
}

function Timer({ now, at }: { now: NowView; at: string }) {
  const counting = now.soon ? timerText(now.leftMs) : at;
  const said = soonText(now);
  return (
    <p className="timer" data-long={now.long} role="timer" aria-label={said}>
      {now.ready ? 'ready' : counting}
    </p>
  );
}

function WaitBar({ share }: { share: number }) {
  return (
    <svg viewBox="0 0 400 34" width="100%" height="34" preserveAspectRatio="none" aria-hidden="true">
      <rect width="400" height="34" fill="var(--pot)" stroke="var(--lagoon)" />
      <rect width={400 * share} height="34" fill="var(--lagoon)" />
    </svg>
  );
}

interface AtItsHourProps {
  readonly at: string;
  readonly name: string;
  readonly soon: boolean;
  readonly f: Format;
}

function AtItsHour({ at, name, soon, f }: AtItsHourProps) {
  const day = soon ? '' : `, ${f.day(at)}`;
  return `At ${f.time(at)}${day}: ${name}`;
}

function LayList({ lines }: { lines: readonly string[] }) {
  return (
    <ul className="laylist">
      {lines.map((line) => (
        <li key={line}>{line}</li>
      ))}
    </ul>
  );
}

interface BeginProps {
  readonly handsOn: HandsOn | null;
  readonly nowMs: number;
  readonly onStart: NowMore['onStart'];
}

/** The begin of a task: what it really takes is learned from it. */
function Begin({ handsOn, nowMs, onStart }: BeginProps) {
  if (!handsOn) return null;
  const { sinceMs, plannedMin } = handsOn;
  if (sinceMs === null)
    return (
      <Button variant="outlined" className="big" onClick={() => onStart(true)}>
        I begin now
      </Button>
    );
  return (
    <p className="row" role="status">
      <b className="num">{handsOnText(sinceMs, plannedMin, nowMs)}</b>
      <Button size="small" onClick={() => onStart(false)}>
        Not begun
      </Button>
    </p>
  );
}

interface SenseProps {
  readonly film: WaitingFilm;
  readonly onFelt: NowMore['onFelt'];
}

/** A gloved finger at the masking, not at the part: its answer moves the clock. */
function Sense({ film, onFelt }: SenseProps) {
  const felt = feltLine(film);
  return (
    <div className="sense">
      <p>
        <b>Touch the masking with a gloved finger.</b> {felt} {overLine(film)}
      </p>
      <div className="yesno">
        <Button variant="outlined" onClick={() => onFelt('strings')}>
          It still strings
        </Button>
        <Button variant="outlined" onClick={() => onFelt('dry')}>
          Dull, no strings
        </Button>
      </div>
    </div>
  );
}

interface PotProps {
  readonly pot: RunningPot;
  readonly nowMs: number;
  readonly ends: string;
  readonly labels: readonly string[];
}

/** The life of an activated can as a wedge that is eaten up. */
function Pot({ pot, nowMs, ends, labels }: PotProps) {
  const { over, leftMin } = potLeft(pot, nowMs);
  const x = 400 * over;
  return (
    <div>
      <p className="is-flex jc-space-between gap-10">
        <b>Pot life {durationOf(leftMin)}</b>
        <span className="muted">label’s end {ends}</span>
      </p>
      <svg viewBox="0 0 400 40" width="100%" height="40" preserveAspectRatio="none" aria-hidden="true">
        <path d="M0 0L400 40H0z" fill="var(--pot)" />
        <path d={`M${x} ${40 * over}L400 40H${x}z`} fill="var(--lagoon)" />
        <path d={`M${x} 0V40`} stroke="var(--ink)" strokeWidth="3" />
      </svg>
      {labels.map((line) => (
        <p key={line} className="small">
          {line}
        </p>
      ))}
    </div>
  );
}

interface DoneButtonProps {
  readonly task: Task;
  readonly now: NowView;
  readonly label: string;
  readonly hourOpen: string | null;
  readonly onDone: () => void;
}

function DoneButton({ task, now, label, hourOpen, onDone }: DoneButtonProps) {
  if (hourOpen !== null)
    return (
      <HoldButton variant="contained" className="big" onConfirm={onDone} confirmText="Go on without them">
        {label}: {hourOpen}
      </HoldButton>
    );
  if (!now.firm)
    return (
      <Button variant="contained" className="big" onClick={onDone}>
        {label}
      </Button>
    );
  return (
    <HoldButton
      variant="contained"
      className="big"
      onConfirm={onDone}
      confirmText={`Yes, ${label.toLowerCase()}`}
    >
      {task.kind === 'coat' ? `Too soon, ${timerText(now.leftMs)}` : label}
    </HoldButton>
  );
}
