import { randomUUID } from 'node:crypto';

/** A short id for something new: eight letters of a random one. */
export const newId = (): string => randomUUID().slice(0, 8);
