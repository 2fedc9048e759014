/** What a mend asks for before its coat goes on, as tasks: papers and cloths of its own, not those of the build-up. */
import type { Notice } from '@/model/marks';
import type { LayerMend, MendTask } from '@/model/mend';
import type { PlanLayer, TaskKind } from '@/model/plan';
import { AS_SHEET, filmsOn, thickest } from '../../material/film-on';
import { coatlessMends } from '../../mends/taken';
import { productIn } from '../../seams/seam';
import { leftToDo } from './done';
import type { Film, Ground, PrepStep } from './draft';
import type { Work } from './work';

type Handed = Exclude<MendTask, { do: 'wait' } | { do: 'coat' }>;

const isWork = (t: MendTask): t is Handed => t.do !== 'wait' && t.do !== 'coat';

/** The kind of task, the end of its id, and what is said. */
interface As {
  readonly kind: TaskKind;
  readonly name: string;
  readonly detail: Notice;
}

const CLEANS = { wash: 'wash', degrease: 'clean', blow: 'blow', tack: 'tack' } as const;
const PLAIN = { wipe: 'clean', fill: 'fill', nail: 'check', polish: 'sand' } as const;

function asTask(t: Handed): As {
  const plain = (kind: TaskKind, name: string, code: string): As => ({
    kind,
    name,
    detail: { code, params: {} },
  });
  switch (t.do) {
    case 'sand': {
      const params = { grit: t.gritP, wet: t.wet ? 1 : 0, tool: t.with, local: t.isLocal ? 1 : 0 };
      return { kind: 'sand', name: 'sand', detail: { code: 'mend-sand', params } };
    }
    case 'clean':
      return plain(t.how === 'tack' ? 'tack' : 'clean', CLEANS[t.how], `mend-${t.how}`);
    case 'strip':
      return plain(t.how === 'sand' ? 'sand' : 'clean', 'strip', `mend-strip-${t.how}`);
    case 'test':
      return plain('check', 'test', `mend-test-${t.what}`);
    default:
      return plain(PLAIN[t.do], t.do === 'wipe' ? 'wiped' : t.do, `mend-${t.do}`);
  }
}

/** Hands-on minutes of a task at least. */
const LEAST_MIN = 2;

/** In order, what takes hands. @param id of the session or the mend */
export function mendSteps(id: string, tasks: readonly MendTask[], partIds: readonly string[]): PrepStep[] {
  return tasks.filter(isWork).map((t, i): PrepStep => {
    const { kind, name, detail } = asTask(t);
    const tail = t.do === 'sand' ? `sand${i + 1}-p${t.gritP}` : `${name}${i + 1}`;
    const minutes = Math.max(LEAST_MIN, Math.ceil(t.minutes));
    return { id: `${id}.${tail}`, kind, minutes, detail, partIds, needs: 'hands', canSplit: t.do === 'sand' };
  });
}

/** What comes right before the coat: cloths after the last paper. */
const isLastWipe = ({ kind }: PrepStep): boolean => kind === 'clean' || kind === 'tack';

/** What may be done on another day, and what belongs to the session. */
export function mendPreparation(
  id: string,
  { mend, partIds }: PlanLayer & { readonly mend: LayerMend },
  mask: PrepStep,
): { visits: PrepStep[]; prep: PrepStep[] } {
  const all = mendSteps(id, mend.tasks, partIds);
  const from = all.findLastIndex((s) => !isLastWipe(s)) + 1;
  return { visits: [...all.slice(0, from), mask], prep: all.slice(from) };
}

/** A layer over another is still to be begun on a part. */
export const openOver =
  ({ system, done }: Pick<Work, 'system' | 'done'>) =>
  (layerId: string, partId: string): boolean => {
    const from = system.layers.findIndex((l) => l.id === layerId);
    return system.layers.some(
      (l, i) => i > from && l.partIds.includes(partId) && done.endsOf(l.id, partId).length === 0,
    );
  };

/** The film of a layer on some parts, as its coats were ticked, though the layer may come off; null where none is on. */
export function filmLeft(
  { job, system, done }: Pick<Work, 'job' | 'system' | 'done'>,
  { layerId, productId }: LayerMend['film'],
  partIds: readonly string[],
): Film | null {
  const ends = partIds.flatMap((id) => done.endsOf(layerId, id));
  if (ends.length === 0) return null;
  const product = productIn(system.products, productId);
  const layer = system.layers.find((l) => l.id === layerId);
  const film = layer ? thickest(filmsOn(job, system), layer, partIds) : AS_SHEET;
  return { product, layerId, endedMs: Math.max(...ends), firstEndedMs: Math.min(...ends), film };
}

/** What a mend without paint asks for before the session that goes on over it. */
export interface MendBefore {
  readonly steps: readonly PrepStep[];
  readonly partIds: readonly string[];
  readonly ground: Ground;
}

export function mendsBefore(work: Work): MendBefore[] {
  const { job, system, done } = work;
  return coatlessMends(job, openOver(work)).before.flatMap((m) => {
    const steps = leftToDo(done, mendSteps(m.id, m.tasks, m.partIds));
    const [first] = m.tasks;
    const layer = system.layers.find((l) => l.id === m.layerId);
    const film = layer && filmLeft(work, { layerId: layer.id, productId: layer.productId }, m.partIds);
    if (steps.length === 0 || !film) return [];
    const ready: Pick<Ground, 'ready' | 'times'> =
      first?.do === 'wait' ? { ready: first.stage, times: first.times } : { ready: 'next' };
    return [{ steps, partIds: m.partIds, ground: { film, ...ready } }];
  });
}
