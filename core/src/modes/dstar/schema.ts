/** JSON Schema parts of what a plan stores about D-STAR. Lengths by the JARL standard (see `limits.ts`). */
import { exact, line, nullOr, ref, type Schema, table, whole } from '../../plan/schema-parts';
import { COMMAND_NAMES, FAMILY_PATTERN, FIELD_PATTERN, MODULE_PATTERN, REFLECTOR_PATTERN } from './limits';

export function dstarSchemas(): { network: Record<string, Schema>; destinations: Schema[]; defs: Record<string, Schema> } {
  const flag: Schema = { type: 'boolean' };
  const field: Schema = { type: 'string', pattern: FIELD_PATTERN };
  const module: Schema = { type: 'string', pattern: MODULE_PATTERN };
  const letters: Schema = { type: 'string', pattern: FAMILY_PATTERN };
  return {
    network: { letters, reflectors: table(ref('reflector')) },
    destinations: [
      exact({ kind: { const: 'reflector' }, networkId: ref('id'), reflectorId: ref('id'), module, use: { enum: ['talk', 'link'] } }),
      exact({ kind: { const: 'command' }, mode: { const: 'dstar' }, command: { enum: COMMAND_NAMES } }),
      exact({ kind: { const: 'call-sign' }, mode: { const: 'dstar' }, callSign: { type: 'string', pattern: '^[A-Z0-9/]{1,8}$' }, module: { type: 'string', pattern: '^[A-Z]?$' } }),
    ],
    defs: {
      // What is typed here may be too long or empty: a check says so, and nothing typed is lost.
      dstarRadio: exact({ my: line(20), suffix: line(20), siteList: nullOr(exact({ sites: whole(1, 100_000), groups: whole(1, 1000), nameLength: whole(4, 60), nearSearch: flag })) }),
      dstarSite: exact({ callSign: line(20), module: { type: 'string', pattern: '^[A-Z]?$' }, families: nullOr({ type: 'array', maxItems: 100, items: letters }), cable: flag, utcOffsetMin: nullOr(whole(-14 * 60, 14 * 60)) }),
      dstarChannel: exact({ ur: field, rpt1: field, rpt2: field, duplex: flag }),
      reflector: exact({ id: ref('id'), number: whole(0, 999), title: line(60), modules: { type: 'string', pattern: '^[A-Z]{0,26}$' }, activity: nullOr(whole(0, 1_000_000)) }),
      dstarProfile: exact({ startLink: nullOr(exact({ reflector: { type: 'string', pattern: REFLECTOR_PATTERN }, module })), automatic: flag }),
    },
  };
}
