/** A mend as lines that are read with gloves on: papers in one line, coats with their paint. */
import { addsOf } from '@/core/faults/adds';
import type { Mend } from '@/core/faults/mend';
import type { Mending, MendStep } from '@/core/faults/steps';
import { stageOf } from '@/core/drying/rate';
import { moneyFor } from '@/core/material/packs';
import type { Product } from '@/model/product';
import { counted, durationOf, type Format } from '@/words/format';
import { CLEANED, DONE_SO, MEND_NAMES, STRIPPED, TESTED, UNTIL } from '@/words/sentences/faults/mends';

const TOOLS = { block: 'on a block', pad: 'by pad', stick: 'on a small stick' } as const;

type Sand = Extract<MendStep, { do: 'sand' }>;
type Coat = Extract<MendStep, { do: 'coat' }>;

/** Papers one after another are one line. */
function sandLine(rungs: readonly Sand[]): string {
  const last = rungs.at(-1)!;
  const papers = rungs.map((r) => `P${r.gritP}`).join(', ');
  const where = last.isLocal ? 'the place alone' : 'all over';
  return `Sand ${papers} ${TOOLS[last.with]}, ${last.wet ? 'wet, ' : ''}${where}.`;
}

function coatLine({ product, coats, isDrop, isLocal }: Coat): string {
  const what = isDrop ? 'one light drop coat' : counted(coats, 'coat');
  return `Spray ${what} of ${product.name}${isLocal ? ' on the place, faded out' : ', the whole face'}.`;
}

const waitLine = (top: Product, { stage, times }: Extract<MendStep, { do: 'wait' }>): string => {
  const minutes = times * stageOf(top, stage).minutes;
  const twice = times > 1 ? `, ${times} times over` : '';
  return `Wait until ${UNTIL[stage]}${twice}: about ${durationOf(minutes)} at ${Math.round(top.refTempC)} °C.`;
};

function lineOf(step: Exclude<MendStep, Sand>, top: Product): string {
  switch (step.do) {
    case 'wait':
      return waitLine(top, step);
    case 'coat':
      return coatLine(step);
    case 'clean':
      return CLEANED[step.how];
    case 'test':
      return TESTED[step.what];
    case 'strip':
      return STRIPPED[step.how];
    default:
      return DONE_SO[step.do];
  }
}

export function mendLines(steps: readonly MendStep[], first: Product): string[] {
  const lines: string[] = [];
  let top = first;
  let papers: Sand[] = [];
  const flush = (): void => {
    if (papers.length > 0) lines.push(sandLine(papers));
    papers = [];
  };
  for (const step of steps) {
    if (step.do === 'sand') {
      papers.push(step);
      continue;
    }
    flush();
    lines.push(lineOf(step, top));
    if (step.do === 'coat') top = step.product;
  }
  flush();
  return lines.filter((line, i) => line !== lines[i - 1]);
}

export interface MendView {
  readonly kind: Mend['kind'];
  readonly name: string;
  readonly lines: readonly string[];
  /** Hands, waiting and paint in a line; what leaving it costs is nothing. */
  readonly adds: string;
}

function addsSaid({ steps }: Mend, m: Mending, { currency, f }: { currency: string; f: Format }): string {
  if (steps.length === 0) return 'adds nothing';
  const { handsMin, waitMin, paint } = addsOf(steps, m);
  const ml = paint.reduce((a, p) => a + p.ml, 0);
  const money = paint.reduce((a, p) => a + moneyFor(p.product, p.ml), 0);
  const parts = [
    handsMin > 0 ? `${durationOf(handsMin)} of hands` : '',
    waitMin > 0 ? `${durationOf(waitMin)} of waiting` : '',
    ml > 0 ? `${f.volume(ml)} of paint, ${f.money(money, currency)}` : 'nothing to buy',
  ];
  return `adds ${parts.filter((p) => p !== '').join(', ')}`;
}

export const mendView = (mend: Mend, m: Mending, said: { currency: string; f: Format }): MendView => ({
  kind: mend.kind,
  name: MEND_NAMES[mend.kind],
  lines: mendLines(mend.steps, m.film.product),
  adds: addsSaid(mend, m, said),
});
