import { bytesOf, refused, typeOf } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { parseProductsCsv, parseProductsJson } from '@/formats/product-file';

/**
 * Reads a file of data sheets, JSON or CSV; the good ones and, row by row, what is wrong with the others.
 * Nothing is stored.
 */
export const POST = handled(async (request: Request) => {
  const type = typeOf(request);
  if (type !== 'application/json' && type !== 'text/csv')
    return refused(415, 'Send a JSON or CSV file of data sheets.');
  const sent = await bytesOf(request, 1024 * 1024);
  if (!sent.ok) return sent.answer;
  const text = new TextDecoder().decode(sent.value);
  const r = type === 'text/csv' ? parseProductsCsv(text) : parseProductsJson(text);
  return r.ok ? Response.json(r.value) : refused(422, 'This file cannot be read as data sheets.', r.faults);
});
