/** Coats, the waits between them, what is opened, taped and rinsed, in the order they fall. */
import type { Notice } from '@/model/marks';
import type { Task } from '@/model/plan';
import { characterOf, type Character } from '../../coating/character';
import { asOnSheet } from '../../coating/felt';
import { rinseNotice } from '../work/gun';
import { MINUTE } from '../../time/instant';
import type { RunPart } from '../judge/run';
import { TACK_MIN, type Film } from '../work/draft';
import { writePot } from './activation';
import { checksAfter } from './preparation';
import { round1 } from '../../numerics/round';
import { airAt, notice, put, type Sheet } from './sheet';

const MANNER: Readonly<Record<Character, string>> = {
  mist: 'manner-first-light',
  tack: 'manner-tack',
  thin: 'manner-thin',
  closed: 'manner-closed',
  candy: 'manner-candy',
  flake: 'manner-flake',
  medium: 'manner-medium',
  even: 'manner-even',
  full: 'manner-full-wet',
  drop: 'manner-drop',
};

function checksOf(sheet: Sheet, k: number, atMs: number): Notice[] {
  const now = airAt(sheet.air, atMs);
  const { product } = sheet.draft.steps[k]!;
  const under = underOf(sheet, k);
  const air = [
    notice('check-panel', { value: round1(now.panelC), min: product.tempMinC, max: product.tempMaxC }),
    notice('check-dew-gap', { value: round1(now.gapK), min: product.dewGapMinK }),
    notice('check-humidity', { value: Math.round(now.rhPct), max: Math.round(product.rhMaxFrac * 100) }),
    notice('check-wind', { value: round1(now.windMs), max: product.windMaxMs }),
  ];
  if (under === null) return air;
  return [
    ...air,
    notice(isOnAnother(sheet, k) ? 'check-under-ready' : 'check-coat-flashed', {
      product: under.product.name,
    }),
  ];
}

/** What lies under a coat of the session, on a part of its own; null on ground. */
function underOf({ draft }: Sheet, k: number): Pick<Film, 'product' | 'layerId'> | null {
  const mine = new Set(draft.steps[k]!.partIds);
  const before = draft.steps.slice(0, k).findLast((s) => s.partIds.some((id) => mine.has(id)));
  const carried = [...draft.carry].findLast(([id]) => mine.has(id));
  return before ?? carried?.[1] ?? null;
}

/** It goes on another layer, and not on its own film. */
function isOnAnother(sheet: Sheet, k: number): boolean {
  const step = sheet.draft.steps[k]!;
  return step.firstOfLayer && !step.spots.includes(underOf(sheet, k)?.layerId ?? '');
}

/** The faces of a coat in the order they are sprayed, named by their part and their number on it. */
function facesOf(sheet: Sheet, k: number): Map<string, RunPart> {
  const numbers = new Map<number, number>();
  return new Map(
    sheet.run
      .trace!.parts.filter((p) => p.step === k)
      .map((face) => {
        const nth = (numbers.get(face.part) ?? 0) + 1;
        numbers.set(face.part, nth);
        return [`${face.part} ${nth}`, face];
      }),
  );
}

/** Shortest rest of any face since it was sprayed last, ms: the round over the others counts for it. */
function leastRestMs(sheet: Sheet, k: number, waitMs: number): number {
  const last = facesOf(sheet, k - 1);
  const rests = [...facesOf(sheet, k)].flatMap(([name, face]) => {
    const before = last.get(name);
    return before ? [face.startMs - before.endMs] : [];
  });
  return rests.length > 0 ? Math.min(...rests) : waitMs;
}

/** The wait before a coat: for its own film, or for the one below. */
function writeFlash(sheet: Sheet, k: number, fromMs: number, toMs: number): void {
  const coatStep = sheet.draft.steps[k]!;
  const below = underOf(sheet, k)?.product ?? coatStep.product;
  const isSeam = isOnAnother(sheet, k);
  const detail = notice(isSeam ? 'flash-to-next' : 'flash', {
    minutes: Math.round((toMs - fromMs) / MINUTE),
    restMin: Math.round(leastRestMs(sheet, k, toMs - fromMs) / MINUTE),
    sheetMin: isSeam ? asOnSheet(below).nextMinMin : asOnSheet(coatStep.product).flashMin,
    panelC: round1(airAt(sheet.air, fromMs).panelC),
    refC: below.refTempC,
  });
  const { layerId, coat } = coatStep;
  const task = {
    id: `${coatStep.id}.flash`,
    kind: 'flash' as const,
    layerId,
    coat,
    partIds: [...coatStep.partIds],
  };
  put(sheet, { ...task, handsOn: false, detail, checks: [notice('check-touch')] }, fromMs, toMs);
}

interface RoundPiece {
  readonly fromMs: number;
  readonly toMs: number;
  readonly partIds: readonly string[];
}

/** A round in the pieces between which a cup is mixed or a can opened; parts belong where they are finished. */
function piecesOf(sheet: Sheet, k: number): RoundPiece[] {
  const faces = sheet.run.trace!.parts.filter((p) => p.step === k);
  const groups: RunPart[][] = [];
  for (const face of faces) {
    const last = groups.at(-1)?.at(-1);
    if (last && face.startMs - last.endMs < 1) groups.at(-1)!.push(face);
    else groups.push([face]);
  }
  const finishedIn = (part: number): number => groups.findLastIndex((g) => g.some((f) => f.part === part));
  return groups.map((g, i) => ({
    fromMs: g[0]!.startMs,
    toMs: i === groups.length - 1 ? sheet.run.coats[k]!.endMs : g.at(-1)!.endMs,
    partIds: [...new Set(g.map((f) => f.part))]
      .filter((p) => finishedIn(p) === i)
      .map((p) => sheet.draft.partIds[p]!),
  }));
}

function writeCoat(sheet: Sheet, k: number): void {
  const coatStep = sheet.draft.steps[k]!;
  const { product, coat, coats } = coatStep;
  const manner = MANNER[characterOf(product, coat, coats, coatStep.hand)];
  const pieces = piecesOf(sheet, k);
  pieces.forEach((piece, i) => {
    const isLast = i === pieces.length - 1;
    const minutes = Math.round((piece.toMs - piece.fromMs) / MINUTE);
    const ml = Math.round((coatStep.ml * minutes) / Math.max(1, coatStep.minutes));
    const task: Pick<Task, 'id' | 'kind' | 'handsOn' | 'detail'> & Partial<Task> = {
      id: isLast ? coatStep.id : `${coatStep.id}~${i + 1}`,
      kind: 'coat',
      layerId: coatStep.layerId,
      coat,
      partIds: isLast ? [...coatStep.partIds] : [...piece.partIds],
      handsOn: true,
      detail: notice(manner, {
        product: product.name,
        coat,
        coats,
        tipMm: product.tipMm?.at(-1) ?? 0,
        ml: pieces.length === 1 ? Math.round(coatStep.ml) : ml,
        minutes: pieces.length === 1 ? coatStep.minutes : minutes,
      }),
      checks: i === 0 ? checksOf(sheet, k, piece.fromMs) : [],
    };
    put(sheet, task, piece.fromMs, piece.toMs);
  });
}

/** Tape on and off, then the tack cloth, then cups and cans: whatever hands do at this coat beside spraying. */
function writeHands(sheet: Sheet, k: number, onWetFilm: boolean): number {
  const { trace, coats } = sheet.run;
  const step = sheet.draft.steps[k]!;
  let firstMs = coats[k]!.startMs;
  for (const pot of trace!.pots.filter((p) => p.step === k)) {
    writePot(sheet, step, pot, onWetFilm);
    firstMs = Math.min(firstMs, pot.fromMs);
  }
  if (onWetFilm && step.firstOfLayer) firstMs = writeTack(sheet, k, firstMs);
  for (const between of step.between) {
    const hands = trace!.hands.find((h) => h.task === between.task)!;
    const { id, kind, detail, partIds } = between.task;
    const task = { id, kind, detail, partIds: [...partIds], layerId: step.layerId, handsOn: true };
    put(sheet, { ...task, checks: checksAfter(between.task) }, hands.startMs, hands.endMs);
    firstMs = Math.min(firstMs, hands.startMs);
  }
  return firstMs;
}

/** Before another paint goes on a film that is still fresh; clear is only blown off. @returns when it begins, ms */
function writeTack(sheet: Sheet, k: number, toMs: number): number {
  const { layerId, partIds } = sheet.draft.steps[k]!;
  const isClear = underOf(sheet, k)?.product.kind === 'clear';
  const fromMs = toMs - TACK_MIN * MINUTE;
  const detail = notice(isClear ? 'blow-off' : 'tack-between');
  const id = `${sheet.draft.steps[k]!.id}.tack`;
  const task = {
    id,
    kind: 'tack' as const,
    layerId,
    handsOn: true,
    detail,
    partIds: [...partIds],
    checks: [],
  };
  put(sheet, task, fromMs, toMs);
  return fromMs;
}

function writeRinses(sheet: Sheet): void {
  for (const [i, { startMs, endMs, productId }] of sheet.run.trace!.rinses.entries()) {
    const step = sheet.draft.steps.find((s) => s.product.id === productId)!;
    const id = `${sheet.draft.id}.rinse${i === 0 ? '' : i + 1}`;
    const detail = rinseNotice(step.product, step.rinse);
    put(sheet, { id, kind: 'rinse', layerId: step.layerId, handsOn: true, detail }, startMs, endMs);
  }
}

/** @param preparedMs when preparation ends */
export function writeCoats(sheet: Sheet, preparedMs: number): void {
  const { steps, carry } = sheet.draft;
  const endedMs = Math.max(sheet.startMs, ...[...carry.values()].map((f) => f.endedMs));
  let lastMs = carry.size > 0 ? endedMs : preparedMs;
  for (const k of steps.keys()) {
    const isOnFilm = underOf(sheet, k) !== null;
    const coat = sheet.run.coats[k]!;
    const waitEndsMs = writeHands(sheet, k, isOnFilm);
    // A wait of less than a minute ends without a word.
    if (isOnFilm && waitEndsMs - lastMs > MINUTE - 1) writeFlash(sheet, k, lastMs, waitEndsMs);
    writeCoat(sheet, k);
    lastMs = coat.endMs;
  }
  writeRinses(sheet);
}
