/** The wants board as plain data: destinations down, radios across, sites in the cells. */
import type { Agreement } from '@relay/core/agreement/agreement';
import { MODES } from '@relay/core/modes/registry';
import type { DestinationInfo } from '@relay/core/modes/mode';
import { sameJson } from '@relay/core/plan/patches';
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

export function boardRows(plan: Plan, agreement: Agreement | null): BoardRow[] {
  const wants = rows(plan.wants);
  const sites = rows(plan.sites);
  const verdicts = new Map(agreement?.channels.map((one) => [`${one.radioId}/${one.channelId}`, one.verdict]));
  const channelByWant = new Map(plan.radios.order.flatMap((radioId) => rows(plan.codeplugs[radioId]!.channels).map((channel) => [`${radioId}/${channel.wantId}`, channel.id] as const)));
  return rows(plan.networks).flatMap((network) =>
    MODES[network.mode].destinations(network).map((info): BoardRow => {
      const mine = wants.filter((want) => sameJson(want.destination, info.destination));
      const cells = plan.radios.order.map((radioId) => ({
        radioId,
        ways: sites.map((site): Way => {
          const want = mine.find((one) => one.radioId === radioId && one.siteId === site.id) ?? null;
          const channelId = want && channelByWant.get(`${radioId}/${want.id}`);
          return { siteId: site.id, siteName: site.name, want, verdict: channelId ? (verdicts.get(`${radioId}/${channelId}`) ?? null) : null };
        }),
      }));
      return { ...info, key: `${network.id}/${info.address}`, networkName: network.name, cells, wanted: mine.length > 0 };
    }),
  );
}

/** Adds or takes back a wish. */
export function toggleWant(draft: Plan, id: Id, destination: Destination, radioId: Id, way: Way): void {
  if (way.want) removeRow(draft.wants, way.want.id);
  else putRow(draft.wants, { id, destination, radioId, siteId: way.siteId });
}
