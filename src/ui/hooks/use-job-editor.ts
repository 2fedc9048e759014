'use client';
/**
 * The draft of a job: every edit is shown at once, saved a moment later, and can be undone. A save
 * that the server refuses leaves the draft as it is and says why; a lost connection is tried again.
 */
import { useCallback, useEffect, useRef, useState } from 'react';
import { useRouter } from 'next/navigation';
import type { Job } from '@/model/job';

export interface Fault { readonly path: string; readonly expected: string }
export type SaveState =
  | { readonly kind: 'saved' } | { readonly kind: 'saving' }
  | { readonly kind: 'refused'; readonly message: string; readonly faults: readonly Fault[] }
  | { readonly kind: 'stale'; readonly message: string } | { readonly kind: 'offline' };

const WAIT_MS = 300, RETRY_MS = 2500, UNDO_DEPTH = 60;

export interface JobEditor {
  readonly job: Job; readonly state: SaveState;
  edit(change: (job: Job) => Job): void;
  undo: (() => void) | null;
  faultAt(path: string): string | null;
}

export function useJobEditor(id: string, version: number, serverJob: Job): JobEditor {
  const router = useRouter();
  const [job, setJob] = useState(serverJob);
  const [state, setState] = useState<SaveState>({ kind: 'saved' });
  const [past, setPast] = useState<readonly Job[]>([]);
  const [seen, setSeen] = useState(version);
  const pending = useRef<Job | null>(null);
  const current = useRef(version);
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  const busy = useRef(false);

  // A newer version from the server (another stage, a tick) replaces the draft when nothing waits to be saved.
  if (version > seen) { setSeen(version); if (state.kind === 'saved') setJob(serverJob); }
  useEffect(() => { if (version > current.current) current.current = version; }, [version]);

  const push = useCallback(async (): Promise<void> => {
    if (busy.current || pending.current === null) return;
    busy.current = true;
    const sent = pending.current;
    setState({ kind: 'saving' });
    let again: number | null = null;
    try {
      const r = await fetch(`/api/jobs/${id}`, { method: 'PUT', headers: { 'content-type': 'application/json' }, keepalive: true, body: JSON.stringify({ version: current.current, job: sent }) });
      const answer = await r.json() as { version?: number; error?: string; faults?: Fault[] };
      if (r.ok && answer.version !== undefined) {
        current.current = answer.version;
        if (pending.current === sent) { pending.current = null; setSeen(answer.version); setState({ kind: 'saved' }); router.refresh(); } else again = 0;
      } else if (r.status === 409) setState({ kind: 'stale', message: answer.error ?? 'Changed in another tab.' });
      else setState({ kind: 'refused', message: answer.error ?? 'Not saved.', faults: answer.faults ?? [] });
    } catch {
      setState({ kind: 'offline' });
      again = RETRY_MS;
    } finally { busy.current = false; }
    if (again !== null) timer.current = setTimeout(() => { void push(); }, again);
  }, [id, router]);

  const set = useCallback((next: Job): void => {
    setJob(next);
    pending.current = next;
    if (timer.current) clearTimeout(timer.current);
    timer.current = setTimeout(() => { void push(); }, WAIT_MS);
  }, [push]);

  // Leaving the page with an edit still waiting: send it at once.
  useEffect(() => {
    const leave = (): void => { void push(); };
    window.addEventListener('pagehide', leave);
    return () => { window.removeEventListener('pagehide', leave); if (timer.current) clearTimeout(timer.current); void push(); };
  }, [push]);

  return {
    job, state,
    edit: (change) => { const next = change(job); setPast((p) => [...p, job].slice(-UNDO_DEPTH)); set(next); },
    undo: past.length > 0 ? () => { const last = past[past.length - 1]!; setPast((p) => p.slice(0, -1)); set(last); } : null,
    faultAt: (path) => (state.kind === 'refused' ? state.faults.find((f) => f.path === path || f.path.startsWith(`${path}.`) || f.path.startsWith(`${path}[`)) : undefined)?.expected ?? null,
  };
}
