/** The pieces that schemas of plans are made of, for the plan itself and for each mode. */
import { ID_PATTERN } from './ids';

export type Schema = Record<string, unknown>;

/** The JSON Schema of what one mode keeps of each kind of thing. `null` where it keeps nothing of a kind. */
export interface ModeSchemas {
  radio: Schema;
  site: Schema;
  channel: Schema;
  /** The properties of its networks beside id, name and mode. */
  network: Record<string, Schema> | null;
  profile: Schema | null;
  /** Properties of a profile's block of which a profile above a base may name parts only, with the schema of parts. */
  someProfile?: Record<string, Schema>;
  codeplug: Schema;
  shared: Schema;
  /** The properties of each kind of destination beside `mode`; `kind` among them. */
  destinations: Record<string, Schema>[];
  /** Pieces that the schemas above refer to. */
  defs: Record<string, Schema>;
}

/** A reference to a definition of the plan schema. */
export const ref = (name: string): Schema => ({ $ref: `#/$defs/${name}` });

/** An object with exactly these properties. */
export function exact(properties: Record<string, Schema>): Schema {
  return { type: 'object', properties, required: Object.keys(properties), additionalProperties: false };
}

/** The schema of a table: rows by id, and their order. */
export function table(row: Schema): Schema {
  return exact({ byId: mapOf(row), order: { type: 'array', items: ref('id') } });
}

/** The schema of an object whose keys are ids. */
export function mapOf(value: Schema): Schema {
  return { type: 'object', propertyNames: { pattern: ID_PATTERN }, additionalProperties: value };
}

/** The schema of a value that may be `null`. */
export function nullOr(schema: Schema): Schema {
  return { anyOf: [{ type: 'null' }, schema] };
}

/** The fields of a destination that recalls a stored profile of a hotspot, beside its mode. */
export const RECALL: Record<string, Schema> = { kind: { const: 'recall' }, siteId: ref('id'), slotId: ref('id') };

/** The schema of a whole number within bounds, both included. */
export const whole = (minimum: number, maximum: number): Schema => ({ type: 'integer', minimum, maximum });
/**
 * `.` does not match line breaks; no control characters or halves of pairs, which neither radios nor databases take.
 */
export const line = (maxLength: number, minLength = 0): Schema => ({
  type: 'string',
  minLength,
  maxLength,
  pattern: '^[^\\u0000-\\u001f\\u007f\\ud800-\\udfff]*$',
});
/** No space at either end: files and people would lose it. */
export const NAME: Schema = {
  type: 'string',
  minLength: 1,
  maxLength: 60,
  pattern: '^(?!\\s)[^\\u0000-\\u001f\\u007f\\ud800-\\udfff]*(?<!\\s)$',
};
