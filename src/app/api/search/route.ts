import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';
import { searchKept } from '@/usecases/search';
import { GLOSSARY } from '@/words/glossary';
import { KIND_NAMES } from '@/words/names';

const WORDS = { glossary: GLOSSARY, kinds: KIND_NAMES };

/** What is found for ?q=. */
export const GET = handled((request: Request) => {
  const { store, stock, places } = workshop();
  const q = new URL(request.url).searchParams.get('q') ?? '';
  return Promise.resolve(Response.json({ hits: searchKept(q, { jobs: store, stock, places }, WORDS) }));
});
