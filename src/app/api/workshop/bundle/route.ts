import { fileAnswer } from '@/app/api/answer';
import { workshop } from '@/app/wiring';
import { bundleText } from '@/formats/bundle-file';

/** The whole workshop as one JSON file. */
export async function GET(): Promise<Response> {
  const { store, clock } = workshop();
  const savedAt = new Date(clock.nowMs()).toISOString();
  return fileAnswer(bundleText(store.everything(), savedAt), `pellucid-workshop-${savedAt.slice(0, 10)}.json`, 'application/json');
}
