'use client';
/** Looks every second, in a worker's time, whether somebody is to be called; one tab of several does it. */
import { useEffect, useRef, useState } from 'react';
import { alarmKey, alarmsOf, dueNow, type Alarm } from '@/core/alarms';
import { MINUTE } from '@/core/time/instant';
import { sayAlarm } from '@/words/sentences/alarms';
import { useDesk } from '../desk/job-desk';
import { startMsOf } from '../views/spray-day';
import { calledOn, claim, voicesOn } from './kept';
import type { Voices } from './voices';

const BLINK_MS = 80;

/** Time that runs on where the tab is hidden. */
interface Ticking {
  /** A blink later. */
  readonly blink: () => Promise<void>;
  readonly stop: () => void;
}

function inWorker(run: () => void): Ticking {
  const worker = new Worker(new URL('../../workers/tick.worker.ts', import.meta.url), { type: 'module' });
  const waiting: (() => void)[] = [];
  worker.onmessage = ({ data }: MessageEvent<'tick' | 'waited'>) => {
    if (data === 'tick') run();
    else waiting.shift()?.();
  };
  return {
    blink: () =>
      new Promise((done) => {
        waiting.push(done);
        worker.postMessage(BLINK_MS);
      }),
    stop: () => worker.terminate(),
  };
}

function byPage(run: () => void): Ticking {
  const timer = setInterval(run, 1000);
  return { blink: () => new Promise((done) => setTimeout(done, BLINK_MS)), stop: () => clearInterval(timer) };
}

/** Every second; by the page's own timer where there are no workers. */
function everySecond(run: () => void): Ticking {
  try {
    return inWorker(run);
  } catch {
    return byPage(run);
  }
}

/** @returns what was called last, to be read; null once it was */
export function useAlarms(voices: Voices): { said: string | null; hush: () => void } {
  const { id, plan, job, products, clock } = useDesk();
  const [said, setSaid] = useState<string | null>(null);
  const coat = plan.sessions[0]?.tasks.find((t) => t.kind === 'coat');
  const startMs = coat && plan.waiting ? startMsOf(coat, plan.waiting) : null;
  const alarms = useRef<readonly Alarm[]>([]);
  useEffect(() => {
    alarms.current = alarmsOf({ plan, job, products }, startMs);
  }, [plan, job, products, startMs]);
  useEffect(() => {
    const me = `${Date.now()}-${Math.random()}`;
    const seen = new Map<string, number>();
    const call = async (a: Alarm, nowMs: number): Promise<void> => {
      const key = alarmKey(a);
      seen.set(key, a.atMs);
      const text = sayAlarm(a, (nowMs - a.atMs) / MINUTE);
      setSaid(text);
      const mine = { jobId: id, key, atMs: a.atMs, me };
      const isMine = await claim(localStorage, mine, ticking.blink);
      if (!isMine) return;
      for (const voice of voicesOn(localStorage)) if (voices.can(voice)) voices.call(voice, text);
    };
    const look = (): void => {
      const nowMs = clock();
      const called = new Map([...calledOn(localStorage, id), ...seen]);
      for (const a of dueNow(alarms.current, called, nowMs)) void call(a, nowMs);
    };
    const ticking = everySecond(look);
    return ticking.stop;
  }, [id, clock, voices]);
  return { said, hush: () => setSaid(null) };
}
