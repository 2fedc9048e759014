'use client';
/** The step in hand, with the clock running: what it waits for, what to do next, the life of the can. */
import { useEffect, useState, type ReactNode } from 'react';
import Button from '@mui/material/Button';
import { isoOf } from '@/core/time/instant';
import type { Task } from '@/model/plan';
import { durationOf, type Format } from '@/words/format';
import { inSentence } from './task-words';
import { say } from '@/words/say';
import { HoldButton } from '../parts/hold-button';

const MIN = 60_000;
const HOUR = 60 * MIN;
const two = (n: number): string => String(n).padStart(2, '0');
/** 8:52 under an hour, in words above. */
const timer = (ms: number): string => {
  const s = Math.max(0, Math.ceil(ms / 1000));
  return s < 3600 ? `${Math.floor(s / 60)}:${two(s % 60)}` : durationOf(s / 60);
};

export interface NowCardProps {
  readonly task: Task;
  readonly title: string;
  readonly f: Format;
  readonly tz: string;
  readonly clock: () => number;
  /** When what the task waits for began, ms; null when it waits for nothing but its hour. */
  readonly sinceMs: number | null;
  readonly activated: { readonly atMs: number; readonly endMs: number } | null;
  readonly onDone: () => void;
  readonly tiles: ReactNode;
}

export function NowCard({ task, title, f, tz, clock, sinceMs, activated, onDone, tiles }: NowCardProps) {
  // The page is drawn on the server with its clock; the browser's runs from the first second on.
  const [now, setNow] = useState(clock);
  useEffect(() => {
    const tick = setInterval(() => setNow(clock()), 1000);
    return () => clearInterval(tick);
  }, [clock]);
  const left = Date.parse(task.startsAt) - now;
  const soon = left < 3 * HOUR;
  useEffect(() => {
    // A phone at the bench must not go dark while a flash runs.
    if (!soon || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let over = false;
    navigator.wakeLock.request('screen').then(
      (l) => {
        if (over) void l.release();
        else lock = l;
      },
      () => undefined,
    );
    return () => {
      over = true;
      void lock?.release();
    };
  }, [soon]);
  const ready = left <= 0;
  const coat = task.kind === 'coat';
  const firm = task.kind === 'activate' || (coat && !ready && sinceMs !== null);
  const share =
    sinceMs === null
      ? null
      : Math.min(1, Math.max(0, (now - sinceMs) / Math.max(1, Date.parse(task.startsAt) - sinceMs)));
  const done = coat
    ? 'Coat is on'
    : task.kind === 'activate'
      ? title.startsWith('Mix ')
        ? 'It is mixed'
        : 'Can is activated'
      : `Done: ${inSentence(title, task.kind)}`;
  return (
    <section className="panel nowcard noprint" aria-label="Now">
      <p className="muted">
        {ready ? 'Now' : sinceMs !== null ? 'Flash off, leave it alone' : `Next, ${soon ? 'in' : 'at'}`}
      </p>
      <p
        className="timer"
        data-long={!ready && (!soon || left > HOUR)}
        role="timer"
        aria-label={ready ? 'ready' : `ready in ${durationOf(left / MIN)}`}
      >
        {ready ? 'ready' : soon ? timer(left) : f.time(task.startsAt)}
      </p>
      {share !== null && !ready && (
        <svg viewBox="0 0 400 34" width="100%" height="34" preserveAspectRatio="none" aria-hidden="true">
          <rect width="400" height="34" fill="var(--pot)" stroke="var(--lagoon)" />
          <rect width={400 * share} height="34" fill="var(--lagoon)" />
        </svg>
      )}
      <h2>
        {ready
          ? title
          : `At ${f.time(task.startsAt)}${soon ? '' : `, ${f.day(task.startsAt)}`}: ${inSentence(title, task.kind)}`}
      </h2>
      <p>{say(task.detail, f)}</p>
      {activated && (
        <div>
          <p style={{ display: 'flex', justifyContent: 'space-between', gap: 10 }}>
            <b>Pot life {durationOf(Math.max(0, activated.endMs - now) / MIN)}</b>
            <span className="muted">label’s end {f.dayTime(isoOf(activated.endMs, tz))}</span>
          </p>
          <svg viewBox="0 0 400 40" width="100%" height="40" preserveAspectRatio="none" aria-hidden="true">
            {(() => {
              const u = Math.min(1, Math.max(0, (now - activated.atMs) / (activated.endMs - activated.atMs)));
              return (
                <>
                  <path d="M0 0L400 40H0z" fill="var(--pot)" />
                  <path d={`M${400 * u} ${40 * u}L400 40H${400 * u}z`} fill="var(--lagoon)" />
                  <path d={`M${400 * u} 0V40`} stroke="var(--ink)" strokeWidth="3" />
                </>
              );
            })()}
          </svg>
        </div>
      )}
      {tiles}
      {firm ? (
        <HoldButton
          variant="contained"
          className="big"
          onConfirm={onDone}
          confirmText={`Yes, ${done.toLowerCase()}`}
        >
          {coat ? `Too soon, ${timer(left)}` : done}
        </HoldButton>
      ) : (
        <Button variant="contained" className="big" onClick={onDone}>
          {done}
        </Button>
      )}
    </section>
  );
}
