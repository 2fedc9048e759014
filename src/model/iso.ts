/** A time as a job file gives it. */
import * as z from 'zod';

/** A civil date of the place. */
export const dateSchema = z.string().regex(/^\d{4}-\d\d-\d\d$/, 'a date like 2026-05-16');
/** ISO 8601, with or without offset. Without one the place's zone applies. */
export const isoSchema = z
  .string()
  .regex(
    /^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:?\d\d)?$/,
    'a time like 2026-05-16T10:30 or 2026-05-16T10:30:00+01:00',
  );

/** A time on the clock of the place; 24:00 ends its day. */
export const clockSchema = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$|^24:00$/, 'a clock time like 17:30');
/** Hours of one day. */
export const spanSchema = z.tuple([clockSchema, clockSchema]).describe('from and to, the same day');
