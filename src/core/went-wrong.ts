/** What went wrong on a job, each code once: noted at the bench, or found when it was to be finished. */
import type { FoundKind } from '@/model/finish';
import type { NotedCode } from '@/model/fault';
import type { Job } from '@/model/job';

/** As what a find is noted. */
export const NOTED_AS: Readonly<Record<FoundKind, NotedCode>> = {
  run: 'runs',
  nib: 'dust-nibs',
  insect: 'insect',
  'fade-edge': 'other',
  'flow-coat': 'other',
};

/** An edge that ends inside a face, and clear that is wished once more, went wrong for nobody. */
export function wentWrong({ state, finish }: Pick<Job, 'state' | 'finish'>): NotedCode[] {
  const noted = (state?.faults ?? []).map((x) => x.code);
  const found = (finish?.found ?? []).map((x) => NOTED_AS[x.kind]).filter((code) => code !== 'other');
  return [...new Set([...noted, ...found])];
}
