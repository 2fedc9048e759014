/** The page's end of the label reader: the newest text wins, and one that takes too long is given up. */
import type { LabelReading } from '@/formats/label/read-label';

export interface LabelAsked {
  readonly id: number;
  readonly text: string;
}
interface LabelRead {
  readonly id: number;
  readonly reading: LabelReading;
}

export type Heard = (reading: LabelReading | null) => void;
/** A label is read in milliseconds; one that is not, is no label. */
const LIMIT_MS = 3000;

export class LabelClient {
  private worker: Worker | null = null;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private last = 0;

  /** @param heard what the newest text was read as, null for one that was given up */
  constructor(private readonly heard: Heard) {}

  read(text: string): void {
    this.worker ??= this.begin();
    this.last++;
    clearTimeout(this.timer);
    this.timer = setTimeout(() => this.giveUp(), LIMIT_MS);
    this.worker.postMessage({ id: this.last, text } satisfies LabelAsked);
  }

  close(): void {
    clearTimeout(this.timer);
    this.worker?.terminate();
    this.worker = null;
  }

  private begin(): Worker {
    const worker = new Worker(new URL('./label.worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data: { id, reading } }: MessageEvent<LabelRead>): void => {
      if (id !== this.last) return;
      clearTimeout(this.timer);
      this.heard(reading);
    };
    worker.onerror = (): void => this.giveUp();
    return worker;
  }

  private giveUp(): void {
    this.close();
    this.heard(null);
  }
}
