/**
 * The plan: what `plan(request)` answers to the screen, the server and the command line.
 * Times are ISO with offset in the place's zone; money in the budget's currency.
 */
import * as z from 'zod';
import { finishTaskSchema } from './finish';
import { markSchema, noticeSchema } from './marks';
import { layerMendSchema } from './mend';
import { ROLES } from './product';
import { decisionSchema, suitSchema } from './starts';
import { openMendSchema, taskSchema } from './tasks';
import { waitingSchema } from './waiting';

export type { Task, TaskKind } from './tasks';

const iso = z.string();

export const planLayerSchema = z.strictObject({
  id: z.string(),
  role: z.enum(ROLES),
  productId: z.string(),
  coats: z.number().int(),
  filmUmPerCoat: z.number(),
  partIds: z.array(z.string()),
  hex: z.string().optional().describe("its own colour, where it is not the job's"),
  oneMore: z
    .array(z.string())
    .optional()
    .describe('parts that get one coat more: the work rests past the bond before the next layer'),
  fades: z.array(z.string()).optional().describe('zones on which it is faded out into the part around'),
  mend: layerMendSchema.optional().describe('it is laid to mend a fault, and no layer of the build-up'),
});
export type PlanLayer = z.infer<typeof planLayerSchema>;

export const seamRecordSchema = z.strictObject({
  below: z.string().describe('a layer id, or surface:<substrate>/<condition>'),
  above: z.string(),
  verdict: z.enum(['ok', 'care', 'no', 'unknown']),
  join: z.enum(['sanded', 'wet-on-wet', 'scuffed', 'none']),
  reason: noticeSchema,
  wayOut: noticeSchema.nullable(),
  mark: markSchema,
  gritP: z.number().int().nullable().describe('last grit before the upper layer, FEPA P'),
  ladder: z.array(z.number().int()).optional().describe('papers chosen by hand, in order, FEPA P'),
  wet: z.boolean().describe('sanded wet'),
  block: z.boolean().describe('levelled with a guide coat and a block; else even dullness only'),
  window: z
    .strictObject({ minMin: z.number(), wetMaxMin: z.number().nullable(), bondMaxMin: z.number().nullable() })
    .nullable()
    .describe('wait at the reference temperature before the upper layer, minutes'),
  partIds: z.array(z.string()),
});
export type SeamRecord = z.infer<typeof seamRecordSchema>;

export const ML_CAUSES = [
  'film',
  'sanded',
  'carrier',
  'overspray',
  'overrun',
  'habit',
  'nozzle',
  'nib',
  'purge',
  'heel',
  'margin',
  'spare',
] as const;
const boughtSchema = z.array(
  z.strictObject({
    size: z.number(),
    unit: z.enum(['can', 'tin']),
    count: z.number().int(),
    price: z.number(),
  }),
);
export const materialSchema = z.strictObject({
  productId: z.string(),
  colour: z
    .strictObject({ hex: z.string(), name: z.string() })
    .nullable()
    .describe('of a coloured product; two colours are two lines'),
  layerIds: z.array(z.string()),
  begun: z.boolean().describe('a coat of it is on already: bought, and only the rest is counted'),
  needMl: z.number().describe('contents to have ready, heel, margin and spare included'),
  rinseMl: z.number().describe('of its reducer to rinse the gun with; 0 where gun wash is used'),
  spreadMl: z.number().describe('one standard deviation of the contents used'),
  sprayMl: z.number().describe('sprayed at the parts, expected'),
  useMl: z.number().describe('expected use: sprayed, tested, done again, left in the gun'),
  areaM2: z.number(),
  breakdown: z.array(z.strictObject({ cause: z.enum(ML_CAUSES), ml: z.number() })),
  factors: z.strictObject({
    overrun: z.number(),
    transferFrac: z.number(),
    solidsFrac: z.number(),
    heelFrac: z.number(),
    riskOfShort: z.number(),
    cv: z.number().describe('standard deviation over mean of the use'),
  }),
  shortChance: z
    .number()
    .nullable()
    .describe('of running out in mid-coat with these packs, spare sealed; null once begun'),
  shelfMl: z.number(),
  packs: boughtSchema,
  ingredients: z
    .array(
      z.strictObject({
        id: z.string(),
        part: z.enum(['base', 'hardener', 'reducer']),
        needMl: z.number(),
        shelfMl: z.number(),
        packs: boughtSchema,
        cost: z.number(),
      }),
    )
    .describe('what it is poured from; the first is the product itself'),
  cost: z.number(),
  trip: z.enum(['first', 'later']).describe('to the shops; later only where it is bought in stages'),
});
export type Material = z.infer<typeof materialSchema>;

export const activationSchema = z.strictObject({
  productId: z.string(),
  at: iso,
  cans: z.number().int(),
  prudentUntil: iso,
  usableUntil: iso,
});
export type Activation = z.infer<typeof activationSchema>;

export const visitSchema = z.strictObject({
  id: z.string(),
  kind: z.enum(['shop', 'prepare', 'unmask', 'bake', 'move', 'mend', 'finish', 'rinse']),
  sessionId: z
    .string()
    .describe('the session it comes before, or after which the tape comes off; or the mend, finish or gun'),
  startsAt: iso,
  endsAt: iso,
  leftMin: z.number().describe('minutes of this work that remain after it, for other visits'),
  tasks: z.array(taskSchema),
});
export type Visit = z.infer<typeof visitSchema>;

export const mixSchema = z.strictObject({
  taskId: z.string(),
  productId: z.string(),
  at: iso,
  ml: z.number().describe('to mix, test card and what stays in the gun included'),
  cups: z.number().int().describe('fillings of the cup it comes to'),
  marks: z
    .array(
      z.strictObject({ part: z.enum(['base', 'hardener', 'reducer']), ml: z.number(), toMl: z.number() }),
    )
    .describe('each part, and the mark of the cup it is filled to'),
  coats: z.array(z.string()).describe('ids of the coats it is for'),
  grade: z.enum(['fast', 'standard', 'slow', 'very-slow']).nullable().describe('of hardener and reducer'),
  usedBy: iso.describe('the last of it is out'),
  usableUntil: iso.nullable().describe('end of its life; null for what keeps'),
});
export type Mix = z.infer<typeof mixSchema>;

export const rhythmSchema = z.strictObject({
  layerId: z.string(),
  roundMin: z.number(),
  flashMin: z.number().describe('longest flash between two of its coats, minutes'),
  cycleMin: z.number().describe('from coat to coat'),
  binds: z.enum(['round', 'flash']),
  groups: z.array(z.array(z.string())).describe('parts that go through their coats together, group by group'),
});

export const restSchema = z.strictObject({
  why: z.enum(['sanded', 'bond', 'scuffed', 'again']),
  from: iso,
  until: iso.nullable().describe('null where it may rest for any time'),
});

export const stakesSchema = z.strictObject({
  materials: z.number(),
  hours: z.number(),
  money: z.number().describe('materials + hours at the value of an hour'),
});

const rangeSchema = z.tuple([iso, iso]);

export const sessionSchema = z.strictObject({
  id: z.string(),
  layerIds: z.array(z.string()),
  partIds: z.array(z.string()).describe('the parts it sprays; others come in sessions of their own'),
  startsAt: iso,
  endsAt: iso.describe('last coat dust-free and tape off'),
  sprayAt: iso.describe('first coat'),
  handsOffAt: iso,
  dustFreeAt: iso,
  touchDryAt: iso,
  handleAt: iso,
  readyAt: iso.nullable().describe('when the next session may sand, if one follows'),
  ranges: z
    .strictObject({ handle: rangeSchema.nullable(), ready: rangeSchema.nullable() })
    .describe('eight of ten futures that end well lie between; null where none does or none follows'),
  holdUntil: iso.nullable(),
  chance: z.number(),
  oksOf: z.tuple([z.number().int(), z.number().int()]),
  pool: z
    .strictObject({ mean: z.number(), futures: z.number() })
    .describe('mean share of the week’s starts, and the futures it counts for in the chance'),
  stakes: stakesSchema,
  failures: z.array(z.strictObject({ cause: z.string(), members: z.number().int() })),
  feasible: z.boolean(),
  breaks: z
    .array(z.strictObject({ why: z.string(), min: z.number().int().optional() }))
    .describe('what a start set by hand breaks; minutes where it ends too late; none where it is feasible'),
  tasks: z.array(taskSchema),
  activations: z.array(activationSchema),
  mixes: z.array(mixSchema),
  left: z
    .array(z.strictObject({ productId: z.string(), at: iso, ml: z.number() }))
    .describe('what stays in cans that were activated, by when that was'),
  shares: z
    .array(
      z.strictObject({
        productId: z.string(),
        at: iso.describe('when that can was activated'),
        ml: z.number().describe('taken out of it'),
        inHandMl: z.number().describe('in it when this session begins'),
        saved: z.number().int().describe('cans that are not opened for it'),
      }),
    )
    .describe('taken from a can that another job activated'),
  rounds: z
    .array(
      z.strictObject({
        taskId: z.string(),
        parts: z.array(z.strictObject({ partId: z.string(), startsAt: iso, endsAt: iso })),
      }),
    )
    .describe('each coat, part by part'),
  rhythm: z.array(rhythmSchema),
  rest: restSchema.nullable().describe('the holding point after it; null after the last'),
  moved: z
    .strictObject({
      move: z.enum(['handle-dry', 'at-once', 'heated']),
      at: iso,
      until: iso.nullable().describe('ready for what follows; null past the forecast'),
      heatKWh: z.number().nullable().describe('what the heater takes until then; null without one'),
      heatCost: z.number().nullable().describe('of that heat; null where no price is known'),
    })
    .nullable()
    .describe('carried where it dries, or shut in and heated; null where it stays'),
  paintC: z
    .number()
    .nullable()
    .describe(
      'cans and tins at the first coat, where they are kept in the place; null where they are indoors',
    ),
  sweatsH: z
    .number()
    .nullable()
    .describe('hours a cold part must stand in the warmer air before it is dry; -1 for as long as it is so'),
  coldCure: z
    .strictObject({ hours: z.number(), lostMin: z.number() })
    .nullable()
    .describe(
      'hours below the minimum in the two days after handle-dry, and the minutes of cure at the reference temperature they cost',
    ),
});
export type Session = z.infer<typeof sessionSchema>;

export const startOptionSchema = z.strictObject({
  at: iso,
  chance: z.number(),
  free: z.boolean(),
  verdict: z.enum(['good', 'inside', 'no']),
});
export const alternativeSchema = z.strictObject({
  starts: z.array(z.strictObject({ sessionId: z.string(), at: iso })),
  chance: z.number(),
  finishesAt: iso,
  expectedLoss: z.number(),
  against: z
    .strictObject({ chance: z.number(), hours: z.number(), loss: z.number() })
    .describe('this less the plan: chance 0…1, hours until handle-dry, expected loss in money'),
  why: noticeSchema,
});
export type Alternative = z.infer<typeof alternativeSchema>;

export const cautionSchema = z.strictObject({
  code: z.string(),
  severity: z.enum(['stop', 'mind']),
  params: z.record(z.string(), z.union([z.string(), z.number()])),
});
export type Caution = z.infer<typeof cautionSchema>;

export const planSchema = z.strictObject({
  kind: z.enum(['planned', 'blocked']),
  now: iso,
  parts: z.array(z.strictObject({ id: z.string(), name: z.string(), areaM2: z.number() })),
  layers: z.array(planLayerSchema),
  suggested: z.boolean().describe('true when the layers were proposed, false when chosen by hand'),
  seams: z.array(seamRecordSchema),
  materials: z.array(materialSchema),
  sessions: z.array(sessionSchema),
  visits: z.array(visitSchema).describe('hands-on work outside the sessions, in order'),
  toCome: z
    .array(
      z.strictObject({
        what: z.enum(['dust-free', 'untape', 'handle', 'polish', 'cured']),
        productId: z.string(),
        at: iso,
        bySheet: z.boolean().describe('at the temperature of the sheet: the forecast does not reach so far'),
      }),
    )
    .describe('once every coat is on, what the film still asks for; empty before'),
  waiting: waitingSchema
    .nullable()
    .describe('the film that the next coat goes on wet; null where none waits'),
  mends: z.array(openMendSchema).describe('mends without paint that come once everything is on'),
  finish: z.array(finishTaskSchema).describe('flatting and polishing that is left, once all is on'),
  drying: z
    .array(z.strictObject({ partId: z.string(), dustFreeAt: iso, handleAt: iso }))
    .describe('parts whose newest film may not be handled yet, whether or not more is to come'),
  chance: z.number().nullable().describe('that the whole chain ends well, jointly over the ensemble'),
  decision: decisionSchema.nullable().describe('what to do now; null where nothing may be started'),
  suits: z.array(suitSchema),
  startOptions: z.array(z.strictObject({ sessionId: z.string(), options: z.array(startOptionSchema) })),
  alternatives: z.array(alternativeSchema),
  blockers: z.array(noticeSchema),
  cautions: z.array(cautionSchema),
  consumables: z
    .array(
      z.strictObject({
        id: z.string(),
        group: z.string(),
        unit: z.enum(['piece', 'ml', 'm', 'm2', 'pair']),
        params: z.record(z.string(), z.number()),
        need: z.number(),
        packSize: z.number(),
        packs: z.number().int(),
        price: z.number(),
        cost: z.number(),
        have: z.boolean(),
      }),
    )
    .describe('what is used up beside paint'),
  cost: z.strictObject({
    currency: z.string(),
    paint: z.number(),
    prep: z.number().describe('paper, cleaner, tape, protection'),
    tax: z.number(),
    total: z.number(),
    budget: z.number(),
  }),
  buying: z.strictObject({
    isStaged: z.boolean(),
    later: z
      .number()
      .describe('price of colour and clear, which can wait until what lies below stands sanded'),
    tripMin: z.number().describe('what one more trip to the shops takes'),
  }),
  handsOnH: z.number(),
  assumptions: z.array(
    z.strictObject({
      what: z.string(),
      value: z.union([z.number(), z.string()]),
      unit: z.string(),
      provenance: markSchema,
    }),
  ),
  seed: z.number().int(),
});
export type Plan = z.infer<typeof planSchema>;
