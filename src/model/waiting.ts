/** The film that the next coat goes on while its wait runs. */
import * as z from 'zod';

const iso = z.string();
export const waitingSchema = z.strictObject({
  layerId: z.string(),
  productId: z.string(),
  partIds: z.array(z.string()),
  endedAt: iso.describe('its newest coat'),
  stage: z.enum(['flash', 'next']).describe('its own next coat, or another product on it'),
  earliestAt: iso
    .nullable()
    .describe('the dose of its sheet is reached in the air there is; null past the forecast'),
  wetUntil: iso.nullable().describe('best until then; null where the sheet names none'),
  lateAt: iso
    .nullable()
    .describe('its bond, or its time for a coat of itself, is over; null where it never is'),
  sheetMin: z.number().describe('wait at the temperature of the sheet'),
  over: z
    .number()
    .describe(
      'so many times longer by its film over the sheet’s: its character, what was weighed; 1 where that slows nothing',
    ),
  times: z.number().describe('so many times that, by what was felt; 1 where nothing was'),
});
export type WaitingFilm = z.infer<typeof waitingSchema>;
