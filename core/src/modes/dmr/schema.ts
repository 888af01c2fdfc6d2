/** JSON Schema parts of what a plan stores about DMR. Ranges by ETSI TS 102 361-1 (see `limits.ts`). */
import { ADDRESS_MAX, ADDRESS_MIN, COLOR_CODE_MAX } from './limits';

type Schema = Record<string, unknown>;

interface Parts {
  exact: (properties: Record<string, Schema>) => Schema;
  nullOr: (schema: Schema) => Schema;
  ref: (name: string) => Schema;
  whole: (minimum: number, maximum: number) => Schema;
  name: Schema;
}

export function dmrSchemas({ exact, nullOr, ref, whole, name }: Parts): Record<string, Schema> {
  const special = exact({ number: ref('dmrAddress'), kind: ref('callKind') });
  return {
    dmrAddress: whole(ADDRESS_MIN, ADDRESS_MAX),
    dmrRadio: exact({ id: nullOr(whole(0, 999_999_999)), hearsOwnGroup: { type: 'boolean' } }),
    dmrSite: exact({ colorCode: whole(0, COLOR_CODE_MAX) }),
    dmrChannel: exact({
      colorCode: whole(0, COLOR_CODE_MAX),
      slot: { enum: [1, 2] },
      call: exact({ kind: ref('callKind'), number: ref('dmrAddress') }),
      receiveListId: nullOr(ref('id')),
      admit: { enum: ['always', 'channel-free', 'color-code-free'] },
    }),
    talkGroup: exact({ id: ref('id'), name, number: ref('dmrAddress'), category: { enum: ['local', 'region', 'nation', 'world', 'tactical', 'test'] } }),
    dmrSpecials: exact({ unlink: special, echo: special }),
  };
}
