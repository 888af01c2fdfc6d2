/** JSON Schema parts of what a plan stores about DMR. Ranges by ETSI TS 102 361-1 (see `limits.ts`). */
import {
  exact,
  line,
  mapOf,
  type ModeSchemas,
  NAME,
  nullOr,
  RECALL,
  ref,
  type Schema,
  table,
  whole,
} from '../../schema-parts';
import {
  ADDRESS_MAX,
  ADDRESS_MIN,
  COLOR_CODE_MAX,
  GROUP_CATEGORIES,
  SPECIAL_NAMES,
  STATION_MAX,
  STATION_MIN,
  SUFFIX_MAX,
  SUFFIX_MIN,
} from './limits';

/** Rules may be typed beyond what can be sent: a check says so, and nothing typed is lost. */
const RULE_NUMBER_MAX = 99_999_999;

const flag: Schema = { type: 'boolean' };
const slot: Schema = { enum: [1, 2] };

const login: Record<string, Schema> = {
  enabled: flag,
  serverId: nullOr(ref('id')),
  suffix: nullOr(whole(SUFFIX_MIN, SUFFIX_MAX)),
  password: line(200),
  staticGroupIds: { type: 'array', items: ref('id') },
};

const ADMIT = { enum: ['always', 'channel-free', 'color-code-free'] };

export const schemas: ModeSchemas = {
  radio: exact({
    id: nullOr(whole(0, 999_999_999)),
    hearsOwnGroup: flag,
    admits: nullOr({ type: 'array', minItems: 1, uniqueItems: true, items: ADMIT }),
  }),
  site: exact({ colorCode: nullOr(whole(0, COLOR_CODE_MAX)), carries: nullOr(ref('dmrCarriage')) }),
  channel: exact({
    colorCode: whole(0, COLOR_CODE_MAX),
    slot,
    call: exact({ kind: ref('callKind'), number: ref('dmrAddress') }),
    receiveListId: nullOr(ref('id')),
    admit: ADMIT,
  }),
  network: {
    servers: table(ref('server')),
    groups: table(ref('talkGroup')),
    special: exact(Object.fromEntries(SPECIAL_NAMES.map((special) => [special, nullOr(ref('specialNumber'))]))),
    dynamicTimerMin: whole(1, 1440),
    personalGroups: flag,
    direct: nullOr(
      exact({ listensSiteId: nullOr(ref('id')), address: line(253), port: nullOr(whole(1, 65_535)), many: flag }),
    ),
  },
  profile: exact({
    selection: { enum: ['one', 'several'] },
    rules: table(ref('routeRule')),
    logins: mapOf(ref('login')),
  }),
  someProfile: { logins: mapOf({ type: 'object', properties: login, additionalProperties: false }) },
  codeplug: exact({ contacts: table(ref('contact')), receiveLists: table(ref('receiveList')) }),
  shared: exact({}),
  destinations: [
    { kind: { const: 'local' } },
    { kind: { const: 'group' }, networkId: ref('id'), groupId: ref('id') },
    { kind: { const: 'special' }, networkId: ref('id'), special: { enum: SPECIAL_NAMES } },
    { kind: { const: 'station' }, networkId: ref('id'), number: ref('stationId') },
    RECALL,
  ],
  defs: {
    dmrAddress: whole(ADDRESS_MIN, ADDRESS_MAX),
    stationId: whole(STATION_MIN, STATION_MAX),
    contact: exact({ id: ref('id'), name: NAME, kind: ref('callKind'), number: ref('dmrAddress') }),
    receiveList: exact({ id: ref('id'), name: NAME, groups: { type: 'array', items: ref('dmrAddress') } }),
    specialNumber: exact({ number: ref('dmrAddress'), kind: ref('callKind') }),
    dmrCarriage: exact({
      networkId: nullOr(ref('id')),
      groups: {
        type: 'array',
        maxItems: 500,
        items: exact({ slot: nullOr(slot), number: ref('dmrAddress'), static: flag }),
      },
      takesOthers: nullOr(flag),
    }),
    talkGroup: exact({ id: ref('id'), name: NAME, number: ref('dmrAddress'), category: { enum: GROUP_CATEGORIES } }),
    routeRule: exact({
      id: ref('id'),
      networkId: ref('id'),
      call: ref('callKind'),
      range: nullOr(ref('ruleRange')),
      reply: flag,
    }),
    ruleRange: exact({
      slot,
      first: whole(1, RULE_NUMBER_MAX),
      networkSlot: slot,
      networkFirst: whole(1, RULE_NUMBER_MAX),
      count: whole(1, RULE_NUMBER_MAX),
    }),
    login: exact(login),
  },
};
