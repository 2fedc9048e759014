/** What is wrong with outside data, as a path and what was expected there. One shape for file, form and route. */
import type * as z from 'zod';

export interface Fault {
  readonly path: string;
  readonly expected: string;
}
export type Parsed<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly faults: readonly Fault[] };

/** More than this is counted, not told. */
const MOST_TOLD = 20;
const MOST_PATH_CHARACTERS = 160;

const MORE = '(and more)';

/**
 * The first of many faults, and how many more there are; what was told so already is not counted again.
 * @param all how many there are in all
 */
export function told(faults: readonly Fault[], all: number = faults.length): Fault[] {
  if (faults.length === MOST_TOLD + 1 && faults.at(-1)?.path === MORE) return [...faults];
  const more = all - Math.min(faults.length, MOST_TOLD);
  const rest = more > 0 ? [{ path: MORE, expected: `${more} faults more were found` }] : [];
  return [...faults.slice(0, MOST_TOLD), ...rest];
}

/** parts[0].name; "(the whole)" for the root. */
export function pathText(path: readonly PropertyKey[]): string {
  const text = path.map((p) => (typeof p === 'number' ? `[${p}]` : `.${String(p)}`)).join('');
  return text.slice(0, MOST_PATH_CHARACTERS).replace(/^\./, '') || '(the whole)';
}

const PLAIN: Readonly<Record<string, string>> = {
  string: 'a text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'true or false',
  array: 'a list',
  object: 'an object with named fields',
  tuple: 'a list of fixed length',
};

function kindOf(x: unknown): string {
  if (x === null) return 'null';
  if (x === undefined) return 'nothing';
  if (Array.isArray(x)) return 'a list';
  if (typeof x === 'object') return 'an object';
  return typeof x === 'string' ? `the text “${x.slice(0, 40)}”` : String(x);
}

function at(root: unknown, path: readonly PropertyKey[]): unknown {
  return path.reduce<unknown>(
    (x, k) => (x !== null && typeof x === 'object' ? (x as Record<PropertyKey, unknown>)[k] : undefined),
    root,
  );
}

function tooSmall(issue: z.core.$ZodIssueTooSmall, got: string): string {
  const least = issue.minimum;
  if (issue.origin === 'array') return `at least ${least} ${least === 1 ? 'entry' : 'entries'}`;
  if (issue.origin === 'string') return `a text of at least ${least} characters (got ${got})`;
  return `a number ${issue.inclusive === false ? 'above' : 'of at least'} ${least} (got ${got})`;
}

function tooBig(issue: z.core.$ZodIssueTooBig, got: string): string {
  const most = issue.maximum;
  if (issue.origin === 'array') return `at most ${most} entries`;
  if (issue.origin === 'string') return `a text of at most ${most} characters`;
  return `a number ${issue.inclusive === false ? 'below' : 'of at most'} ${most} (got ${got})`;
}

function expectedOf(issue: z.core.$ZodIssue, got: string): string {
  switch (issue.code) {
    case 'invalid_type':
      return `${PLAIN[issue.expected] ?? issue.expected} (got ${got})`;
    case 'too_small':
      return tooSmall(issue, got);
    case 'too_big':
      return tooBig(issue, got);
    case 'invalid_value':
      return `one of ${issue.values.map(String).join(', ')} (got ${got})`;
    case 'invalid_format': {
      const form = issue.message.startsWith('Invalid') ? `a text in the form ${issue.format}` : issue.message;
      return `${form} (got ${got})`;
    }
    default:
      return `${issue.message} (got ${got})`;
  }
}

/** The faults of a failed parse; an unknown key is named with its path. Of many the first are told. */
export function faultsOf(error: z.core.$ZodError, root: unknown): Fault[] {
  const first = error.issues.slice(0, MOST_TOLD).flatMap((issue): Fault[] => {
    if (issue.code === 'unrecognized_keys')
      return issue.keys
        .slice(0, MOST_TOLD)
        .map((k) => ({
          path: pathText([...issue.path, k]),
          expected: 'no such field; check the spelling or take it out',
        }));
    return [{ path: pathText(issue.path), expected: expectedOf(issue, kindOf(at(root, issue.path))) }];
  });
  const all = error.issues.reduce((n, i) => n + (i.code === 'unrecognized_keys' ? i.keys.length : 1), 0);
  return told(first, all);
}

/** What was expected, for a form that is judged as it is typed. */
export const issueSaid = (issue: z.core.$ZodRawIssue): string =>
  expectedOf(issue as z.core.$ZodIssue, kindOf(issue.input));
