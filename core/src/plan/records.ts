/** What the modes keep in a radio beside its channels, whichever mode it is. */
import { MODE_IDS, dataOf } from './modes';
import type { RecordKind, RecordRow } from './record-kind';
import type { Codeplug, CodeplugBlocks, ModeId, Table } from './types';

export interface Records {
  mode: ModeId;
  kind: RecordKind;
  /** The way to the table from the codeplug. */
  path: [ModeId, string];
  table: Table<RecordRow>;
}

/** Every table of a codeplug's blocks, in the order of the modes. */
export function recordsOf(codeplug: CodeplugBlocks): Records[] {
  return MODE_IDS.flatMap((mode) =>
    dataOf(mode).records.map((kind) => ({
      mode,
      kind,
      path: [mode, kind.key] as [ModeId, string],
      table: kind.table(codeplug[mode]),
    })),
  );
}

/** What every codeplug has, whatever its modes. */
const OWN_TABLES = { channels: 'channels', zones: 'zones', scanLists: 'scan lists' } as const;

/** The tables whose rows have names: channels, zones, scan lists and those of the modes that `wanted` takes. */
export function namedTables(
  codeplug: Codeplug,
  wanted: (kind: RecordKind) => boolean,
): { kind: string; what: string; table: Table<RecordRow> }[] {
  const own = Object.entries(OWN_TABLES).map(([kind, what]) => ({
    kind,
    what,
    table: codeplug[kind as keyof typeof OWN_TABLES] as Table<RecordRow>,
  }));
  const others = recordsOf(codeplug)
    .filter(({ kind }) => wanted(kind))
    .map(({ kind, path, table }) => ({ kind: path.join('/'), what: `${kind.what}s`, table }));
  return [...own, ...others];
}
