/** The wants board as plain data: destinations down, radios across, sites in the cells. */
import type { Verdicts } from '@relay/core/agreement/agreement';
import { callFor } from '@relay/core/modes/dmr/links';
import { SIMPLEX_SLOT } from '@relay/core/plan/modes/dmr/limits';
import { numberFor, type RouteTable, tableOfProfile } from '@relay/core/modes/dmr/routes/table';
import type { DestinationInfo } from '@relay/core/builder/mode-build';
import { destinationKey } from '@relay/core/plan/destination-key';
import { MODE_IDS } from '@relay/core/plan/modes/index';
import { networkIdOf } from '@relay/core/plan/networks';
import { effectiveProfile } from '@relay/core/plan/profiles';
import { hotspotsOf } from '@relay/core/plan/sites';
import { MODES, modeOf } from '@relay/core/registries/modes';
import { putRow, removeRow, rows } from '@relay/core/plan/table';
import type { Destination, Id, ModeId, Plan, Radio, Want } from '@relay/core/plan/types';
import { airModeFor } from '@relay/core/path/cross-mode';
import { worse } from '@relay/core/path/trace';
import type { Verdict } from '@relay/core/path/types';

export interface Way {
  siteId: Id;
  siteName: string;
  /** How it can be reached there: `slot 2`; empty where nothing needs saying. */
  how: string;
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
  const call = callFor(plan, destination);
  const networkId = networkIdOf(destination);
  if (!call || networkId === null) return [];
  const numbers = tables.map((table) => numberFor(table, networkId, call.kind, call.number, SIMPLEX_SLOT));
  return [...new Set(numbers.filter((number) => number !== null && number !== call.number).map(String))];
}

/** The mode on the air is said where the radio has others too. */
function crossModeWords(radio: Radio, air: ModeId): string {
  const others = MODE_IDS.filter((id) => id !== air && modeOf(id).cross && radio[id] !== null);
  return others.length > 0 ? `cross-mode, ${modeOf(air).name}` : 'cross-mode';
}

/** What is made along with another destination is not wished for by itself. */
const byItself = (info: DestinationInfo) => !info.comesAlong;

export function boardRows(plan: Plan, judged: Verdicts | null, typed = ''): BoardRow[] {
  const wants = new Map(rows(plan.wants).map((want) => [wantKey(want.destination, want.radioId, want.siteId), want]));
  const sites = rows(plan.sites);
  // Only rules change numbers.
  const profiles = new Map(hotspotsOf(plan).map((site) => [site.id, effectiveProfile(plan, site.id)!]));
  const tables = [...profiles.values()]
    .filter((profile) => profile.dmr.selection === 'several')
    .map((profile) => tableOfProfile(plan, profile));
  // A want may take several channels: it is as good as the worst of them.
  const byWant = new Map<string, Verdict>();
  for (const { radioId, channelId, verdict } of judged?.channels ?? []) {
    const wantId = plan.codeplugs[radioId]?.channels.byId[channelId]?.wantId;
    if (wantId != null) byWant.set(wantId, worse(byWant.get(wantId) ?? 'whole', verdict));
  }
  const waysOf = (info: DestinationInfo): BoardRow['cells'] => {
    const mode = modeOf(info.destination.mode);
    const offers = sites.map((site) => ({ site, how: mode.offer(plan, site, info.destination) }));
    return plan.radios.order.map((radioId) => {
      const radio = plan.radios.byId[radioId]!;
      const wayOf = ({ site, how }: (typeof offers)[number]): Way[] => {
        const want = wants.get(wantKey(info.destination, radioId, site.id)) ?? null;
        const way = {
          siteId: site.id,
          siteName: site.name,
          want,
          verdict: want ? (byWant.get(want.id) ?? null) : null,
        };
        // Where the hotspot turns another mode of the radio into this one, it is reached cross-mode.
        const parts = { radio, site, profile: profiles.get(site.id) ?? null };
        const air = airModeFor({ plan, modes: MODES }, parts, info.destination);
        if (air !== mode.id) return [{ ...way, how: crossModeWords(radio, air) }];
        // What was wished for stays in sight, also when the site or the radio no longer has it.
        return (how === null || radio[mode.id] === null) && want === null
          ? []
          : [{ ...way, how: how ?? 'not offered' }];
      };
      return { radioId, ways: offers.flatMap(wayOf) };
    });
  };
  const wantedKeys = new Set(rows(plan.wants).map((want) => destinationKey(want.destination)));
  // There may be thousands of destinations, and a few dozen are in view: what is in their cells is worked out when
  // asked for.
  const rowOf = (info: DestinationInfo): BoardRow => {
    const networkId = networkIdOf(info.destination);
    const networkName = networkId === null ? '' : plan.networks.byId[networkId]!.name;
    let cells: BoardRow['cells'] | null = null;
    let onRadio: string[] | null = null;
    return {
      ...info,
      key: `${networkName}/${info.address}`,
      networkName,
      get onRadio() {
        return (onRadio ??= radioNumbers(plan, tables, info));
      },
      get cells() {
        return (cells ??= waysOf(info));
      },
      wanted: wantedKeys.has(destinationKey(info.destination)),
    };
  };
  const present = MODE_IDS.filter((id) => sites.some((site) => site[id] !== null)).map(modeOf);
  const local = present
    .flatMap((mode) => mode.withoutNetwork(plan))
    .filter(byItself)
    .map(rowOf)
    // A group that stays at its repeater is nothing where there is no repeater.
    .filter((row) => row.cells.some((cell) => cell.ways.length > 0));
  const listed = new Set(local.map((row) => destinationKey(row.destination)));
  const asked = present
    .flatMap((mode) => mode.typed?.(plan, typed) ?? [])
    .filter((info) => !listed.has(destinationKey(info.destination)))
    .map(rowOf);
  const ofNetworks = rows(plan.networks).flatMap((network) =>
    modeOf(network.mode).destinations(network).filter(byItself).map(rowOf),
  );
  return [...ofNetworks, ...local, ...asked];
}

/** Something is wanted that no channel serves yet. */
export function isUnbuilt(plan: Plan): boolean {
  const built = new Set(
    plan.radios.order.flatMap((radioId) => rows(plan.codeplugs[radioId]!.channels).map((channel) => channel.wantId)),
  );
  return rows(plan.wants).some((want) => !built.has(want.id));
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
