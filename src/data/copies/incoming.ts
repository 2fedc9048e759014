/** Files on their way in, piece by piece, in a folder that is emptied at every start. */
import { randomUUID } from 'node:crypto';
import { closeSync, existsSync, mkdirSync, openSync, rmSync, statfsSync, statSync, writeSync } from 'node:fs';
import { join } from 'node:path';
import { SentRefused } from './refusal';

export const MOST_PIECE_BYTES = 8 * 1024 * 1024;
const MOST_FILE_BYTES = 5 * 1024 ** 3;
/** Unpacked beside it, and a little over. */
const ROOM = 2.5;
const TOKEN = /^[0-9a-f-]{36}$/;

export class Incoming {
  constructor(private readonly folder: string) {
    rmSync(folder, { recursive: true, force: true });
  }

  /** @param bytes how large it will be @returns the token it is known by @throws SentRefused when there is no room for it */
  begin(bytes: number): string {
    if (!(bytes > 0)) throw new SentRefused('The file is empty. Choose a copy saved by this page.');
    if (bytes > MOST_FILE_BYTES) throw new SentRefused('This file is larger than 5 GB.');
    const token = randomUUID();
    mkdirSync(join(this.folder, token, 'work'), { recursive: true });
    const { bavail, bsize } = statfsSync(this.folder);
    if (bytes * ROOM > bavail * bsize) {
      this.drop(token);
      throw new SentRefused(
        'There is not enough room on the server’s disk for this file. Make room, then try again.',
      );
    }
    return token;
  }

  /** The file of a token and the folder to work on it; null for a token that is none. */
  of(token: string): { file: string; work: string } | null {
    const folder = join(this.folder, token);
    if (!TOKEN.test(token) || !existsSync(folder)) return null;
    return { file: join(folder, 'sent'), work: join(folder, 'work') };
  }

  /** Lays a piece down where the file ends. @returns how large the file is now; a piece for another place is not laid down */
  append(token: string, at: number, piece: Uint8Array): number | null {
    const here = this.of(token);
    if (!here) return null;
    const size = existsSync(here.file) ? statSync(here.file).size : 0;
    if (at !== size || size + piece.byteLength > MOST_FILE_BYTES) return size;
    const handle = openSync(here.file, 'a');
    try {
      for (let done = 0; done < piece.byteLength;) done += writeSync(handle, piece, done);
    } finally {
      closeSync(handle);
    }
    return size + piece.byteLength;
  }

  drop(token: string): void {
    if (TOKEN.test(token)) rmSync(join(this.folder, token), { recursive: true, force: true });
  }
}
