/** Names of things inside a job: parts, layers. */
import * as z from 'zod';
import { ID } from './limits';

export const idSchema = z
  .string()
  .regex(ID, 'letters, digits, - and _ only, at most 60, starting with a letter or digit');
