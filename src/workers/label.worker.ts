/** The words of a label, read beside the page: a shell around the reader. */
import { readLabel } from '@/formats/label/read-label';
import type { LabelAsked } from './label-client';

self.onmessage = ({ data: { id, text } }: MessageEvent<LabelAsked>): void => {
  self.postMessage({ id, reading: readLabel(text) });
};
