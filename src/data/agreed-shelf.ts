/** The plans that owners went on with, one a job, beside the workshop: a memory like the plans themselves. */
import { agreedSchema } from '@/model/agreed';
import type { AgreedShelf } from '@/usecases/ports';
import { memoryIn } from './memory';

const MOST_AGREED = 1000;
/** One a job, whatever it follows from. */
const KEY = '';

export function agreedShelf(folder: string): AgreedShelf {
  const memory = memoryIn(folder, 'agreed_plans', MOST_AGREED);
  return {
    get: (jobId) => {
      const read = agreedSchema.safeParse(memory.get(jobId, KEY));
      return read.success ? read.data : null;
    },
    keep: (jobId, agreed) => memory.keep(jobId, KEY, agreed),
  };
}
