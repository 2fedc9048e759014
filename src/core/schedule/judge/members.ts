/** Sets of futures as bit masks over at most 128 members. */
import { popcount } from '../../numerics/stats';

const WORDS = 4;
export type MemberMask = Uint32Array;

export const noMembers = (): MemberMask => new Uint32Array(WORDS);
export const allMembers = (): MemberMask => new Uint32Array(WORDS).fill(0xffffffff);

export function addMember(mask: MemberMask, member: number): void {
  mask[member >> 5] = (mask[member >> 5]! | (1 << (member & 31))) >>> 0;
}

export const hasMember = (mask: MemberMask, member: number): boolean =>
  ((mask[member >> 5]! >>> (member & 31)) & 1) === 1;

export function bothOf(a: MemberMask, b: MemberMask): MemberMask {
  const out = noMembers();
  for (let w = 0; w < WORDS; w++) out[w] = a[w]! & b[w]!;
  return out;
}

export function countMembers(mask: MemberMask): number {
  let n = 0;
  for (let w = 0; w < WORDS; w++) n += popcount(mask[w]!);
  return n;
}

/** Members whose instant has come. @param atMs shape [members] */
export function readyBy(atMs: Float64Array, byMs: number): MemberMask {
  const mask = noMembers();
  for (let m = 0; m < atMs.length; m++) if (atMs[m]! <= byMs) addMember(mask, m);
  return mask;
}

/** Members whose instant has not passed. @param atMs shape [members] */
export function notBefore(atMs: Float64Array, ms: number): MemberMask {
  const mask = noMembers();
  for (let m = 0; m < atMs.length; m++) if (atMs[m]! >= ms) addMember(mask, m);
  return mask;
}
