/** Files that are on the disk, whole, before anything stands for them. */
import {
  closeSync,
  copyFileSync,
  fsyncSync,
  linkSync,
  mkdirSync,
  openSync,
  renameSync,
  writeSync,
} from 'node:fs';
import { dirname } from 'node:path';

/** What a file is called until it is whole; swept away at the next start. */
export const PART = '.part';

/** Written beside, flushed, then named: under its name there is never half a file. */
export function writeWhole(file: string, bytes: Uint8Array): void {
  mkdirSync(dirname(file), { recursive: true });
  const handle = openSync(`${file}${PART}`, 'w');
  try {
    for (let at = 0; at < bytes.byteLength;) at += writeSync(handle, bytes, at);
    fsyncSync(handle);
  } finally {
    closeSync(handle);
  }
  renameSync(`${file}${PART}`, file);
}

/** The same picture under a second name: one on the disk where the file system can, else a copy. */
export function sameFile(from: string, to: string): void {
  mkdirSync(dirname(to), { recursive: true });
  try {
    linkSync(from, to);
  } catch {
    copyFileSync(from, `${to}${PART}`);
    renameSync(`${to}${PART}`, to);
  }
}
