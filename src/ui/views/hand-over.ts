/** A page for whoever gets the part: what is on it, when it stands what, how to touch it in. */
import type { AirView } from '@/core/air/view';
import { coatsOn, lastOf } from '@/core/time/coats-on';
import { isoOf } from '@/core/time/instant';
import { counted, type Format } from '@/words/format';
import { cureRows, type FinishOf } from './finish';

export interface HandOverLine {
  readonly name: string;
  readonly text: string;
}

/** Empty before every coat is on. */
export function handOver(of: FinishOf, air: AirView, f: Format): HandOverLine[] {
  const { job, plan, products } = of;
  const last = lastOf(coatsOn(job));
  if (!last || plan.sessions.length > 0) return [];
  const nameOf = (id: string): string => products.find((p) => p.id === id)?.name ?? id;
  const { colour, finish } = job.purpose;
  const layers = plan.layers.map(
    (l) => `${nameOf(l.productId)}, ${counted(l.coats, 'coat')}, about ${f.film(l.coats * l.filmUmPerCoat)}`,
  );
  const top = plan.layers.at(-1);
  const cure = cureRows(of, air, f).map((r) => `${r.name}: ${r.when}. ${r.advice}`);
  const base = plan.layers.find((l) => l.role === 'base' || l.role === 'colour');
  return [
    { name: 'What it is', text: `${job.name}: ${job.parts.map((p) => p.name ?? p.id).join(', ')}.` },
    { name: 'Colour', text: `${colour.name}, ${finish}.` },
    {
      name: 'Finished',
      text: `${f.date(isoOf(last.endedMs, job.place.tz))}, ${job.place.name ?? 'at home'}.`,
    },
    { name: 'On it, from below', text: `${layers.join('; ')}.` },
    ...(cure.length > 0 ? [{ name: 'From when it stands what', text: cure.join(' ') }] : []),
    {
      name: 'The first year',
      text: 'Bird lime, fuel and tree sap off within hours, with water. A chip is touched in within a week, or it creeps.',
    },
    {
      name: 'Touching it in',
      text: `Clean and dry, edges feathered with P1500; ${base ? `${nameOf(base.productId)} in ${colour.name}` : colour.name} with a fine brush, thin and twice${top && top !== base ? `, then a drop of ${nameOf(top.productId)}` : ''}.`,
    },
  ];
}
