/** One search over jobs, parts, products, the shelf, the words of the trade and what can be done. */
import { CATALOGUE } from '@/core/coating/catalogue';
import type { Job } from '@/model/job';
import type { Product } from '@/model/product';
import type { JobStore, PlaceStore, StockStore } from './ports';

export const HIT_KINDS = ['job', 'part', 'product', 'shelf', 'action', 'word'] as const;
export type HitKind = (typeof HIT_KINDS)[number];
export interface Hit {
  readonly kind: HitKind;
  readonly title: string;
  readonly text: string;
  /** Null for a word: its text is all there is. */
  readonly href: string | null;
}
/** Something that can be found, by its title and by other words. */
interface Known extends Hit {
  readonly also?: readonly string[] | undefined;
}

/** Hits that are shown, and letters of a search that are read. */
const MOST_HITS = 24;
const MOST_ASKED = 60;
/** Jobs that are looked through: those changed last. */
const MOST_JOBS = 200;

const ACTIONS: readonly (readonly [title: string, text: string, href: string, ...also: string[]])[] = [
  ['On the bench', 'all jobs side by side; begin a new one', '/', 'new job', 'bench', 'jobs'],
  ['Shelf', 'what is there, and how long it is good', '/shelf', 'stock', 'left over', 'tins'],
  ['Shopping', 'one list for all jobs', '/shopping', 'buy', 'list', 'money'],
  ['Logbook', 'what was done, and what it taught', '/logbook', 'history', 'records', 'learned', 'finished'],
  ['Places', 'where you spray and where it dries', '/places', 'garage', 'lean-to', 'sun', 'heater', 'wind'],
  [
    'Readings',
    'what was measured, typed in or from a log',
    '/places',
    'sensor',
    'thermometer',
    'hygrometer',
    'log',
  ],
  ['Forecast feed', 'a weather service of your own', '/workshop', 'feed', 'weather', 'forecast'],
  ['Workshop', 'copies, keys, how it looks', '/workshop', 'backup', 'copy', 'export', 'settings', 'undo'],
];

/** The words that are searched and said, which are another room's. */
export interface SearchWords {
  readonly glossary: readonly {
    readonly term: string;
    readonly also?: readonly string[];
    readonly says: string;
  }[];
  readonly kinds: Readonly<Record<Product['kind'], string>>;
}

function ofJob({ id, job }: { readonly id: string; readonly job: Job }, { kinds }: SearchWords): Known[] {
  const at = `/jobs/${id}`;
  const parts = job.parts.map((p): Known => ({
    kind: 'part',
    title: p.name ?? p.id,
    text: job.name,
    href: `${at}/surface#parts`,
  }));
  const sheets = (job.products ?? []).map((p): Known => ({
    kind: 'product',
    title: p.name,
    text: `${kinds[p.kind]}, your own sheet in ${job.name}`,
    href: `${at}/build-up#sheets`,
  }));
  const whole: Known = { kind: 'job', title: job.name, text: job.purpose.colour.name, href: at };
  return [whole, ...parts, ...sheets];
}

/** How well something is met, the smaller the better; null where it is not. */
function rankOf({ title, also = [], text }: Known, asked: string): number | null {
  const names = [title, ...also].map((n) => n.toLowerCase());
  if (names.some((n) => n === asked)) return 0;
  if (names.some((n) => n.startsWith(asked))) return 1;
  if (names.some((n) => n.split(/[^\p{L}\p{N}]+/u).some((word) => word.startsWith(asked)))) return 2;
  if (names.some((n) => n.includes(asked))) return 3;
  // Two letters are in every sentence.
  return asked.length > 2 && text.toLowerCase().includes(asked) ? 4 : null;
}

export interface Searched {
  readonly jobs: readonly { readonly id: string; readonly job: Job }[];
  readonly stock: readonly { readonly name: string; readonly remainingMl: number }[];
  /** Names of jobs taken off the bench. */
  readonly removed: readonly { readonly name: string }[];
  /** Of the workshop. */
  readonly places: readonly { readonly id: string; readonly name: string }[];
}

/** A product of the catalogue is no page: its line says what it is. */
const ofProduct = (p: Product, { kinds }: SearchWords): Known => ({
  kind: 'product',
  title: p.name,
  text: `${kinds[p.kind]}, ${p.carrier === 'aerosol' ? 'in a can' : 'for the gun'}, ${p.filmUmPerCoat} µm a coat`,
  href: null,
});

function everything({ jobs, stock, removed, places }: Searched, words: SearchWords): Known[] {
  return [
    ...jobs.flatMap((j) => ofJob(j, words)),
    ...removed.map(({ name }): Known => ({
      kind: 'job',
      title: name,
      text: 'taken off the bench; it can be put back there',
      href: '/',
    })),
    ...places.map(({ id, name }): Known => ({
      kind: 'action',
      title: name,
      text: 'a place of the workshop',
      href: `/places?at=${id}`,
    })),
    ...CATALOGUE.map((p) => ofProduct(p, words)),
    ...stock.map((s): Known => ({
      kind: 'shelf',
      title: s.name,
      text: `${Math.round(s.remainingMl)} ml`,
      href: '/shelf',
    })),
    ...ACTIONS.map(([title, text, href, ...also]): Known => ({ kind: 'action', title, text, href, also })),
    ...words.glossary.map((e): Known => ({
      kind: 'word',
      title: e.term,
      text: e.says,
      href: null,
      also: e.also,
    })),
  ];
}

/** @param text as typed; nothing asked finds nothing */
export function search(text: string, among: Searched, words: SearchWords): Hit[] {
  const asked = text.slice(0, MOST_ASKED).trim().toLowerCase();
  if (asked === '') return [];
  const found = everything(among, words).flatMap((k) => {
    const rank = rankOf(k, asked);
    return rank === null ? [] : [{ k, rank }];
  });
  found.sort((a, b) => a.rank - b.rank || HIT_KINDS.indexOf(a.k.kind) - HIT_KINDS.indexOf(b.k.kind));
  return found.slice(0, MOST_HITS).map(({ k: { also: _also, ...hit } }) => hit);
}

export interface Kept {
  readonly jobs: JobStore;
  readonly stock: StockStore;
  readonly places: PlaceStore;
}

/** Over all that is kept. */
export function searchKept(text: string, { jobs, stock, places }: Kept, words: SearchWords): Hit[] {
  const open = jobs.atWork({ skip: 0, most: MOST_JOBS }).rows;
  const closed = jobs.closed({ skip: 0, most: MOST_JOBS }).rows;
  const among = {
    jobs: [...open, ...closed],
    stock: stock.list(),
    removed: jobs.removed(),
    places: places.list().map(({ id, place }) => ({ id, name: place.name ?? place.shelter })),
  };
  return search(text, among, words);
}
