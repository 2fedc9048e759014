/**
 * A product as its data sheet describes it. Times in minutes at `refTempC`, film in µm dry,
 * fractions 0…1. Minimum times are doses (they stretch in the cold); maxima and pot life never
 * stretch past the figure here.
 */
import * as z from 'zod';
import { markSchema } from './marks';

export const PRODUCT_KINDS = [
  'adhesion-promoter',
  'wood-sealer',
  'etch-primer',
  'epoxy-primer',
  'spray-filler',
  'surfacer',
  'filler-primer',
  'sealer',
  'basecoat',
  'mid-coat',
  'enamel',
  'single-stage',
  'heat-paint',
  'clear',
] as const;
export const CHEMISTRIES = [
  '1k-acrylic',
  '1k-nitro',
  '1k-alkyd',
  '2k-urethane',
  '2k-epoxy',
  'polyester',
  'etch',
  'cpo',
  'silicone',
  'shellac',
  'waterborne',
] as const;
export const ROLES = [
  'promoter',
  'seal',
  'etch',
  'epoxy',
  'spray-filler',
  'surfacer',
  'filler',
  'sealer',
  'base',
  'mid',
  'colour',
  'clear',
] as const;

const minutes = z
  .number()
  .min(0)
  .max(60 * 24 * 90);
const fraction = z.number().gt(0).max(1);
const money = z.number().min(0).max(100_000);

export const packSchema = z.strictObject({
  sizeMl: z.number().gt(0).max(20_000).describe('net fill of a full pack, ml'),
  unit: z.enum(['can', 'tin']),
  price: money.describe('price of one pack in the budget currency'),
});
export type Pack = z.infer<typeof packSchema>;

export const productSchema = z.strictObject({
  id: z.string().min(1).max(60),
  name: z.string().min(1).max(80),
  maker: z.string().max(60).optional(),
  kind: z.enum(PRODUCT_KINDS),
  role: z.enum(ROLES),
  chemistry: z.enum(CHEMISTRIES),
  carrier: z.enum(['aerosol', 'gun']),
  effect: z
    .enum(['none', 'solid', 'metallic', 'pearl', 'flake', 'candy'])
    .optional()
    .describe('colour effect; left out means none'),
  gloss: z.enum(['gloss', 'satin', 'matte']).optional(),
  heatRatedC: z
    .number()
    .min(60)
    .max(900)
    .optional()
    .describe('highest service temperature, °C; left out means 90'),
  bake: z
    .array(z.strictObject({ tempC: z.number().min(40).max(900), min: z.number().min(1).max(600) }))
    .min(1)
    .max(8)
    .optional()
    .describe('heat that makes it hard, stage by stage; left out means it hardens by itself'),
  isocyanate: z.boolean(),
  filmUmPerCoat: z.number().gt(0).max(400).describe('dry film of one coat, µm'),
  coats: z.number().int().min(1).max(8).describe('usual number of coats'),
  solidsFrac: fraction.describe('solids by volume; for a can, of all its contents'),
  refTempC: z.number().min(5).max(60).describe('temperature the times refer to, °C'),
  flashMin: minutes.describe('wait between coats of this product'),
  itselfMaxMin: minutes.optional().describe('latest for another coat of itself; left out means any time'),
  itselfForbiddenMin: z
    .tuple([minutes, minutes])
    .optional()
    .describe('span in which another coat lifts: after the first, before the second figure'),
  nextMinMin: minutes.describe('earliest for the next product over it'),
  nextWetMaxMin: minutes.optional().describe('latest for the best result of the next product (soft)'),
  nextBondMaxMin: minutes.optional().describe('latest for a chemical bond (hard); after it, scuff'),
  tapeMin: minutes.optional().describe('earliest for tape on it; left out means handle-dry'),
  dustFreeMin: minutes,
  touchDryMin: minutes,
  handleMin: minutes,
  sandMin: minutes.optional().describe('earliest for sanding; left out means never sanded'),
  inductionMin: z
    .number()
    .min(1)
    .max(120)
    .optional()
    .describe('to stand after mixing before it is sprayed; left out means none'),
  potLifeMin: minutes.optional().describe('life once activated, minutes; left out means one component'),
  tempMinC: z.number().min(-10).max(40),
  tempMinOf: z
    .enum(['panel', 'air'])
    .optional()
    .describe('what its lowest temperature is meant of; left out means the panel'),
  belowMin: z
    .enum(['stops', 'creeps'])
    .optional()
    .describe('what its cure does below that; left out means it stops'),
  tempMaxC: z.number().min(5).max(60),
  rhMaxFrac: fraction,
  dewGapMinK: z.number().min(0).max(15),
  windMaxMs: z.number().gt(0).max(10).describe('mean wind at the part, m/s'),
  packs: z.array(packSchema).min(1).max(6),
  hardenerPacks: z
    .array(packSchema)
    .min(1)
    .max(6)
    .optional()
    .describe('packs of its hardener; left out means usual sizes'),
  reducerPacks: z
    .array(packSchema)
    .min(1)
    .max(6)
    .optional()
    .describe('packs of its reducer; left out means usual sizes'),
  mix: z
    .strictObject({
      base: z.number().gt(0).max(100),
      hardener: z.number().min(0).max(100),
      reducer: z.number().min(0).max(200),
    })
    .optional()
    .describe('parts by volume, base : hardener : reducer; left out means ready to spray'),
  cureMin: minutes.optional().describe('until fully cured'),
  polishMin: minutes
    .optional()
    .describe('earliest for polishing; left out means as soon as it can be sanded'),
  cureEnergyKJ: z
    .number()
    .min(20)
    .max(120)
    .optional()
    .describe("activation energy of its cure by its sheet's own pair of times, kJ/mol"),
  hidesUm: z.number().gt(0).max(400).optional().describe('dry film that hides the ground, µm'),
  filmLeastUm: z
    .number()
    .gt(0)
    .max(1000)
    .optional()
    .describe('least dry film that protects, µm; left out means as its kind'),
  filmMostUm: z
    .number()
    .gt(0)
    .max(5000)
    .optional()
    .describe('most dry film in all, µm; left out means as its kind'),
  filmSessionMostUm: z
    .number()
    .gt(0)
    .max(5000)
    .optional()
    .describe('most dry film in one session, µm; left out means as its kind'),
  tipMm: z
    .tuple([z.number().gt(0).max(6), z.number().gt(0).max(6)])
    .optional()
    .describe('fluid tip of the gun, from and to'),
  densityGPerMl: z.number().min(0.3).max(3).optional(),
  flashPointC: z.number().min(-80).max(300).optional(),
  vocGPerL: z.number().min(0).max(1000).optional(),
  shelfClosedMonths: z.number().gt(0).max(240).optional(),
  shelfOpenMonths: z.number().gt(0).max(240).optional(),
  ranges: z
    .record(z.string().max(40), z.tuple([z.number(), z.number()]))
    .optional()
    .describe('both ends of what its sheet gave as a range, by field; the figure is the careful one'),
  sure: z
    .array(z.string().max(40))
    .max(20)
    .optional()
    .describe('fields whose improbable figures the owner has said are so'),
  provenance: z.strictObject({
    rest: markSchema.describe('mark of every figure not named in byField'),
    byField: z.record(z.string(), markSchema).optional(),
  }),
});
export type Product = z.infer<typeof productSchema>;
export type ProductKind = Product['kind'];
export type Role = Product['role'];
