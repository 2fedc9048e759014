/** Where it is sprayed: what turns the weather into what the part feels. What is left out is usual for its kind. */
import * as z from 'zod';
import { spanSchema } from './iso';
import { DOORS, SHELTERS } from './lists';

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
  measured: z
    .strictObject({ airC: z.number().min(-30).max(50), rhPct: z.number().min(2).max(100) })
    .optional()
    .describe('air that is the same day and night, as in a cellar: taken as it was measured'),
  lamp: z.boolean().optional().describe('light enough to spray after dark'),
  loud: spanSchema.optional().describe('hours in which a compressor may run; left out means any'),
});
export type Place = z.infer<typeof placeSchema>;
export type Shelter = Place['shelter'];
