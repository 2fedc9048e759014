/** Money and hands in rows. */
import { describe, expect, it } from 'vitest';
import { systemFor } from '@/core/coating/system';
import { demo } from '@/demo/test-kit';
import type { Job } from '@/model/job';
import { formatFor } from '@/words/format';
import { inTheEnd } from '@/core/in-the-end';
import { endRows } from './in-the-end';

const rows = (over: Partial<Job>) => {
  const job = { ...demo('tractor-bonnet'), ...over };
  return endRows(inTheEnd(job, systemFor(job)), job.budget.currency, formatFor('metric'));
};
const find = (list: ReturnType<typeof rows>, name: string) => list.find((r) => r.name === name);

describe('money and hands in the end', () => {
  it('fifty cans at 11.20 are 560; without a log nothing is said of what was used', () => {
    const used = [{ by: 'cans' as const, productId: 'orrin-base', cans: 50 }];
    const log = { used, outcomes: [], note: '' };
    expect(find(rows({ log }), 'Paint used')).toMatchObject({ figure: '£560.00' });
    expect(find(rows({}), 'Paint used')).toBeUndefined();
  });
  it('the kit has a row where it is shared, and hands say how to be clocked', () => {
    const equipment = { sprayer: 'hvlp' as const, suppliedAir: false, kitJobs: 10 };
    expect(find(rows({ equipment }), 'Share of the kit')).toBeDefined();
    expect(find(rows({}), 'Share of the kit')).toBeUndefined();
    expect(find(rows({ state: { coats: [], activations: [] } }), 'Hands')!.besides).toContain('Begin');
    const tasks = [{ taskId: 'x.sand', startedAt: '2026-05-15T10:00', endedAt: '2026-05-15T11:10' }];
    expect(find(rows({ state: { coats: [], activations: [], tasks } }), 'Hands')!.besides).toBe(
      '1 h 10 of it clocked, in 1 task',
    );
  });
});
