/** Pictures of photographs, as files by the id of their row. */
import { join } from 'node:path';
import type { Db } from './db';

export const pictureName = (id: string): string => `${id}.jpg`;
export const pictureFile = (folder: string, id: string): string => join(folder, pictureName(id));

/** Every photograph there is a row of, taken out or not. */
export const photoIds = (db: Db): string[] =>
  db
    .prepare<[], { id: string }>('SELECT id FROM photos ORDER BY id')
    .all()
    .map((row) => row.id);
