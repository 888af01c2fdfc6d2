/** What a schema says is wrong, as place, found and expected. */
import type { ErrorObject } from 'ajv';
import { toPointer } from './patches';

/** One thing wrong with a document: where, what was found, what was expected. */
export interface Problem {
  pointer: string;
  found: string;
  expected: string;
}

export function show(value: unknown): string {
  const text = value === undefined ? 'nothing' : JSON.stringify(value);
  return text.length > 80 ? `${text.slice(0, 77)}…` : text;
}

/** `required` and `additionalProperties` point at the parent: the property's name is appended. */
export function problemOf(error: ErrorObject): Problem {
  const params = error.params as Record<string, unknown>;
  if (error.keyword === 'required') return { pointer: error.instancePath + toPointer([String(params['missingProperty'])]), found: 'nothing', expected: 'a value' };
  if (error.keyword === 'additionalProperties') return { pointer: error.instancePath + toPointer([String(params['additionalProperty'])]), found: 'a property that a plan does not have', expected: 'nothing here' };
  if (error.keyword === 'enum') return { pointer: error.instancePath, found: show(error.data), expected: `one of ${(params['allowedValues'] as unknown[]).map(show).join(', ')}` };
  if (error.keyword === 'const') return { pointer: error.instancePath, found: show(error.data), expected: show(params['allowedValue']) };
  return { pointer: error.instancePath, found: show(error.data), expected: error.message ?? error.keyword };
}

