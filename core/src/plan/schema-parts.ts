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
  codeplug: Schema;
  shared: Schema;
  /** The properties of each kind of destination beside `mode`; `kind` among them. */
  destinations: Record<string, Schema>[];
  /** Pieces that the schemas above refer to. */
  defs: Record<string, Schema>;
}

export const ref = (name: string): Schema => ({ $ref: `#/$defs/${name}` });

/** An object with exactly these properties. */
export function exact(properties: Record<string, Schema>): Schema {
  return { type: 'object', properties, required: Object.keys(properties), additionalProperties: false };
}

export function table(row: Schema): Schema {
  return exact({ byId: mapOf(row), order: { type: 'array', items: ref('id') } });
}

export function mapOf(value: Schema): Schema {
  return { type: 'object', propertyNames: { pattern: ID_PATTERN }, additionalProperties: value };
}

export function nullOr(schema: Schema): Schema {
  return { anyOf: [{ type: 'null' }, schema] };
}

export const whole = (minimum: number, maximum: number): Schema => ({ type: 'integer', minimum, maximum });
/** `.` does not match line breaks; no control characters or halves of pairs, which neither radios nor databases take. */
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
