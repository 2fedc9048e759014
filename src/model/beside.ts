/** What was read in a place beside what was told for it: of that is learned how the place shelters. */
import * as z from 'zod';

const airC = z.number().min(-60).max(90);
const windMs = z.number().min(0).max(60);
export const besideSchema = z.strictObject({
  ms: z.number().int(),
  told: z
    .strictObject({ airC, dewC: airC, windMs })
    .describe('by the forecast that held then, through the place as it is usual, °C and m/s'),
  read: z
    .strictObject({ airC: airC.optional(), dewC: airC.optional(), windMs: windMs.optional() })
    .describe('dew point from air and humidity that were read together'),
});
export type Beside = z.infer<typeof besideSchema>;

export const MOST_BESIDE = 60;

/** What readings of closed jobs taught of a place, over what is usual of its kind. */
export const shelterOwnSchema = z.strictObject({
  windTimes: z.number().min(0.05).max(5).optional().describe('wind at the part over what is reckoned'),
  airK: z.number().min(-15).max(15).optional().describe('air warmer than reckoned by so much'),
  dewK: z.number().min(-15).max(15).optional().describe('dew point higher than reckoned by so much'),
});
export type ShelterOwn = z.infer<typeof shelterOwnSchema>;
