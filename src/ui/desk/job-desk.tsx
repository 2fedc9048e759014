'use client';
/**
 * One job on the desk, whatever stage is open: its draft, its plan, and whether it is saved. Every
 * edit shows at once, is planned in the worker, saved a moment later, and can be taken back.
 */
import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
  type ReactNode,
} from 'react';
import type { AirView } from '@/core/air/view';
import { CATALOGUE, productsOf } from '@/core/coating/catalogue';
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import type { Product } from '@/model/product';
import type { Steps, StepSide } from '@/usecases/ports';
import type { JobView } from '@/usecases/view-job';
import { PlanClient } from '@/workers/client';
import type { Answer } from '@/workers/protocol';
import { Saver, type Reply, type SaveState, type Transport } from './saver';
import { keepUnsaved, unsavedOf } from './unsaved-shelf';

export interface Desk {
  readonly id: string;
  readonly job: Job;
  readonly plan: Plan;
  readonly air: AirView;
  readonly products: readonly Product[];
  readonly nowMs: number;
  readonly state: SaveState;
  readonly steps: Steps;
  /** What went wrong outside a field: an undo that failed, a planner that stopped. */
  readonly message: string | null;
  edit(change: (job: Job) => Job): void;
  step(side: StepSide): void;
  resolve(whose: 'mine' | 'theirs'): void;
  faultAt(path: string): string | null;
  /** The clock of the workshop now, ms. */
  clock(): number;
}

const DeskContext = createContext<Desk | null>(null);

export function useDesk(): Desk {
  const desk = useContext(DeskContext);
  if (!desk) throw new Error('useDesk outside a job');
  return desk;
}

const asReply = async (r: Response): Promise<Reply> => ({
  status: r.status,
  body: (await r.json()) as Reply['body'],
});
const send = (url: string, method: string, body: unknown): Promise<Reply> =>
  fetch(url, {
    method,
    headers: { 'content-type': 'application/json' },
    keepalive: true,
    body: JSON.stringify(body),
  }).then(asReply);
const transportTo = (id: string): Transport => ({
  put: (version, job) => send(`/api/jobs/${id}`, 'PUT', { version, job }),
  step: (version, side) => send(`/api/jobs/${id}/step`, 'POST', { version, side }),
});

/** How long after a save the page asks for the server's own view, and how often it does so anyway. */
const AFTER_SAVE_MS = 250;
const EVERY_MS = 60_000;
const inText = (t: EventTarget | null): boolean =>
  t instanceof HTMLElement && (t.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(t.tagName));

export function JobDesk({ initial, children }: { initial: JobView; children: ReactNode }) {
  const { id } = initial;
  const [view, setView] = useState(initial);
  const [job, setJob] = useState(initial.job);
  const [state, setState] = useState<SaveState>({ kind: 'saved' });
  const [steps, setSteps] = useState<Steps>(initial.steps);
  const [message, setMessage] = useState<string | null>(null);
  const [planFault, setPlanFault] = useState<string | null>(null);
  const [local, setLocal] = useState<{ job: Job; answer: Answer } | null>(null);
  const [savedAt, setSavedAt] = useState(0);
  const seenAt = useRef({ nowMs: initial.nowMs, at: 0 });
  const [saver] = useState(
    () =>
      new Saver(initial, transportTo(id), {
        state: setState,
        draft: setJob,
        keep: (u) => keepUnsaved(id, u),
        saved: (version, s) => {
          setSteps(s);
          setSavedAt(version);
        },
      }),
  );
  const clock = useCallback(
    (): number =>
      seenAt.current.at === 0
        ? seenAt.current.nowMs
        : seenAt.current.nowMs + performance.now() - seenAt.current.at,
    [],
  );

  // The server's own view after each save and once a minute: new weather, other tabs, the clock.
  const ask = useCallback(async (): Promise<void> => {
    if (document.visibilityState === 'hidden' || !saver.idle) return;
    const r = await fetch(`/api/jobs/${id}`).catch(() => null);
    if (!r?.ok) return;
    const v = (await r.json()) as JobView;
    if (!saver.adopt(v.version, v.job)) return;
    seenAt.current = { nowMs: v.nowMs, at: performance.now() };
    setView(v);
    setJob(v.job);
    setSteps(v.steps);
  }, [id, saver]);
  useEffect(() => {
    if (savedAt === 0) return;
    const soon = setTimeout(() => void ask(), AFTER_SAVE_MS);
    return () => clearTimeout(soon);
  }, [savedAt, ask]);
  useEffect(() => {
    seenAt.current = { nowMs: seenAt.current.nowMs, at: performance.now() };
    const timer = setInterval(() => void ask(), EVERY_MS);
    const seen = (): void => {
      void ask();
    };
    const leave = (): void => saver.flush();
    document.addEventListener('visibilitychange', seen);
    window.addEventListener('pagehide', leave);
    const unsaved = unsavedOf(id);
    if (unsaved) saver.recover(unsaved);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', seen);
      window.removeEventListener('pagehide', leave);
      saver.stop();
      saver.flush();
    };
  }, [id, saver, ask]);

  // The planning worker, warm from the start; a new issue of the forecast needs a new one.
  const client = useRef<PlanClient | null>(null);
  const { forecast, issuedMs } = view;
  const startWith = useRef(view);
  useEffect(() => {
    const made = new PlanClient(startWith.current.job, forecast, startWith.current.nowMs, issuedMs);
    client.current = made;
    return () => {
      client.current = null;
      made.close();
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the forecast is a new object with every view, its issue is not
  }, [issuedMs, view.job.place.lat, view.job.place.lon]);
  useEffect(() => {
    if (job === view.job) return;
    let over = false;
    client.current?.plan(job, clock()).then(
      (answer) => {
        if (answer && !over) {
          setPlanFault(null);
          setLocal({ job, answer });
        }
      },
      (e: Error) => {
        if (!over)
          setPlanFault(`The planner on this page stopped (${e.message}). Reload the page; nothing is lost.`);
      },
    );
    return () => {
      over = true;
    };
  }, [job, view.job, clock]);

  const edit = useCallback(
    (change: (j: Job) => Job): void => {
      const next = change(saver.draft);
      setMessage(null);
      setJob(next);
      saver.change(next);
    },
    [saver],
  );
  const step = useCallback(
    (side: StepSide): void => {
      void saver.step(side).then(setMessage);
    },
    [saver],
  );
  useEffect(() => {
    const onKey = (e: KeyboardEvent): void => {
      if (!(e.ctrlKey || e.metaKey) || e.altKey || inText(e.target)) return;
      const key = e.key.toLowerCase();
      const side: StepSide | null =
        key === 'z' ? (e.shiftKey ? 'redo' : 'undo') : key === 'y' ? 'redo' : null;
      if (side) {
        e.preventDefault();
        step(side);
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [step]);

  const products = useMemo(() => [...productsOf(CATALOGUE, job.products).values()], [job.products]);
  // The draft's own plan; until the worker has it, the last one there was.
  const mine = local && (local.job === job || job !== view.job) ? local.answer : view;
  const desk: Desk = {
    id,
    job,
    plan: mine.plan,
    air: mine.air,
    products,
    nowMs: view.nowMs,
    state,
    steps,
    message: message ?? (state.kind === 'saved' ? planFault : null),
    edit,
    step,
    clock,
    resolve: (whose) => saver.resolve(whose),
    faultAt: (path) =>
      (state.kind === 'refused'
        ? state.faults.find(
            (f) => f.path === path || f.path.startsWith(`${path}.`) || f.path.startsWith(`${path}[`),
          )
        : undefined
      )?.expected ?? null,
  };
  return <DeskContext value={desk}>{children}</DeskContext>;
}
