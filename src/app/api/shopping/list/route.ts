import { fileAnswer, refused } from '@/app/api/answer';
import { workshop } from '@/app/wiring';
import { listCsv, listText } from '@/formats/shopping-file';
import { packSolver } from '@/solver/pack-solver';
import { shoppingFor } from '@/usecases/shopping/shopping';
import { formatFor } from '@/words/format';

/** The list as a file: CSV for a table, plain text for a message. */
export async function GET(request: Request): Promise<Response> {
  const q = new URL(request.url).searchParams;
  const as = q.get('as');
  const ids = q.get('jobs');
  if (as !== 'csv' && as !== 'text') return refused(400, 'Say as csv or as text.');
  const { store, stock, clock } = workshop();
  const s = shoppingFor(store, stock, ids === null ? null : ids.split(','), {
    solve: await packSolver(),
    nowMs: clock.nowMs(),
  });
  if (s.kind === 'currencies')
    return refused(409, `These jobs are in ${s.currencies.join(' and ')}. Buy for one currency at a time.`);
  const f = formatFor(q.get('units') === 'us' ? 'us' : 'metric');
  return as === 'csv'
    ? fileAnswer(listCsv(s.list, f), 'pellucid-shopping.csv', 'text/csv; charset=utf-8')
    : fileAnswer(listText(s.list, f), 'pellucid-shopping.txt', 'text/plain; charset=utf-8');
}
