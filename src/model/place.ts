/** Where it is sprayed: what turns the weather into what the part feels. What is left out is usual for its kind. */
import * as z from 'zod';
import { shelterOwnSchema } from './beside';
import { spanSchema } from './iso';
import { COMPASS, DOORS, HEATERS, SHELTERS } from './lists';

const steadySchema = z.strictObject({ airC: z.number().min(-30).max(50), rhPct: z.number().min(2).max(100) });

export const heaterSchema = z.strictObject({
  kW: z.number().min(0.1).max(100),
  setC: z.number().min(5).max(60).describe('air at which it holds, °C'),
  kind: z.enum(HEATERS),
  perKWh: z.number().min(0).max(100).optional().describe("price of a kWh in the job's currency"),
});
export type Heater = z.infer<typeof heaterSchema>;

export const placeSchema = z.strictObject({
  name: z.string().min(1).max(80).optional(),
  tz: z.string().min(1).max(60).describe('IANA zone, for instance Europe/London'),
  lat: z.number().min(-90).max(90),
  lon: z.number().min(-180).max(180),
  elevationM: z.number().min(-430).max(6000).optional(),
  shelter: z.enum(SHELTERS),
  door: z.enum(DOORS).optional().describe('of a place with walls; left out means open'),
  widthM: z.number().min(0.5).max(100).optional().describe('floor, across; left out: usual for its kind'),
  depthM: z.number().min(0.5).max(100).optional().describe('floor, along'),
  heightM: z.number().min(0.8).max(30).optional(),
  windFrac: z
    .number()
    .min(0)
    .max(1.5)
    .optional()
    .describe('wind at the part over wind in the open at 1.5 m, door open; left out: usual for its kind'),
  facing: z
    .number()
    .min(0)
    .max(359)
    .optional()
    .describe('where its open side or its door looks, degrees from north by east; left out means not known'),
  horizonDeg: z
    .array(z.number().min(0).max(85))
    .length(COMPASS.length)
    .optional()
    .describe('how high houses and trees stand to the N, NE, E … NW, degrees above level'),
  heater: heaterSchema.optional(),
  extractM3h: z.number().min(0).max(50_000).optional().describe('air a fan takes out, m³/h'),
  rackM2: z
    .number()
    .min(0.05)
    .max(500)
    .optional()
    .describe('painted area that can stand to dry at a time, m²; left out: as much as there is'),
  dusty: z.boolean().optional().describe('a bare or dusty floor'),
  paintHere: z.boolean().optional().describe('cans and tins are kept in it; left out: indoors'),
  insects: z.boolean().optional().describe('insects at dusk'),
  fuseA: z.number().min(1).max(125).optional().describe('of the socket, A'),
  volts: z.number().min(90).max(480).optional().describe('mains, V; left out means 230'),
  measured: z
    .strictObject({
      ...steadySchema.shape,
      course: z.array(steadySchema).length(24).optional().describe('hour by hour of the day, from a log'),
    })
    .optional()
    .describe('air that hardly follows the weather, as in a cellar: taken as it was measured'),
  own: shelterOwnSchema.optional().describe('what readings of closed jobs taught of it'),
  lamp: z.boolean().optional().describe('light enough to spray after dark'),
  windMaxMs: z
    .number()
    .min(0.3)
    .max(10)
    .optional()
    .describe('own limit of the wind at the part here, m/s; left out: that of the sheet'),
  gapMinK: z
    .number()
    .min(0)
    .max(15)
    .optional()
    .describe('own least gap of the panel over the dew point here, K; left out: that of the sheet'),
  loud: spanSchema.optional().describe('hours in which a compressor may run; left out means any'),
});
export type Place = z.infer<typeof placeSchema>;
export type Shelter = Place['shelter'];
