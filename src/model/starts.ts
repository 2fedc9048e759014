/** What a plan says of starts: the stretches of the week that suit, and what to do now. */
import * as z from 'zod';

const iso = z.string();

export const suitSchema = z.strictObject({
  sessionId: z.string(),
  spans: z.array(
    z.strictObject({
      startsAt: iso,
      endsAt: iso,
      verdict: z.enum(['good', 'inside', 'no']),
      reasons: z.array(z.string()),
      share: z
        .number()
        .nullable()
        .describe(
          'best share of good futures in the stretch; null where the central line already fails and none were counted',
        ),
    }),
  ),
});
export type Suit = z.infer<typeof suitSchema>;

const weighedSchema = z.strictObject({
  at: iso,
  chance: z.number().describe('that the session goes well, drawn towards its week'),
  cost: z
    .number()
    .describe('expected, money: what failing costs with its chance, and what follows either way'),
});

export const decisionSchema = z.strictObject({
  act: z.enum(['go', 'wait', 'stop']),
  sessionId: z.string(),
  now: weighedSchema.nullable().describe('the cheapest start before the next look'),
  likely: weighedSchema
    .omit({ cost: true })
    .extend({ share: z.number().describe('chance that this start will be the one, 0…1') })
    .nullable()
    .describe('the start most likely to be made if every look is acted on'),
  begun: z.number().describe('chance that a start is made at all in the days that are known'),
  cost: z.number().describe('expected of the best that can be done, money'),
  waiting: z.number().describe('expected of waiting for the next look and acting on it'),
  never: z.number().describe('what leaving it undone costs'),
  stake: z.number().describe('what failing costs: paint, what was activated, hours'),
  least: z.number().describe('no start is proposed on a smaller chance'),
  isLimited: z.boolean().describe('some starts were left out for that'),
  nextLookAt: iso.nullable(),
});
export type PlanDecision = z.infer<typeof decisionSchema>;
