/** Files in and out. What is read becomes one edit; a broken file says where and changes nothing. */
import type { ReadFinding } from '@relay/core/formats/format';
import { putRow, rows } from '@relay/core/plan/table';
import type { Codeplug, Id, Plan } from '@relay/core/plan/types';

export interface ReadCodeplug {
  codeplug: Codeplug | null;
  findings: ReadFinding[];
}

/** The table is large enough to be loaded only when a file is written or read. */
const csv = () => import('@relay/core/registries/codeplug-csv').then((m) => m.codeplugCsv);

export async function writeCodeplug(codeplug: Codeplug): Promise<Uint8Array> {
  return (await csv()).write(codeplug, undefined);
}

export async function readCodeplug(bytes: Uint8Array): Promise<ReadCodeplug> {
  const { value, findings } = (await csv()).read(bytes);
  return { codeplug: value, findings };
}

/**
 * Puts a codeplug that was read in place of a radio's own; a channel of the same key keeps its want, and the keys of the
 * radio that lead to it, a zone its rule and its pattern of names.
 */
export function replaceCodeplug(draft: Plan, radioId: Id, codeplug: Codeplug): void {
  const before = draft.codeplugs[radioId]!.channels.byId;
  const channels = { byId: {}, order: [] } as Codeplug['channels'];
  for (const channel of rows(codeplug.channels))
    putRow(channels, {
      ...channel,
      wantId: before[channel.id]?.wantId ?? null,
      built: before[channel.id]?.built ?? null,
    });
  const zonesBefore = draft.codeplugs[radioId]!.zones.byId;
  const zones = { byId: {}, order: [] } as Codeplug['zones'];
  for (const zone of rows(codeplug.zones)) {
    const { rule, pattern } = zonesBefore[zone.id] ?? zone;
    putRow(zones, { ...zone, rule, pattern });
  }
  // A table that says nothing of keys leaves them as they are.
  const { homeId, quickKeys } = draft.codeplugs[radioId]!;
  const saysKeys = codeplug.homeId !== null || Object.keys(codeplug.quickKeys).length > 0;
  draft.codeplugs[radioId] = {
    ...codeplug,
    channels,
    zones,
    ...(saysKeys
      ? {}
      : {
          homeId: homeId !== null && homeId in channels.byId ? homeId : null,
          quickKeys: Object.fromEntries(Object.entries(quickKeys).filter(([, id]) => id in channels.byId)),
        }),
  };
}
