/** The wants board as plain data: destinations down, radios across, sites in the cells. */
import type { Agreement } from '@relay/core/agreement/agreement';
import { callFor } from '@relay/core/modes/dmr/links';
import { SIMPLEX_SLOT } from '@relay/core/modes/dmr/limits';
import { numberFor, type RouteTable, tableOfProfile } from '@relay/core/modes/dmr/routes/table';
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
  /** What a radio calls for it through each site where that is another number; each number once. */
  onRadio: string[];
  /** By radio, in the plan's order. */
  cells: { radioId: Id; ways: Way[] }[];
  wanted: boolean;
}

function wantKey(destination: Destination, radioId: Id, siteId: Id): string {
  return `${destinationKey(destination)}/${radioId}/${siteId}`;
}

function radioNumbers(plan: Plan, tables: readonly RouteTable[], { destination }: DestinationInfo): string[] {
  const call = callFor(plan, destination)!;
  const numbers = tables.map((table) => numberFor(table, destination.networkId, call.kind, call.number, SIMPLEX_SLOT));
  return [...new Set(numbers.filter((number) => number !== null && number !== call.number).map(String))];
}

export function boardRows(plan: Plan, agreement: Agreement | null): BoardRow[] {
  const wants = new Map(rows(plan.wants).map((want) => [wantKey(want.destination, want.radioId, want.siteId), want]));
  const sites = rows(plan.sites);
  // Only rules change numbers.
  const tables = sites.map((site) => plan.profiles[site.id]!).filter((profile) => profile.dmr.selection === 'several').map((profile) => tableOfProfile(plan, profile));
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
      return { ...info, onRadio: radioNumbers(plan, tables, info), key: `${network.id}/${info.address}`, networkName: network.name, cells, wanted: cells.some((cell) => cell.ways.some((way) => way.want !== null)) };
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
