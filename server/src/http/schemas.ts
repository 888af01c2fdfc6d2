/**
 * Bodies of the API as JSON Schema, but for those of lists and their sites; `openapi.ts` publishes the same objects.
 */
export const UUID = { type: 'string', pattern: '^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$' };
export const LINE = { type: 'string', maxLength: 200, pattern: '^[^\\u0000-\\u001f\\u007f\\ud800-\\udfff]*$' };
const NAME = { ...LINE, minLength: 1, maxLength: 100 };

export const orNull = (schema: object) => ({ anyOf: [{ type: 'null' }, schema] });

const PATCH_SCHEMA = {
  type: 'object',
  required: ['op', 'path'],
  properties: {
    op: { enum: ['add', 'remove', 'replace', 'test'] },
    path: { type: 'string', maxLength: 1000 },
    value: {},
  },
  additionalProperties: false,
  if: { type: 'object', properties: { op: { enum: ['add', 'replace', 'test'] } } },
  then: { type: 'object', properties: { value: {} }, required: ['value'] },
};

const EDIT_SCHEMA = {
  type: 'object',
  required: ['id', 'kind', 'target', 'label', 'patches'],
  properties: {
    id: UUID,
    kind: { enum: ['edit', 'undo', 'redo'] },
    target: { anyOf: [{ type: 'null' }, UUID] },
    label: LINE,
    patches: { type: 'array', maxItems: 200_000, items: PATCH_SCHEMA },
  },
  additionalProperties: false,
};

export const EDITS_BODY = {
  type: 'object',
  required: ['version', 'edits'],
  properties: {
    version: { type: 'integer', minimum: 1 },
    edits: { type: 'array', minItems: 1, maxItems: 1000, items: EDIT_SCHEMA },
  },
  additionalProperties: false,
};

/** A new plan: empty, from the demo, or a document read from a file. */
export const CREATE_BODY = {
  type: 'object',
  properties: { name: NAME, demo: { type: 'string' }, document: {} },
  minProperties: 1,
  additionalProperties: false,
};

export const DUPLICATE_BODY = {
  type: 'object',
  required: ['name'],
  properties: { name: NAME },
  additionalProperties: false,
};

export const SESSION_BODY = {
  type: 'object',
  required: ['password'],
  properties: { password: { type: 'string', minLength: 1, maxLength: 500 } },
  additionalProperties: false,
};

export const PROBE_BODY = {
  type: 'object',
  required: ['host'],
  properties: { host: { ...LINE, minLength: 1, maxLength: 253 } },
  additionalProperties: false,
};

const MS = { type: 'number', minimum: 0 };

export const PROBE_SCHEMA = {
  type: 'object',
  required: ['host', 'delay'],
  properties: {
    host: { type: 'string' },
    delay: {
      anyOf: [
        { type: 'null' },
        {
          type: 'object',
          required: ['medianMs', 'lowMs', 'highMs', 'lost', 'at'],
          properties: { medianMs: MS, lowMs: MS, highMs: MS, lost: { type: 'integer' }, at: { type: 'string' } },
          additionalProperties: false,
        },
      ],
    },
  },
  additionalProperties: false,
};

export const SUMMARY_SCHEMA = {
  type: 'object',
  required: ['id', 'name', 'version', 'updatedAt', 'deletedAt', 'spoiled'],
  properties: {
    id: UUID,
    name: { type: 'string' },
    version: { type: 'integer' },
    updatedAt: { type: 'string' },
    deletedAt: { type: ['string', 'null'] },
    /** Why it cannot be read. */
    spoiled: { type: ['string', 'null'] },
  },
  additionalProperties: false,
};

export const EDIT_ROW_SCHEMA = {
  type: 'object',
  required: ['planId', 'version', 'id', 'kind', 'target', 'label', 'patches', 'inverse', 'at'],
  properties: {
    ...EDIT_SCHEMA.properties,
    /** `format`: the server brought the plan to a newer format. */
    kind: { enum: ['edit', 'undo', 'redo', 'format'] },
    planId: UUID,
    version: { type: 'integer' },
    inverse: { type: 'array', items: PATCH_SCHEMA },
    at: { type: 'string' },
  },
  additionalProperties: false,
};

export const EDITED_SCHEMA = {
  type: 'object',
  required: ['version', 'edits', 'since'],
  properties: {
    version: { type: 'integer' },
    edits: { type: 'array', items: EDIT_ROW_SCHEMA },
    /** What others had saved since the version of the request. */
    since: { type: 'array', items: EDIT_ROW_SCHEMA },
  },
  additionalProperties: false,
};

export const OPENED_SCHEMA = {
  type: 'object',
  required: ['id', 'version', 'document', 'recent'],
  properties: {
    id: UUID,
    version: { type: 'integer' },
    document: { type: 'object' },
    recent: { type: 'array', items: EDIT_ROW_SCHEMA },
  },
  additionalProperties: false,
};

export const PROBLEM_SCHEMA = {
  type: 'object',
  required: ['type', 'title', 'status', 'instance', 'requestId'],
  properties: {
    type: { type: 'string' },
    title: { type: 'string' },
    status: { type: 'integer' },
    detail: { type: 'string' },
    instance: { type: 'string' },
    requestId: { type: 'string' },
  },
};
