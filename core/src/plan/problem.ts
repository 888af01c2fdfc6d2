/** What a schema says is wrong, as place, found and expected. */
import type { ErrorObject } from 'ajv';
import { toPointer } from './patches';

/** One thing wrong with a document: where, what was found, what was expected. */
export interface Problem {
  pointer: string;
  found: string;
  expected: string;
}

/** A value for a message, cut where it is long. */
export function show(value: unknown): string {
  const text = value === undefined ? 'nothing' : JSON.stringify(value);
  return text.length > 80 ? `${text.slice(0, 77)}…` : text;
}

/** `required` and `additionalProperties` point at the parent: the property's name is appended. */
function problemOf(error: ErrorObject): Problem {
  const params = error.params as Record<string, unknown>;
  if (error.keyword === 'required')
    return {
      pointer: error.instancePath + toPointer([String(params['missingProperty'])]),
      found: 'nothing',
      expected: 'a value',
    };
  if (error.keyword === 'additionalProperties')
    return {
      pointer: error.instancePath + toPointer([String(params['additionalProperty'])]),
      found: 'a property that a plan does not have',
      expected: 'nothing here',
    };
  if (error.keyword === 'enum')
    return {
      pointer: error.instancePath,
      found: show(error.data),
      expected: `one of ${(params['allowedValues'] as unknown[]).map(show).join(', ')}`,
    };
  if (error.keyword === 'const')
    return { pointer: error.instancePath, found: show(error.data), expected: show(params['allowedValue']) };
  return { pointer: error.instancePath, found: show(error.data), expected: error.message ?? error.keyword };
}

/**
 * The errors worth telling: of a choice ("null or an object") only what is wrong inside the branch that was meant.
 */
export function problemsOf(errors: readonly ErrorObject[]): Problem[] {
  const choices = errors.filter((error) => error.keyword === 'anyOf' || error.keyword === 'oneOf');
  const insideChoice = (error: ErrorObject) =>
    choices.some(
      (choice) =>
        choice !== error &&
        error.instancePath === choice.instancePath &&
        error.keyword === 'type' &&
        error.params['type'] === 'null',
    );
  const deeper = (choice: ErrorObject) =>
    errors.some(
      (error) =>
        error.instancePath.startsWith(`${choice.instancePath}/`) ||
        (error.instancePath === choice.instancePath && !choices.includes(error) && !insideChoice(error)),
    );
  return errors.filter((error) => !insideChoice(error) && !(choices.includes(error) && deeper(error))).map(problemOf);
}
