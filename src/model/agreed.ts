/** A plan as the owner went on with it: enough to say later what has changed and why. */
import * as z from 'zod';

const iso = z.string().max(40);

/** What a plan follows from, by kind; the order in which changes are told. */
export const GROUNDS = [
  'done',
  'mends',
  'parts',
  'build-up',
  'place',
  'hours',
  'starts',
  'others',
  'readings',
  'forecast',
  'worth',
  'kit',
  'purpose',
] as const;
export type GroundKind = (typeof GROUNDS)[number];

export const agreedSchema = z.strictObject({
  atMs: z.number(),
  grounds: z
    .partialRecord(z.enum(GROUNDS), z.string().max(60))
    .describe('a mark of each; another mark, another ground'),
  parts: z.array(z.string().max(120)).max(40).describe('by name'),
  coats: z.number().int().min(0).describe('coats that are on, part by part'),
  sessions: z.array(z.strictObject({ id: z.string().max(120), startsAt: iso, chance: z.number() })).max(24),
  chance: z.number().nullable(),
  handleAt: iso.nullable(),
  packs: z.number().int().min(0),
  total: z.number(),
  extra: z
    .array(z.string().max(120))
    .max(40)
    .describe('layers that get a coat more because a bond was missed'),
});
export type Agreed = z.infer<typeof agreedSchema>;
