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
import { Saver, type SaveState } from './saver';
import { transportTo } from './transport';
import { keepUnsaved } from './unsaved-shelf';
import { useClock } from './use-clock';
import { usePlanner } from './use-planner';
import { useNothingLost, useServerView } from './use-server-view';
import { useUndoKeys } from './use-undo-keys';

export interface Desk {
  readonly id: string;
  readonly job: Job;
  readonly plan: Plan;
  readonly air: AirView;
  readonly products: readonly Product[];
  readonly nowMs: number;
  readonly state: SaveState;
  readonly steps: Steps;
  /** Where the weather is from, and when it was told. */
  readonly weather: Pick<JobView, 'weather' | 'issuedMs' | 'forecast'>;
  /** What was measured here, what other jobs take of the weeks, and the plan that was agreed to last. */
  readonly known: Pick<JobView, 'readings' | 'around' | 'agreed' | 'canUsers' | 'came' | 'beside'>;
  /** The weather was changed: the server's view is asked for. */
  refresh(): void;
  /** How often it was changed by hand on this page: what a save brings back is no change. */
  readonly edits: number;
  /** What went wrong outside a field: an undo that failed, a planner that stopped. */
  readonly message: string | null;
  /** The plan of the last change takes its time; null when it does not. */
  readonly longWork: { cancel(): void } | null;
  edit(change: (job: Job) => Job): void;
  /** The plan there would be after a change, before it is made; null where the page was left meanwhile. */
  attempt(change: (job: Job) => Job): Promise<Plan | null>;
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

/** What the server refused at a field or inside it; null when it took it. */
function faultAt(state: SaveState, path: string): string | null {
  if (state.kind !== 'refused') return null;
  const isInside = (p: string): boolean => p === path || p.startsWith(`${path}.`) || p.startsWith(`${path}[`);
  return state.faults.find((f) => isInside(f.path))?.expected ?? null;
}

/** The draft and its saver, and what the saver says. */
function useDraft(initial: JobView) {
  const { id } = initial;
  const [job, setJob] = useState(initial.job);
  const [state, setState] = useState<SaveState>({ kind: 'saved' });
  const [steps, setSteps] = useState<Steps>(initial.steps);
  const [savedAt, setSavedAt] = useState(0);
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
  return { job, setJob, state, steps, setSteps, savedAt, saver };
}

/** What is done by hand on this page: an edit, a step back or forward, and why a step failed. */
function useHand(saver: Saver, setJob: (job: Job) => void) {
  const [message, setMessage] = useState<string | null>(null);
  const [edits, setEdits] = useState(0);
  const edit = useCallback(
    (change: (j: Job) => Job): void => {
      const next = change(saver.draft);
      setMessage(null);
      setEdits((n) => n + 1);
      setJob(next);
      saver.change(next);
    },
    [saver, setJob],
  );
  const step = useCallback(
    (side: StepSide): void => {
      setEdits((n) => n + 1);
      void saver.step(side).then(setMessage);
    },
    [saver],
  );
  return { edit, step, edits, message };
}

interface JobDeskProps {
  readonly initial: JobView;
  /** How much faster than any other the workshop's clock runs. */
  readonly pace?: number;
  readonly children: ReactNode;
}

export function JobDesk({ initial, pace = 1, children }: JobDeskProps) {
  const { id } = initial;
  const { job, setJob, state, steps, setSteps, savedAt, saver } = useDraft(initial);
  const [view, setView] = useState(initial);
  const { edit, step, edits, message } = useHand(saver, setJob);
  const onJump = useRef<() => void>(() => undefined);
  const { now, set: setClock } = useClock(initial.nowMs, {
    onJump: useCallback(() => onJump.current(), []),
    pace,
  });
  const onView = useCallback(
    (jobView: JobView): void => {
      setClock(jobView.nowMs);
      setView(jobView);
      setJob(jobView.job);
      setSteps(jobView.steps);
    },
    [setClock, setJob, setSteps],
  );
  const refresh = useServerView(id, saver, savedAt, onView);
  useEffect(() => {
    onJump.current = refresh;
  }, [refresh]);
  useNothingLost(id, saver);
  const { answer, fault, isLong, cancel, attempt } = usePlanner(view, job, now);
  useUndoKeys(step);
  const cancelPlan = (): void => {
    cancel();
    step('undo');
  };
  const products = useMemo(() => [...productsOf(CATALOGUE, job.products).values()], [job.products]);
  const desk: Desk = {
    id,
    job,
    plan: answer.plan,
    air: answer.air,
    products,
    nowMs: view.nowMs,
    state,
    steps,
    edits,
    message: message ?? (state.kind === 'saved' ? fault : null),
    weather: view,
    known: view,
    refresh,
    longWork: isLong ? { cancel: cancelPlan } : null,
    edit,
    attempt: (change) => attempt(change(job)).then((a) => a?.plan ?? null),
    step,
    clock: now,
    resolve: (whose) => saver.resolve(whose),
    faultAt: (path) => faultAt(state, path),
  };
  return <DeskContext value={desk}>{children}</DeskContext>;
}
