import { fileAnswer } from '@/app/api/answer';
import { workshop } from '@/app/wiring';
import { bundleText } from '@/formats/bundle-file';

/** The whole workshop as one JSON file. */
export async function GET(): Promise<Response> {
  const { store, photos, clock } = workshop();
  const savedAt = new Date(clock.nowMs()).toISOString();
  return fileAnswer(
    bundleText(
      store.everything(),
      savedAt,
      [...photos.everything()].map(({ picture, ...p }) => ({
        ...p,
        jpeg: Buffer.from(picture).toString('base64'),
      })),
    ),
    `pellucid-workshop-${savedAt.slice(0, 10)}.json`,
    'application/json',
  );
}
