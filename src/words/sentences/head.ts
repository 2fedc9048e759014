/** A text whose first sentence is its heading. */
export interface Told {
  readonly head: string;
  readonly body: string;
}

export function headAndBody(text: string): Told {
  const head = /^.*?[.?](?= )/.exec(text)?.[0] ?? text;
  return { head: head.replace(/\.$/, ''), body: text.slice(head.length).trim() };
}

/** The heading with its stop. */
export const headText = ({ head }: Told): string => (head.endsWith('?') ? head : `${head}.`);

/** The whole of it again, for text and paper. */
export const toldText = (told: Told): string => `${headText(told)} ${told.body}`.trimEnd();
