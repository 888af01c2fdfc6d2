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

const KINDS: Readonly<Record<string, string>> = {
  string: 'text',
  number: 'a number',
  integer: 'a whole number',
  boolean: 'yes or no',
  object: 'a block',
  array: 'a list',
  null: 'nothing',
};

/** What a rule of the schema asks for, for people. */
function expectedWords({ keyword, params, message }: ErrorObject): string {
  const limit = String((params as { limit?: number }).limit ?? '');
  switch (keyword) {
    case 'type':
      return [(params as { type: string | string[] }).type]
        .flat()
        .map((kind) => KINDS[kind] ?? kind)
        .join(' or ');
    case 'minimum':
      return `at least ${limit}`;
    case 'maximum':
      return `at most ${limit}`;
    case 'minLength':
    case 'maxLength':
      return `at ${keyword === 'minLength' ? 'least' : 'most'} ${limit} characters`;
    case 'minItems':
    case 'maxItems':
      return `at ${keyword === 'minItems' ? 'least' : 'most'} ${limit} of them`;
    case 'pattern':
      return 'another form: plain text on one line, without spaces at its ends';
    default:
      return message ?? keyword;
  }
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
  return { pointer: error.instancePath, found: show(error.data), expected: expectedWords(error) };
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
