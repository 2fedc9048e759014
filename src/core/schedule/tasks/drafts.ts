/** The build-up cut at its sanded and scuffed seams into sessions; what the state says is done is taken out. */
import type { Job } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import { splitAtSeams } from '../../coating/sessions';
import { productIn, type System } from '../../seams/seam';
import { msOf } from '../../time/instant';
import { coatsOf, withActivations } from './coats';
import type { Draft, Drafts, Film, PrepStep } from './draft';
import { preparationOf } from './preparation';

/** What the job's state says, by the ids of the plan. */
interface Done {
  /** When each coat ended, ms. */
  readonly coats: ReadonlyMap<string, number>;
  readonly tasks: ReadonlySet<string>;
  readonly activatedMs: ReadonlyMap<string, number>;
}

function doneOf(job: Job): Done {
  const ms = (iso: string): number => msOf(iso, job.place.tz);
  const state = job.state ?? { coats: [], activations: [] };
  return {
    coats: new Map(state.coats.map((c) => [`${c.layerId}.c${c.coat}`, ms(c.endedAt)])),
    tasks: new Set((state.tasks ?? []).map((t) => t.taskId)),
    activatedMs: new Map(state.activations.map((a) => [a.productId, ms(a.at)])),
  };
}

/** A ladder ticked as one, before its rungs were tasks of their own, counts for all of them. */
const isTicked = (done: Done, p: PrepStep): boolean =>
  done.tasks.has(p.id) || done.tasks.has(p.id.replace(/-p\d+$/, ''));

export function draftsOf(job: Job, system: System): Drafts {
  const parts = new Map(job.parts.map((p) => [p.id, p]));
  const done = doneOf(job);
  const groups = splitAtSeams(system);
  const sessions: Draft[] = [];
  let before: Film | null = null;

  const draft = (layers: readonly PlanLayer[], index: number): void => {
    const id = `s-${layers[0]!.id}`;
    const coats = layers.flatMap((l) => coatsOf(job, l, productIn(system.products, l.productId), parts));
    const left = coats.filter((c) => !done.coats.has(c.id));
    const lastDone = coats.findLast((c) => done.coats.has(c.id));
    const film = lastDone ? { product: lastDone.product, endedMs: done.coats.get(lastDone.id)! } : null;
    if (left.length === 0) {
      before = film;
      return;
    }
    const whole = preparationOf(job, { id, layers, seams: system.seams, first: index === 0 });
    const prep = film ? [] : whole.filter((p) => !isTicked(done, p));
    sessions.push({
      id,
      layers,
      prep,
      prepMin: prep.reduce((a, p) => a + p.minutes, 0),
      steps: withActivations(left, new Set(done.activatedMs.keys())),
      unmask: index === groups.length - 1,
      carry: film,
      activatedMs: done.activatedMs,
      started: film !== null,
    });
  };
  groups.forEach(draft);
  return { sessions, before };
}
