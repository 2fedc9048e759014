/**
 * The address of the owner's feed: a file of its own beside the workshop, in no copy of it, so that nothing that is
 * brought in can set it.
 */
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import * as z from 'zod';
import { writeWhole } from './durable';

const fileOf = (folder: string): string => join(folder, 'feed.json');
const settingSchema = z.strictObject({ address: z.string().min(1).max(500) });

export interface FeedSetting {
  /** null: off */
  get(): string | null;
  set(address: string | null): void;
}

export function feedSetting(folder: string): FeedSetting {
  return {
    get: () => {
      const file = fileOf(folder);
      if (!existsSync(file)) return null;
      try {
        return settingSchema.parse(JSON.parse(readFileSync(file, 'utf8'))).address;
      } catch {
        return null;
      }
    },
    set: (address) => {
      if (address === null) rmSync(fileOf(folder), { force: true });
      else writeWhole(fileOf(folder), Buffer.from(JSON.stringify({ address })));
    },
  };
}
