'use client';
/** The server's own view of the job: after each save and once a minute, for new weather, other tabs and the clock. */
import { useCallback, useEffect } from 'react';
import type { JobView } from '@/usecases/view-job';
import type { Saver } from './saver';
import { unsavedOf } from './unsaved-shelf';

/** How long after a save the page asks, and how often it does so anyway. */
const AFTER_SAVE_MS = 250;
const EVERY_MS = 60_000;

/**
 * @param savedAt the version of the last save, 0 for none yet
 * @param onView a view that nothing on this page contradicts
 * @returns asks at once: what a plan rests on besides the job was changed
 */
export function useServerView(
  id: string,
  saver: Saver,
  savedAt: number,
  onView: (view: JobView) => void,
): () => void {
  const ask = useCallback(async (): Promise<void> => {
    if (document.visibilityState === 'hidden' || !saver.idle) return;
    const r = await fetch(`/api/jobs/${id}`).catch(() => null);
    if (!r?.ok) return;
    const view = (await r.json()) as JobView;
    if (saver.adopt(view.version, view.job)) onView(view);
  }, [id, saver, onView]);
  useEffect(() => {
    if (savedAt === 0) return;
    const soon = setTimeout(() => void ask(), AFTER_SAVE_MS);
    return () => clearTimeout(soon);
  }, [savedAt, ask]);
  useEffect(() => {
    const timer = setInterval(() => void ask(), EVERY_MS);
    const seen = (): void => {
      void ask();
    };
    document.addEventListener('visibilitychange', seen);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', seen);
    };
  }, [ask]);
  return useCallback(() => void ask(), [ask]);
}

/** What an earlier page could not save is taken up; on leaving, what waits is sent. */
export function useNothingLost(id: string, saver: Saver): void {
  useEffect(() => {
    const leave = (): void => saver.flush();
    window.addEventListener('pagehide', leave);
    const unsaved = unsavedOf(id);
    if (unsaved) saver.recover(unsaved);
    return () => {
      window.removeEventListener('pagehide', leave);
      saver.stop();
      saver.flush();
    };
  }, [id, saver]);
}
