import { Ajv2020 } from 'ajv/dist/2020.js';
import { type Problem, problemsOf } from '@relay/core/plan/problem';
import { InvalidRequest } from '../errors';

/** The first error only: telling all of a large body is work that nobody reads. */
const ajv = new Ajv2020({ allErrors: false, strict: true, allowUnionTypes: true, verbose: true });

/** What of a body does not fit a schema; empty when all does. */
export function bodyProblems(schema: object): (body: unknown) => Problem[] {
  const matches = ajv.compile(schema);
  return (body) => (matches(body) ? [] : problemsOf(matches.errors ?? []));
}

/** A checker for one kind of request body. @throws InvalidRequest with the place that does not fit */
export function bodyChecker<T>(schema: object): (body: unknown) => T {
  const problems = bodyProblems(schema);
  return (body) => {
    const found = problems(body);
    if (found.length > 0) throw new InvalidRequest(found);
    return body as T;
  };
}
