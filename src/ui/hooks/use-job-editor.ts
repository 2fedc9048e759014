'use client';
/** The draft of a job on a page: every edit shows at once, is saved a moment later, and can be undone. */
import { useEffect, useState } from 'react';
import { useRouter } from 'next/navigation';
import type { Job } from '@/model/job';
import { Saver, type SaveState, type Send } from './saver';

const UNDO_DEPTH = 60;

export interface JobEditor {
  readonly job: Job; readonly state: SaveState;
  edit(change: (job: Job) => Job): void;
  readonly undo: (() => void) | null;
  faultAt(path: string): string | null;
}

const sendTo = (id: string): Send => async (version, job) => {
  const r = await fetch(`/api/jobs/${id}`, { method: 'PUT', headers: { 'content-type': 'application/json' }, keepalive: true, body: JSON.stringify({ version, job }) });
  return { status: r.status, body: await r.json() as Awaited<ReturnType<Send>>['body'] };
};

export function useJobEditor(id: string, version: number, serverJob: Job): JobEditor {
  const router = useRouter();
  const [job, setJob] = useState(serverJob);
  const [state, setState] = useState<SaveState>({ kind: 'saved' });
  const [past, setPast] = useState<readonly Job[]>([]);
  const [seen, setSeen] = useState(version);
  const [saver] = useState(() => new Saver(version, sendTo(id), setState, (v) => { setSeen((was) => Math.max(was, v)); router.refresh(); }));

  // A newer version from the server replaces the draft when nothing waits to be saved.
  if (version > seen) { setSeen(version); if (state.kind === 'saved') setJob(serverJob); }
  useEffect(() => { saver.rebase(version); }, [saver, version]);
  useEffect(() => {
    const leave = (): void => saver.flush();
    window.addEventListener('pagehide', leave);
    return () => { window.removeEventListener('pagehide', leave); saver.stop(); saver.flush(); };
  }, [saver]);

  const set = (next: Job): void => { setJob(next); saver.change(next); };
  return {
    job, state,
    edit: (change) => { const next = change(job); setPast((p) => [...p, job].slice(-UNDO_DEPTH)); set(next); },
    undo: past.length > 0 ? () => { const last = past[past.length - 1]!; setPast((p) => p.slice(0, -1)); set(last); } : null,
    faultAt: (path) => (state.kind === 'refused' ? state.faults.find((f) => f.path === path || f.path.startsWith(`${path}.`) || f.path.startsWith(`${path}[`)) : undefined)?.expected ?? null,
  };
}
