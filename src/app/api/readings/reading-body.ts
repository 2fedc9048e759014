/** Where readings are asked for, kept or brought in. */
import * as z from 'zod';
import { spotIdSchema, type SpotId } from '@/model/reading';

/** @returns null where the address names no place and no job */
export function spotAsked(request: Request): SpotId | null {
  const { searchParams } = new URL(request.url);
  return spotIdSchema.safeParse({ of: searchParams.get('of'), id: searchParams.get('id') }).data ?? null;
}
export const NO_SPOT = 'Say where: of=place or of=job, and its id.';

/** So long ago a reading may have been taken. */
export const OLDEST_DAYS = 400;
export const atSchema = z.number().int().min(0);
