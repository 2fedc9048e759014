/** A mend that was taken into the plan: what is done, step by step, and on which parts. */
import * as z from 'zod';
import { idSchema as id } from './id';
import { STAGES } from './lists';

/** Kinds of mend; what each asks for is worked out in the room of faults. */
export const MENDS = [
  'leave',
  'wipe-off',
  'colour-again',
  'drop-coat',
  'one-more',
  'flow-coat',
  'flat-polish',
  'run-ladder',
  'nib',
  'block-off',
  'block-again',
  'spot',
  'to-sound',
  'take-off',
  'cure-on',
  'fill-again',
  'fill-over',
  'clean-again',
  'new-part',
] as const;
export type MendKind = (typeof MENDS)[number];

const minutes = z.number().min(0).max(6000).describe('of hands');
export const mendTaskSchema = z.discriminatedUnion('do', [
  z.strictObject({
    do: z.literal('wait'),
    stage: z.enum(STAGES),
    times: z.number().int().min(1).max(4).describe('so many times what the sheet says'),
  }),
  z.strictObject({
    do: z.literal('sand'),
    gritP: z.number().int().min(40).max(5000),
    with: z.enum(['block', 'pad', 'stick']),
    wet: z.boolean(),
    isLocal: z.boolean(),
    minutes,
  }),
  z.strictObject({ do: z.literal('clean'), how: z.enum(['wash', 'degrease', 'blow', 'tack']), minutes }),
  z.strictObject({ do: z.literal('strip'), how: z.enum(['blade-and-wash', 'sand']), minutes }),
  z.strictObject({ do: z.literal('test'), what: z.enum(['patch', 'lead', 'tape']), minutes }),
  z.strictObject({ do: z.enum(['wipe', 'fill', 'nail', 'polish']), minutes }),
  z.strictObject({
    do: z.literal('coat'),
    productId: z.string().min(1).max(60),
    coats: z.number().int().min(1).max(8),
    isLocal: z.boolean(),
  }),
]);
export type MendTask = z.infer<typeof mendTaskSchema>;

export const takenMendSchema = z.strictObject({
  id,
  kind: z.enum(MENDS),
  layerId: id.describe('the film that is mended'),
  partIds: z.array(id).min(1).max(40),
  tasks: z.array(mendTaskSchema).min(1).max(60).describe('in order'),
  placeM2: z.number().gt(0).max(100).optional().describe('of a coat that is only on the place'),
});
export type TakenMend = z.infer<typeof takenMendSchema>;

/** Of a layer that a mend lays: what is done before its first coat, and what the film below has to be. */
export const layerMendSchema = z.strictObject({
  id,
  kind: z.enum(MENDS),
  ready: z.strictObject({ stage: z.enum(STAGES), times: z.number() }).nullable(),
  film: z
    .strictObject({ layerId: id, productId: z.string() })
    .describe('the newest there was when it was taken: what is waited for'),
  tasks: z.array(mendTaskSchema).describe('before its first coat; empty where it goes on wet'),
  placeM2: z.number().optional().describe('it is only on the place'),
});
export type LayerMend = z.infer<typeof layerMendSchema>;
