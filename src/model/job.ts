/**
 * A job as the user states it: the input of the plan, of the file on the command line and of the
 * database. Unknown keys are refused by name. Times without an offset are in the place's zone.
 */
import * as z from 'zod';
import { FAULTS, TOLD_CAUSES } from './fault';
import { HAND_KINDS } from './task-kinds';
import {
  BOX_FACES,
  CARRIES,
  COLOUR_KINDS,
  CONDITIONS,
  CONE_ENDS,
  EXPOSURES,
  FILMS,
  FINISHES,
  GRADES,
  POSTURES,
  SPRAYERS,
  SUBSTRATES,
  WEEKDAYS,
} from './lists';
import { ownLadderSchema, overrideSchema } from './decisions';
import { clockSchema, dateSchema as date, isoSchema, spanSchema } from './iso';
import { finishSchema } from './finish';
import { idSchema as id } from './id';
import { asideSchema, logSchema } from './log';
import { placeSchema } from './place';
import { productSchema, ROLES } from './product';
import { riskSchema } from './risk';
import { stateSchema } from './state';

const mm = z.number().gt(0).max(10_000);
/** What a part is like, where it is more than a flat rectangle of length × width. */
export const shapeSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('curved'),
    riseMm: z.number().min(0).max(5000).optional().describe('height of the arc over the width'),
    girthMm: mm.optional().describe('width measured over the curve; wins over the rise'),
  }),
  z.strictObject({ kind: z.literal('box'), heightMm: mm, faces: z.array(z.enum(BOX_FACES)).min(1).max(6) }),
  z.strictObject({ kind: z.literal('tube'), diameterMm: mm, ends: z.number().int().min(0).max(2) }),
  z.strictObject({
    kind: z.literal('frame'),
    tubes: z
      .array(z.strictObject({ lengthMm: mm, diameterMm: mm, count: z.number().int().min(1).max(50) }))
      .min(1)
      .max(30),
  }),
  z.strictObject({
    kind: z.literal('ellipsoid'),
    heightMm: mm,
    share: z.number().gt(0).max(1).describe('1 the whole skin, 0.5 a dome'),
  }),
  z.strictObject({
    kind: z.literal('cone'),
    topMm: z.number().min(0).max(10_000),
    bottomMm: mm,
    heightMm: mm,
    ends: z.enum(CONE_ENDS),
  }),
  z.strictObject({
    kind: z.literal('polygon'),
    pointsMm: z
      .array(z.tuple([z.number().min(-10_000).max(10_000), z.number().min(-10_000).max(10_000)]))
      .min(3)
      .max(60),
  }),
  z.strictObject({ kind: z.literal('known'), areaM2: z.number().gt(0).max(100) }),
]);
export type Shape = z.infer<typeof shapeSchema>;

export const partSchema = z.strictObject({
  id,
  name: z.string().max(80).optional(),
  lengthMm: z.number().gt(0).max(10_000),
  widthMm: z.number().gt(0).max(10_000),
  sides: z.literal([1, 2]),
  posture: z.enum(POSTURES),
  hiddenEdgePct: z.number().min(0).max(100).describe('edges and hidden returns, per cent of the faces'),
  substrate: z.enum(SUBSTRATES),
  condition: z.enum(CONDITIONS),
  film: z
    .enum(FILMS)
    .optional()
    .describe('what the old paint is, by a rub with thinner or by its history; left out means not known'),
  shape: shapeSchema.optional().describe('left out means a flat rectangle'),
  zones: z
    .array(
      z.strictObject({
        name: z.string().max(60).optional(),
        sharePct: z.number().gt(0).max(100),
        condition: z.enum(CONDITIONS),
      }),
    )
    .max(8)
    .optional()
    .describe('shares of the area with a condition of their own'),
  areaFrac: z
    .number()
    .gt(0)
    .max(1)
    .optional()
    .describe('share of the faces that this part stands for; left out means all'),
  wallMm: z
    .number()
    .min(0.3)
    .max(200)
    .optional()
    .describe('thickness of its material; left out: usual for what it is made of'),
  dents: z
    .array(z.strictObject({ lengthMm: mm, widthMm: mm, depthMm: z.number().gt(0).max(100) }))
    .max(30)
    .optional()
    .describe('hollows to fill'),
  boardCount: z
    .number()
    .int()
    .min(1)
    .max(2000)
    .optional()
    .describe('small pieces on its board, those of other parts with them; left out means worked out'),
  count: z.number().int().min(1).max(50).optional().describe('equal pieces; left out means one'),
  serviceC: z
    .number()
    .min(-40)
    .max(900)
    .optional()
    .describe('hottest it gets in use, °C; left out means as the job says'),
  silicone: z
    .boolean()
    .optional()
    .describe('water beads after degreasing, or it was polished or treated: wax or silicone to be feared'),
  tests: z
    .strictObject({
      water: z.enum(['sheets', 'beads']).optional(),
      thinner: z.enum(['nothing', 'softens', 'dissolves', 'black']).optional(),
      magnet: z.enum(['holds', 'weak', 'none']).optional(),
      sliver: z.enum(['floats', 'sinks', 'waxy']).optional(),
    })
    .optional()
    .describe('tests made at the part, and what came out'),
  readyFrom: date.optional().describe('day from which it is here to work on; left out means now'),
  deadline: date.optional().describe('day on which this part must be handle-dry; left out means the job’s'),
});
export type Part = z.infer<typeof partSchema>;

export const colourSchema = z.strictObject({
  name: z.string().max(60),
  hex: z.string().regex(/^#[0-9A-Fa-f]{6}$/, 'a colour like #55693A'),
  kind: z.enum(COLOUR_KINDS),
});

export const purposeSchema = z.strictObject({
  grade: z.enum(GRADES),
  finish: z.enum(FINISHES),
  colour: colourSchema,
  exposure: z.array(z.enum(EXPOSURES)).max(EXPOSURES.length),
  deadline: date.optional().describe('day on which it must be handle-dry'),
  deadlineHour: clockSchema.optional().describe('hour of that day; left out means its end'),
});
export type Purpose = z.infer<typeof purposeSchema>;

export const systemLayerSchema = z.strictObject({
  role: z.enum(ROLES),
  productId: z.string().min(1).max(60),
  coats: z.number().int().min(1).max(8),
  only: z.array(id).max(40).optional().describe('the parts it goes on; left out means all'),
  hex: z
    .string()
    .regex(/^#[0-9A-Fa-f]{6}$/, 'a colour like #55693A')
    .optional()
    .describe("colour of this layer where it is not the job's: a stripe, a second tone"),
});
export type SystemLayer = z.infer<typeof systemLayerSchema>;

export const freeHoursSchema = z.strictObject({
  weekly: z.strictObject(
    Object.fromEntries(WEEKDAYS.map((d) => [d, z.array(spanSchema).max(6)])) as Record<
      (typeof WEEKDAYS)[number],
      z.ZodArray<typeof spanSchema>
    >,
  ),
  exceptions: z.array(z.strictObject({ date, spans: z.array(spanSchema).max(6) })).max(200),
  busy: z
    .array(z.tuple([isoSchema, isoSchema]))
    .max(500)
    .optional()
    .describe(
      'hours that are taken, from and until, out of the owner’s calendar; they are not free whatever the week says',
    ),
});
export type FreeHours = z.infer<typeof freeHoursSchema>;

export const schoolsSchema = z.strictObject({
  lastGrit: z.enum(['by-colour', '320', '400', '600', '800']).optional(),
  sealer: z.enum(['patchy', 'always']).optional(),
  baseToClear: z.enum(['sheet', '30', '60', '180']).optional(),
  firstClear: z.enum(['tack', 'medium']).optional(),
  lastEffect: z.enum(['drop', 'wet']).optional(),
  flatting: z.enum(['as-it-falls', 'flatted']).optional(),
  drying: z.enum(['energy', 'tenth']).optional(),
});
/** Another place to dry in; or the same one, its door shut and its heater on once the vapour is out. */
export const dryInSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('elsewhere'),
    place: placeSchema,
    placeId: id.optional(),
    carry: z.enum(CARRIES),
  }),
  z.strictObject({ kind: z.literal('heated') }),
]);
export const jobSchema = z.strictObject({
  name: z.string().min(1).max(120),
  place: placeSchema,
  placeId: id.optional().describe('the place of the workshop it was taken from; left out: its own'),
  dryIn: dryInSchema.optional().describe('where it dries once it is sprayed; left out: where it is sprayed'),
  purpose: purposeSchema,
  equipment: z.strictObject({
    sprayer: z.enum(SPRAYERS),
    suppliedAir: z.boolean().describe('an air-fed mask with breathing-grade air is at hand'),
    kitJobs: z
      .number()
      .int()
      .min(1)
      .max(100)
      .optional()
      .describe('jobs over which bought kit is spread; left out means this one alone'),
    sander: z.boolean().optional().describe('a random orbital sander is at hand'),
    rinsesWithReducer: z
      .boolean()
      .optional()
      .describe('the gun is rinsed with the reducer of what was in it; left out means with gun wash'),
    cupMl: z.number().min(20).max(2000).optional().describe('cup of the gun, ml; left out means 600'),
  }),
  parts: z.array(partSchema).min(1).max(40),
  system: z.strictObject({ layers: z.array(systemLayerSchema).min(1).max(10) }).optional(),
  products: z.array(productSchema).max(60).optional(),
  shelf: z.array(asideSchema).max(60).optional().describe('set aside for this job'),
  prices: z
    .record(z.string().max(120), z.number().min(0).max(100_000))
    .optional()
    .describe('own prices of packs, by ingredient@size or consumable'),
  habit: z
    .strictObject({
      factor: z.number().min(0.3).max(3),
      sdFrac: z.number().min(0).max(0.5),
      jobs: z.number().int().min(1).max(10_000),
    })
    .optional()
    .describe('own use against what is reckoned, from the logs of closed jobs'),
  flashOwn: z
    .record(z.string().max(60), z.number().min(1).max(3))
    .optional()
    .describe('own waits over the sheet’s, by product, from what was felt on closed jobs'),
  handsOwn: z
    .partialRecord(z.enum(HAND_KINDS), z.number().min(0.3).max(4))
    .optional()
    .describe('own time over the usual, by kind of work, from begins pressed on closed jobs'),
  faultsOwn: z
    .array(
      z.strictObject({
        code: z.enum(FAULTS),
        when: z.enum(TOLD_CAUSES).optional().describe('with this cause there; left out: always'),
        times: z.number().min(0).max(20),
      }),
    )
    .max(100)
    .optional()
    .describe('how many times as often as usual faults came on closed jobs'),
  buying: z
    .enum(['at-once', 'staged'])
    .optional()
    .describe(
      'staged: paper and primer first, colour and clear once they stand sanded; left out means at once',
    ),
  have: z.array(z.string().max(80)).max(120).optional().describe('consumables that are here already'),
  freeHours: freeHoursSchema,
  budget: z.strictObject({
    currency: z.string().regex(/^[A-Z]{3}$/, 'a three-letter code like GBP'),
    amount: z.number().min(0).max(1_000_000),
    taxPct: z
      .number()
      .min(0)
      .max(60)
      .optional()
      .describe('tax that comes on top of the prices; left out means it is in them'),
  }),
  risk: riskSchema,
  starts: z
    .array(z.strictObject({ sessionId: id, at: isoSchema }))
    .max(6)
    .optional()
    .describe('session starts set by hand'),
  turn: z
    .number()
    .int()
    .min(1)
    .max(999)
    .optional()
    .describe(
      'its turn at the bench: it is planned around the jobs with a smaller one; left out means for itself alone',
    ),
  state: stateSchema.optional(),
  minutes: z
    .record(z.string().max(120), z.number().min(1).max(600))
    .optional()
    .describe('hands-on minutes of a task by its id, where the owner knows better'),
  fittings: z
    .array(z.string().min(1).max(60))
    .max(26)
    .optional()
    .describe('what comes off first, in order; each goes into a lettered bag'),
  fittingsNew: z
    .array(z.string().min(1).max(60))
    .max(26)
    .optional()
    .describe('of what comes off: goes back with new clips or a new gasket, bought before it does'),
  schools: schoolsSchema.optional().describe('where practitioners differ; left out means the default'),
  overrides: z.array(overrideSchema).max(30).optional().describe('refused seams taken on by the owner'),
  ladders: z.array(ownLadderSchema).max(30).optional().describe('papers chosen by hand, seam by seam'),
  finish: finishSchema
    .optional()
    .describe('flatted and polished once it is hard; left out means as it falls'),
  log: logSchema.optional().describe('what was used and how it came out'),
});
export type Job = z.infer<typeof jobSchema>;

/** Nothing is planned for it any more. */
export const isClosed = (job: Job): boolean => job.log?.closedAt !== undefined;
