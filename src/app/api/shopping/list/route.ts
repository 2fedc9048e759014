import { fileAnswer, refused } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { shoppedBeside, workshop } from '@/app/wiring';
import { listCsv, listText } from '@/formats/shopping-file';
import { jobsChosen } from '@/usecases/shopping/wants';
import { formatFor } from '@/words/format';
import { SHOPPING_TOO_LONG } from '@/words/shopping';

/** The list as a file: CSV for a table, plain text for a message. */
export const GET = handled(async (request: Request) => {
  const query = new URL(request.url).searchParams;
  const as = query.get('as');
  const ids = query.get('jobs');
  if (as !== 'csv' && as !== 'text') return refused(400, 'Say as csv or as text.');
  const { store, stock } = workshop();
  const { jobs } = jobsChosen(store, ids);
  const shopping = await shoppedBeside({ jobs, items: stock.list() }, request.signal);
  if (shopping.kind === 'too-long') return refused(503, SHOPPING_TOO_LONG);
  if (shopping.kind === 'currencies')
    return refused(
      409,
      `These jobs are in ${shopping.currencies.join(' and ')}. Buy for one currency at a time.`,
    );
  const f = formatFor(query.get('units') === 'us' ? 'us' : 'metric');
  return as === 'csv'
    ? fileAnswer(listCsv(shopping.list, f), 'pellucid-shopping.csv', 'text/csv; charset=utf-8')
    : fileAnswer(listText(shopping.list, f), 'pellucid-shopping.txt', 'text/plain; charset=utf-8');
});
