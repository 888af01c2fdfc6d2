/** The wants board as plain data: destinations down, radios across, sites in the cells. */
import type { Agreement } from '@relay/core/agreement/agreement';
import { MODES } from '@relay/core/modes/registry';
import type { DestinationInfo } from '@relay/core/modes/mode';
import { destinationKey } from '@relay/core/plan/destination-key';
import { putRow, removeRow, rows } from '@relay/core/plan/table';
import type { Destination, Id, Plan, Want } from '@relay/core/plan/types';
import type { Verdict } from '@relay/core/path/types';

export interface Way {
  siteId: Id;
  siteName: string;
  want: Want | null;
  /** `null` while no channel is built for it. */
  verdict: Verdict | null;
}

export interface BoardRow extends DestinationInfo {
  key: string;
  networkName: string;
  /** By radio, in the plan's order. */
  cells: { radioId: Id; ways: Way[] }[];
  wanted: boolean;
}

function wantKey(destination: Destination, radioId: Id, siteId: Id): string {
  return `${destinationKey(destination)}/${radioId}/${siteId}`;
}

export function boardRows(plan: Plan, agreement: Agreement | null): BoardRow[] {
  const wants = new Map(rows(plan.wants).map((want) => [wantKey(want.destination, want.radioId, want.siteId), want]));
  const sites = rows(plan.sites);
  const verdicts = new Map(agreement?.channels.map((one) => [`${one.radioId}/${one.channelId}`, one.verdict]));
  const channelByWant = new Map(plan.radios.order.flatMap((radioId) => rows(plan.codeplugs[radioId]!.channels).map((channel) => [`${radioId}/${channel.wantId}`, channel.id] as const)));
  return rows(plan.networks).flatMap((network) =>
    MODES[network.mode].destinations(network).map((info): BoardRow => {
      const cells = plan.radios.order.map((radioId) => ({
        radioId,
        ways: sites.map((site): Way => {
          const want = wants.get(wantKey(info.destination, radioId, site.id)) ?? null;
          const channelId = want && channelByWant.get(`${radioId}/${want.id}`);
          return { siteId: site.id, siteName: site.name, want, verdict: channelId ? (verdicts.get(`${radioId}/${channelId}`) ?? null) : null };
        }),
      }));
      return { ...info, key: `${network.id}/${info.address}`, networkName: network.name, cells, wanted: cells.some((cell) => cell.ways.some((way) => way.want !== null)) };
    }),
  );
}

/** Adds or takes back a wish. */
export function toggleWant(draft: Plan, id: Id, destination: Destination, radioId: Id, way: Way): void {
  if (way.want) removeRow(draft.wants, way.want.id);
  else putRow(draft.wants, { id, destination, radioId, siteId: way.siteId });
}

/** Where there are many sites, a cell shows those that are wanted; the others are chosen from a list. */
const MOST_CHIPS = 6;

export function chipsOf(ways: readonly Way[]): { chips: Way[]; others: Way[] } {
  if (ways.length <= MOST_CHIPS) return { chips: [...ways], others: [] };
  return { chips: ways.filter((way) => way.want !== null), others: ways.filter((way) => way.want === null) };
}
