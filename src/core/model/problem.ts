import type { z } from 'zod';

export const PROBLEM_CODES = [
  'too-large',
  'too-much',
  'not-json',
  'not-arrup',
  'no-script',
  'no-columns',
  'no-captions',
  'no-dates',
  'not-series',
  'is-series',
  'not-docx',
  'not-take-along',
  'broken-link',
  'link-too-long',
  'not-backup',
  'newer-version',
  'bad-version',
  'missing',
  'wrong-type',
  'too-small',
  'too-big',
  'not-one-of',
  'bad-pattern',
  'unknown-field',
  'ages-backwards',
  'unknown-move',
  'same-id',
  'no-outcome',
  'unmapped-outcome',
  'no-weight',
  'no-stand-in',
  'no-value',
  'backwards-range',
  'invalid',
] as const;
export type ProblemCode = (typeof PROBLEM_CODES)[number];

export type Path = readonly (string | number)[];

/** What is wrong with some input, as data; words are found at the edge. */
export type Problem = Readonly<{
  code: ProblemCode;
  path: Path;
  params: Readonly<Record<string, string | number | readonly string[]>>;
}>;

export type Result<T> =
  Readonly<{ ok: true; value: T }> | Readonly<{ ok: false; problems: readonly Problem[] }>;

export function problem(
  code: ProblemCode,
  path: Path = [],
  params: Problem['params'] = {},
): Problem {
  return { code, path, params };
}

const asPath = (path: readonly PropertyKey[]): Path =>
  path.map((step) => (typeof step === 'number' ? step : String(step)));

/** One Zod issue as a problem in our own closed set of codes. */
export function problemOfIssue(issue: z.core.$ZodIssue): Problem {
  const path = asPath(issue.path);
  switch (issue.code) {
    case 'invalid_type':
      return issue.input === undefined
        ? problem('missing', path)
        : problem('wrong-type', path, { expected: issue.expected });
    case 'too_small':
      return problem('too-small', path, { least: Number(issue.minimum) });
    case 'too_big':
      return problem('too-big', path, { most: Number(issue.maximum) });
    case 'invalid_value':
      return problem('not-one-of', path, { allowed: issue.values.map(String) });
    case 'invalid_union':
      return problem('not-one-of', path);
    case 'invalid_format':
      return problem('bad-pattern', path);
    case 'unrecognized_keys':
      return problem('unknown-field', path, { fields: issue.keys.map((key) => key.slice(0, 60)) });
    case 'custom':
      return problem(issue.params?.code === 'ages-backwards' ? 'ages-backwards' : 'invalid', path);
    default:
      return problem('invalid', path);
  }
}
