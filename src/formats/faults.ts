/** What is wrong with outside data, as a path and what was expected there. One shape for file, form and route. */
import type * as z from 'zod';

export interface Fault {
  readonly path: string;
  readonly expected: string;
}
export type Parsed<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly faults: readonly Fault[] };

export function pathText(path: readonly PropertyKey[]): string {
  return (
    path.map((p, i) => (typeof p === 'number' ? `[${p}]` : i === 0 ? String(p) : `.${String(p)}`)).join('') ||
    '(the whole)'
  );
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
  return x === null
    ? 'null'
    : x === undefined
      ? 'nothing'
      : Array.isArray(x)
        ? 'a list'
        : typeof x === 'object'
          ? 'an object'
          : typeof x === 'string'
            ? `the text “${x.slice(0, 40)}”`
            : String(x);
}

function at(root: unknown, path: readonly PropertyKey[]): unknown {
  return path.reduce<unknown>(
    (x, k) => (x !== null && typeof x === 'object' ? (x as Record<PropertyKey, unknown>)[k] : undefined),
    root,
  );
}

function expectedOf(issue: z.core.$ZodIssue, got: string): string {
  switch (issue.code) {
    case 'invalid_type':
      return `${PLAIN[issue.expected] ?? issue.expected} (got ${got})`;
    case 'too_small':
      return issue.origin === 'array'
        ? `at least ${issue.minimum} ${issue.minimum === 1 ? 'entry' : 'entries'}`
        : issue.origin === 'string'
          ? `a text of at least ${issue.minimum} characters (got ${got})`
          : `a number ${issue.inclusive === false ? 'above' : 'of at least'} ${issue.minimum} (got ${got})`;
    case 'too_big':
      return issue.origin === 'array'
        ? `at most ${issue.maximum} entries`
        : issue.origin === 'string'
          ? `a text of at most ${issue.maximum} characters`
          : `a number ${issue.inclusive === false ? 'below' : 'of at most'} ${issue.maximum} (got ${got})`;
    case 'invalid_value':
      return `one of ${issue.values.map(String).join(', ')} (got ${got})`;
    case 'invalid_format':
      return `${issue.message.startsWith('Invalid') ? `a text in the form ${issue.format}` : issue.message} (got ${got})`;
    default:
      return `${issue.message} (got ${got})`;
  }
}

/** All faults of a failed parse; an unknown key is named with its path. */
export function faultsOf(error: z.core.$ZodError, root: unknown): Fault[] {
  return error.issues.flatMap((issue): Fault[] => {
    if (issue.code === 'unrecognized_keys')
      return issue.keys.map((k) => ({
        path: pathText([...issue.path, k]),
        expected: 'no such field; check the spelling or take it out',
      }));
    return [{ path: pathText(issue.path), expected: expectedOf(issue, kindOf(at(root, issue.path))) }];
  });
}
