import { fileAnswer } from '@/app/api/answer';
import { workshop } from '@/app/wiring';
import { copyOfDb } from '@/data/get-db';

/** The whole workshop as an SQLite file, undo steps included. */
export async function GET(): Promise<Response> {
  return fileAnswer(
    copyOfDb(),
    `pellucid-workshop-${new Date(workshop().clock.nowMs()).toISOString().slice(0, 10)}.sqlite`,
    'application/vnd.sqlite3',
  );
}
