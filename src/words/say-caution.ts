/** The words of a caution: what, then what to do. */
import type { Caution } from '@/model/plan';
import type { Format } from './format';
import { CAUTIONS } from './sentences/cautions';
import { filled } from './sentences/reader';

/** The first sentence is the heading, the rest its body. */
export function sayCaution(
  caution: Pick<Caution, 'code' | 'params'>,
  f: Format,
): { readonly head: string; readonly body: string } {
  const text = filled(CAUTIONS, caution, f);
  const cut = /^.*?[.?](?= )/.exec(text)?.[0] ?? text;
  return { head: cut.replace(/\.$/, ''), body: text.slice(cut.length).trim() };
}
