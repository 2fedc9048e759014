/** The rooms of a workshop's folder, opened as the server opens them. */
import { join } from 'node:path';
import { jobStore } from '@/data/job-store';
import { migrationsIn, openDatabase } from '@/data/open';
import { photoStore } from '@/data/photo-store';
import { stockStore } from '@/data/stock-store';
import { tickStore } from '@/data/tick-store';

export function storesIn(folder: string) {
  const db = openDatabase(join(folder, 'workshop.sqlite'), migrationsIn('src/data/migrations'));
  return {
    db,
    jobs: jobStore(db),
    stock: stockStore(db),
    ticks: tickStore(db),
    photos: photoStore(db, join(folder, 'photos')),
  };
}
