/** Tasks of a plan, and mends that are tasks alone. */
import * as z from 'zod';
import { NOTED_FAULTS } from './fault';
import { noticeSchema } from './marks';
import { MENDS } from './mend';
import { TASK_KINDS } from './task-kinds';

export type { TaskKind } from './task-kinds';
const iso = z.string();

export const taskSchema = z.strictObject({
  id: z.string(),
  kind: z.enum(TASK_KINDS),
  layerId: z.string().nullable(),
  coat: z.number().int().nullable(),
  partIds: z.array(z.string()),
  startsAt: iso,
  endsAt: iso,
  handsOn: z.boolean(),
  detail: noticeSchema,
  checks: z.array(noticeSchema),
  cautions: z.array(z.string()).describe('hazards said at this moment, as hazard.moment'),
  leftMin: z.number().describe('minutes of the same task that remain after it, for another day'),
});
export type Task = z.infer<typeof taskSchema>;

export const openMendSchema = z.strictObject({
  id: z.string(),
  code: z.enum(NOTED_FAULTS),
  kind: z.enum(MENDS),
  partIds: z.array(z.string()),
  at: iso.nullable().describe('from when; null while coats are still to come'),
  bySheet: z.boolean().describe('at the temperature of the sheet: the forecast does not reach so far'),
  tasks: z.array(
    z.strictObject({
      id: z.string(),
      kind: z.enum(TASK_KINDS),
      detail: noticeSchema,
      minutes: z.number(),
      startsAt: iso.nullable().describe('in free hours; null while coats are still to come, and past them'),
      endsAt: iso.nullable(),
    }),
  ),
});
