/**
 * An hourly forecast as it comes in: one or more members over one time axis. One member is a
 * single-line forecast and is dressed into an ensemble; more are used as they are.
 */
import * as z from 'zod';
import { isoSchema } from './iso';

const series = (low: number, high: number): z.ZodArray<z.ZodNumber> =>
  z
    .array(z.number().min(low).max(high))
    .min(2)
    .max(24 * 16);

export const memberSchema = z.strictObject({
  airTempC: series(-60, 60),
  rhPct: series(0, 100),
  windMs: series(0, 80).describe('mean wind at 10 m, m/s'),
  gustMs: series(0, 120),
  rainMm: series(0, 200).describe('rain in the hour that starts here, mm'),
  cloudFrac: series(0, 1),
});
export type ForecastMember = z.infer<typeof memberSchema>;

/** How far a single line may be wrong, where more is known of it than its lead time. */
export const doubtSchema = z.strictObject({
  rainChance: series(0, 1).optional().describe('chance of rain in the hour; left out: as the line says'),
  dewSdK: series(0, 10).optional().describe('spread of the dew point where no humidity was given, K'),
  tempScale: z.number().min(0.2).max(5).optional().describe('its errors here over the usual ones'),
  windScale: z.number().min(0.2).max(5).optional(),
  rhScale: z.number().min(0.2).max(5).optional(),
});
export type Doubt = z.infer<typeof doubtSchema>;

export const forecastSchema = z.strictObject({
  start: isoSchema,
  stepMin: z.literal(60),
  members: z.array(memberSchema).min(1).max(100),
  doubt: doubtSchema.optional().describe('of a single line'),
  windFromDeg: series(0, 360)
    .optional()
    .describe('where the wind comes from, degrees from north by east; left out: not known'),
});
export type Forecast = z.infer<typeof forecastSchema>;

export const SERIES = ['airTempC', 'rhPct', 'windMs', 'gustMs', 'rainMm', 'cloudFrac'] as const;

/** Series of unequal length, which no single field can show. */
export function forecastFaults(f: Forecast): { path: string; expected: string }[] {
  const n = f.members[0]?.airTempC.length ?? 0;
  const doubts = (['rainChance', 'dewSdK'] as const).flatMap((key) => {
    const got = f.doubt?.[key]?.length ?? n;
    return got === n
      ? []
      : [{ path: `doubt.${key}`, expected: `${n} values, as in members[0] (got ${got})` }];
  });
  const from = f.windFromDeg?.length ?? n;
  if (from !== n)
    doubts.push({ path: 'windFromDeg', expected: `${n} values, as in members[0] (got ${from})` });
  const unequal = f.members.flatMap((member, i) =>
    SERIES.flatMap((key) =>
      member[key].length === n
        ? []
        : [
            {
              path: `members[${i}].${key}`,
              expected: `${n} values, as in members[0].airTempC (got ${member[key].length})`,
            },
          ],
    ),
  );
  return [...unequal, ...doubts];
}

/** Drier than any weather outdoors, %: a humidity that is never above it was written as a fraction. */
const DRIEST_PCT = 1;

/** A whole series of humidities that can only be fractions. */
export function humidityFaults(f: Forecast): { path: string; expected: string }[] {
  return f.members.flatMap(({ rhPct }, i) => {
    const most = Math.max(...rhPct);
    if (most > DRIEST_PCT) return [];
    const expected = `relative humidity in per cent, 0 to 100 (got at most ${most}; as a fraction that is ${most * 100} %)`;
    return [{ path: `members[${i}].rhPct`, expected }];
  });
}
