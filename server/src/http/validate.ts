import { Ajv2020 } from 'ajv/dist/2020.js';
import { problemsOf } from '@relay/core/plan/problem';
import { InvalidRequest } from '../errors';

const ajv = new Ajv2020({ allErrors: true, strict: true, allowUnionTypes: true, verbose: true });

/** A checker for one kind of request body. @throws InvalidRequest with every place that does not fit */
export function bodyChecker<T>(schema: object): (body: unknown) => T {
  const matches = ajv.compile<T>(schema);
  return (body) => {
    if (matches(body)) return body;
    throw new InvalidRequest(problemsOf(matches.errors ?? []));
  };
}
