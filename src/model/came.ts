/** The air at a job’s parts as it came, hour by hour: from the forecast nearest to each hour, and what was measured. */
import * as z from 'zod';

export const airHourSchema = z.strictObject({
  ms: z.number().int().describe('the hour it begins with'),
  panelC: z.number().min(-60).max(120),
  gapK: z.number().min(-60).max(90).describe('panel over the dew point'),
  rhPct: z.number().min(0).max(100),
  windMs: z.number().min(0).max(60),
  cureC: z.number().min(-60).max(120).describe('of the part where it dries'),
});
export type AirHour = z.infer<typeof airHourSchema>;

/** Hours of a record: from before the first coat until the last is dust-free and more. */
export const MOST_TRACE_H = 24 * 40;
export const traceSchema = z.array(airHourSchema).max(MOST_TRACE_H);
