import { describe, expect, it } from 'vitest';
import { DEMO_JOBS } from '@/demo/jobs';
import { GLOSSARY } from '@/words/glossary';
import { KIND_NAMES } from '@/words/names';
import { search, type Hit } from './search';

const words = { glossary: GLOSSARY, kinds: KIND_NAMES };
const find = (text: string): Hit[] =>
  search(
    text,
    {
      jobs: DEMO_JOBS,
      stock: [{ name: 'Orrin base, Moss green', remainingMl: 180 }],
      removed: [{ name: 'Coal scuttle' }],
      places: [{ id: 'yard', name: 'Yard, open' }],
    },
    words,
  );

describe('one search over everything', () => {
  it('a job by its name, a part with its job, each with the way there', () => {
    expect(find('cargo')[0]).toMatchObject({ kind: 'job', href: '/jobs/cargo-bike' });
    expect(find('scuttle')[0]).toMatchObject({ kind: 'job', href: '/' });
    expect(find('bonnet').find((h) => h.kind === 'part')).toMatchObject({
      title: 'Bonnet',
      href: '/jobs/tractor-bonnet/surface#parts',
    });
  });
  it('products, the shelf, pages and words; the word meant comes before those that only speak of it', () => {
    expect(find('halden').every((h) => h.kind === 'product')).toBe(true);
    expect(find('moss').map((h) => h.kind)).toContain('shelf');
    expect(find('yard')[0]).toMatchObject({ title: 'Yard, open', href: '/places?at=yard' });
    expect(find('garage')[0]).toMatchObject({ kind: 'action', href: '/places' });
    expect(find('hygrometer')[0]).toMatchObject({ title: 'Readings' });
    expect(find('backup')[0]).toMatchObject({ kind: 'action', href: '/workshop' });
    expect(find('flash')[0]).toMatchObject({ kind: 'word', title: 'Flash', href: null });
    // Looked for by another word.
    expect(find('thinner')[0]!.title).toBe('Reducer');
  });
  it('letters of either case, space around it, nothing, nonsense and a very long text', () => {
    expect(find('  FLASH ')[0]!.title).toBe('Flash');
    expect(find('')).toEqual([]);
    expect(find('   ')).toEqual([]);
    expect(find('qqqq')).toEqual([]);
    expect(find('x'.repeat(10_000))).toEqual([]);
    expect(find('e').length).toBeLessThanOrEqual(24);
    // Two letters are looked for in names alone.
    expect(find('fl').every((h) => /(^|[^a-z])fl/i.test(h.title) || h.kind === 'word')).toBe(true);
    expect(find('fl').map((h) => h.title)).not.toContain('Matte');
  });
});
