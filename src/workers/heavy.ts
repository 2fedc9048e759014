/** What the server asks of the thread beside its event loop, and what it is told. One union each way. */
import type { Answer, PlanRequest } from '@/core/plan';
import type { CopyWork, Found } from '@/data/copies/copy-work';
import type { Fault } from '@/formats/faults';
import type { Together, TogetherAsked } from '@/usecases/together';
import type { Shopping, ShoppingAsked } from '@/usecases/shopping/shopping';

/** Each kind of heavy work: what goes in and what comes out. */
export interface HeavyWork {
  readonly plan: { readonly in: PlanRequest; readonly out: Answer };
  readonly planWithoutTimes: { readonly in: PlanRequest; readonly out: Answer };
  readonly shopping: { readonly in: ShoppingAsked & { readonly nowMs: number }; readonly out: Shopping };
  readonly together: { readonly in: TogetherAsked; readonly out: Together };
  readonly takeApart: { readonly in: Parameters<CopyWork['takeApart']>; readonly out: Found };
  readonly snapshot: { readonly in: Parameters<CopyWork['snapshot']>; readonly out: void };
}
export type HeavyKind = keyof HeavyWork;
export type HeavyWorks = {
  readonly [K in HeavyKind]: (input: HeavyWork[K]['in']) => Promise<HeavyWork[K]['out']>;
};

export interface ToHeavy {
  readonly id: number;
  readonly kind: HeavyKind;
  readonly input: unknown;
}
export type FromHeavy =
  | { readonly id: number; readonly kind: 'done'; readonly out: unknown }
  | ({ readonly id: number; readonly kind: 'failed' } & Failure);

/** What is told of an error beyond its thread: classes do not travel, codes do. */
export interface Failure {
  readonly message: string;
  readonly code?: string;
  readonly faults?: readonly Fault[];
}

function failureOf(e: unknown): Failure {
  if (!(e instanceof Error)) return { message: String(e) };
  const { message, code, faults } = e as Error & Partial<Failure>;
  return { message, ...(code !== undefined && { code }), ...(faults && { faults }) };
}

/** Pure answerer, so that the protocol is tested without a thread. */
export const heavyAnswerer =
  (works: HeavyWorks) =>
  async ({ id, kind, input }: ToHeavy): Promise<FromHeavy> => {
    try {
      return { id, kind: 'done', out: await works[kind](input as never) };
    } catch (e) {
      return { id, kind: 'failed', ...failureOf(e) };
    }
  };
