/** JSON Schema parts of what a plan stores about D-STAR. Lengths by the JARL standard (see `limits.ts`). */
import { exact, line, type ModeSchemas, nullOr, RECALL, ref, type Schema, table, whole } from '../../schema-parts';
import { COMMAND_NAMES, FAMILY_PATTERN, FIELD_PATTERN, MODULE_PATTERN, REFLECTOR_PATTERN } from './limits';

const flag: Schema = { type: 'boolean' };
const field: Schema = { type: 'string', pattern: FIELD_PATTERN };
const module: Schema = { type: 'string', pattern: MODULE_PATTERN };
const moduleOrNone: Schema = { type: 'string', pattern: '^[A-Z]?$' };
const letters: Schema = { type: 'string', pattern: FAMILY_PATTERN };

export const schemas: ModeSchemas = {
  // What is typed here may be too long or empty: a check says so, and nothing typed is lost.
  radio: exact({
    my: line(20),
    suffix: line(20),
    siteList: nullOr(
      exact({ sites: whole(1, 100_000), groups: whole(1, 1000), nameLength: whole(4, 60), nearSearch: flag }),
    ),
  }),
  site: exact({
    callSign: line(20),
    module: moduleOrNone,
    families: nullOr({ type: 'array', maxItems: 100, items: letters }),
    cable: flag,
    utcOffsetMin: nullOr(whole(-14 * 60, 14 * 60)),
  }),
  channel: exact({ ur: field, rpt1: field, rpt2: field, duplex: flag }),
  network: { letters, reflectors: table(ref('reflector')) },
  profile: exact({
    startLink: nullOr(exact({ reflector: { type: 'string', pattern: REFLECTOR_PATTERN }, module })),
    automatic: flag,
  }),
  codeplug: exact({}),
  shared: exact({}),
  destinations: [
    {
      kind: { const: 'reflector' },
      networkId: ref('id'),
      reflectorId: ref('id'),
      module,
      use: { enum: ['talk', 'link'] },
    },
    { kind: { const: 'local' } },
    { kind: { const: 'command' }, command: { enum: COMMAND_NAMES } },
    { kind: { const: 'call-sign' }, callSign: { type: 'string', pattern: '^[A-Z0-9/]{1,8}$' }, module: moduleOrNone },
    RECALL,
  ],
  defs: {
    reflector: exact({
      id: ref('id'),
      number: whole(0, 999),
      title: line(60),
      modules: { type: 'string', pattern: '^[A-Z]{0,26}$' },
      activity: nullOr(whole(0, 1_000_000)),
    }),
  },
};
