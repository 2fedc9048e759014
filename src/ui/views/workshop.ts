/** Copies of the workshop in words: what is in one, what it would replace, what came of it, and those that are kept. */
import { isoOf } from '@/core/time/instant';
import type { Came, Holds, Looked } from '@/usecases/copies';
import type { FeedTold } from '@/usecases/feed';
import { durationOf, type Format } from '@/words/format';

export interface KeptCopy {
  readonly name: string;
  readonly why: 'daily' | 'upgrade' | 'restore';
  readonly at: string;
  readonly bytes: number;
}

const many = (n: number, one: string, more: string): string => `${n} ${n === 1 ? one : more}`;

/** "8 jobs and 1 taken off, 40 photographs, 6 packs on the shelf with 31 changes". */
export function holdsText({ jobs, removed, photos, stock, moves }: Holds): string {
  const off = removed > 0 ? ` and ${removed} taken off` : '';
  const shelf = `${many(stock, 'pack', 'packs')} on the shelf with ${many(moves, 'change', 'changes')}`;
  return `${many(jobs, 'job', 'jobs')}${off}, ${many(photos, 'photograph', 'photographs')}, ${shelf}`;
}

/** Photographs of which a copy has the row and not the picture. */
const missingText = (n: number): string =>
  n === 0
    ? ''
    : ` ${many(n, 'photograph has', 'photographs have')} no picture in it and ${n === 1 ? 'is' : 'are'} left out.`;

/** What the copy is, and what adding and replacing would do. */
export function lookedText(looked: Looked, f: Format): { copy: string; add: string; replace: string } {
  const when = looked.savedAt === null ? '' : ` saved ${f.day(looked.savedAt)} ${looked.savedAt.slice(0, 4)}`;
  return {
    copy: `This copy${when} holds ${holdsText(looked.holds)}.${missingText(looked.withoutPicture)}`,
    add: 'Add it: what is in it comes beside what is here; what is here already and the same is left out.',
    replace: `Replace: ${holdsText(looked.here)} make way for it. They are kept as a copy on this page, to go back to.`,
  };
}

export function broughtBack({ jobs, same, photos, stock, withoutPicture, before }: Came): string {
  const already = same > 0 ? ` Here already, the same: ${same}.` : '';
  const kept = before === null ? '' : ' What was here is kept below, to go back to.';
  const came = `${many(jobs, 'job', 'jobs')}, ${many(photos, 'photograph', 'photographs')}, ${many(stock, 'pack', 'packs')}`;
  return `Brought in: ${came}.${already}${missingText(withoutPicture)}${kept}`;
}

const WHY_WORDS: Readonly<Record<KeptCopy['why'], string>> = {
  daily: 'the daily copy',
  upgrade: 'before an upgrade',
  restore: 'before another was put in its place',
};
export const keptLine = ({ why, at }: KeptCopy, f: Format): string =>
  `${f.day(at)} ${at.slice(0, 4)}, ${f.time(at)}, ${WHY_WORDS[why]}`;

/** How much of a file is sent, per cent. */
export const sentPct = (sentBytes: number, bytes: number): number => (100 * sentBytes) / Math.max(1, bytes);

/** How a file that is being sent goes on: "12 of 80 MB, about 40 s left". */
export function sendingText(sentBytes: number, bytes: number, elapsedMs: number): string {
  const mb = (x: number): string => (x / 1e6).toFixed(x < 1e7 ? 1 : 0);
  const leftMs = sentBytes > 0 ? (elapsedMs * (bytes - sentBytes)) / sentBytes : 0;
  const left =
    elapsedMs > 3000 && leftMs > 2000
      ? `, about ${leftMs < 60_000 ? `${Math.ceil(leftMs / 1000)} s` : durationOf(leftMs / 60_000)} left`
      : '';
  return `${mb(sentBytes)} of ${mb(bytes)} MB sent${left}`;
}

/** What the feed told when it was last asked; null before. */
export function feedSaid(last: FeedTold | null, tz: string, f: Format): string | null {
  if (!last) return null;
  const at = f.dayTime(isoOf(last.atMs, tz));
  const kept =
    last.kept > 0
      ? [`${last.kept === 1 ? 'A new forecast is' : `${last.kept} new forecasts are`} kept.`]
      : [];
  const same = last.kept === 0 && last.same > 0 ? ['It tells what it told before.'] : [];
  const refused = last.refused.map((r) => `${r} What is planned on stays.`);
  return `Asked ${at}. ${[...kept, ...same, ...refused].join(' ')}`;
}
