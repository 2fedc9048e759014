/** What the preparation panel shows: ladders on one scale, filler, wipes and paper in words. */
import { cleaningPlan } from '@/core/prep/cleaning';
import { fillerPlan, HARDENER_FRAC, type FillerPlan } from '@/core/prep/filler';
import { ladderOf, type Held, type Rung } from '@/core/prep/ladder';
import { judgeLadder } from '@/core/prep/own-ladder';
import { draftsOf } from '@/core/schedule/work/drafts';
import { workOf } from '@/core/schedule/work/work';
import type { Seam, System } from '@/core/seams/seam';
import type { Job } from '@/model/job';
import { GRITS_P } from '@/model/lists';
import type { Task } from '@/model/plan';
import type { Format } from '@/words/format';
import { sayLadder } from '@/words/sentences/ladder';
import { sayTask } from '@/words/sentences/tasks';
import { groundTitle, layerName, seamId } from './build-up';

/** 12.0 is said as 12. */
const one = (x: number): string => x.toFixed(1).replace('.0', '');

export interface LadderView {
  readonly id: string;
  readonly from: string;
  readonly to: string;
  readonly rungs: readonly Rung[];
  readonly seam: Seam;
  /** What is wrong with papers chosen by hand, in words. */
  readonly faults: readonly string[];
}
export interface Ladders {
  readonly list: readonly LadderView[];
  /** The sizes all ladders span, µm, so that they stand on one scale. */
  readonly coarseUm: number;
  readonly fineUm: number;
}

export function laddersOf(system: System, held: Held, f: Format): Ladders {
  const view = (seam: Seam): LadderView => ({
    id: seamId(seam),
    from: groundTitle(system, seam.below),
    to: layerName(system, seam.above),
    rungs: ladderOf(seam, held),
    seam,
    faults: judgeLadder(seam).map((x) => sayLadder(x, f)),
  });
  const list = system.seams.map(view).filter((l) => l.rungs.length > 0);
  const sizes = list.flatMap((l) => l.rungs.map((r) => r.um));
  return { list, coarseUm: Math.max(...sizes), fineUm: Math.min(...sizes) };
}

/** What sheets reckon with, °C. */
const USUAL_C = 20;

/** The filler of all dents in three lines; none where there is no dent. @param panelC of the part, °C; null where there is no weather: then the usual 20 °C */
export function fillerLines(
  job: Job,
  panelC: number | null,
  f: Format,
): { lines: string[]; hardener: string } | null {
  const workC = panelC ?? USUAL_C;
  const plan = fillerPlan(
    job.parts.flatMap((p) => p.dents ?? []),
    workC,
  );
  if (!plan) return null;
  const layers = plan.layers === 1 ? 'One layer' : `${plan.layers} layers`;
  const [from, to] = plan.workMin;
  return {
    hardener: hardenerLine(plan),
    lines: [
      `${f.volume(plan.hollowMl)} of hollow, so mix ${f.volume(plan.pasteMl)} of paste in all, ${one(plan.pasteG)} g.`,
      `${layers}; at ${f.temp(Math.round(workC))} it works ${one(from)}–${one(to)} min. To gain time mix less, never cut the hardener.`,
    ],
  };
}

function hardenerLine({ hardenerG: [least, usual, most], hardenerMl }: FillerPlan): string {
  const pct = Math.round(HARDENER_FRAC * 100);
  return `Cream hardener ${one(usual)} g (${one(hardenerMl)} ml), ${pct} % by mass; the tin may say ${one(least)}–${one(most)} g`;
}

const WIPED: ReadonlySet<Task['kind']> = new Set(['clean', 'tack']);

/** What is cleaned when, session by session, as the run sheet has it; and how much it all takes. */
export function cleaningLines(job: Job, system: System, sessions: number, f: Format): CleaningView {
  const plan = cleaningPlan(job.parts, sessions);
  const cloths = `${plan.tackCloths} tack ${plan.tackCloths === 1 ? 'cloth' : 'cloths'}`;
  const amounts = `About ${f.volume(plan.degreaserMl)} of degreaser, ${cloths}, ${one(plan.tapeM)} m of tape, ${one(plan.coverM2)} m² of paper or sheet`;
  const steps = draftsOf(workOf(job, system)).sessions.map(({ layers, visits, prep }) => {
    const wipes = [...visits, ...prep].filter((p) => WIPED.has(p.kind));
    return { before: layerName(system, layers[0]!.id), lines: wipes.map((p) => sayTask(p.detail, f)) };
  });
  return { steps: steps.filter((s) => s.lines.length > 0), amounts };
}

export interface CleaningView {
  /** Before each session's first layer. */
  readonly steps: readonly { readonly before: string; readonly lines: readonly string[] }[];
  readonly amounts: string;
}

/** The letter of a bag. */
export const bagLetter = (index: number): string => String.fromCharCode(65 + index);
/** Bags in the order they go back. */
export const refitOrder = (count: number): string =>
  Array.from({ length: count }, (_, i) => bagLetter(count - 1 - i)).join(', ');

/** Papers as they are typed: P180 P320, 180, 320; null for what is no grit of the series. */
export function gritsTyped(text: string): number[] | null {
  const words = text.split(/[\s,;>→-]+/).filter((w) => w !== '');
  const grits = words.map((w) => Number(w.replace(/^p/i, '')));
  return grits.every((g) => GRITS_P.some((p) => p === g)) ? grits : null;
}
