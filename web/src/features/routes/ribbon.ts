/**
 * The number ribbon as plain geometry: the radio side as stretches above, the networks below, rules as bands between.
 * The scale is broken where the claims change and logarithmic within a stretch, so that group 9 and 8,000,091 are both readable.
 */
import { dmrChannels } from '@relay/core/modes/dmr/channel';
import { callOf, routesOf } from '@relay/core/modes/dmr/links';
import { TRANSLATED_MAX } from '@relay/core/plan/modes/dmr/limits';
import { segments, type Segment, type Stretch } from '@relay/core/modes/dmr/routes/claims';
import { claimOf, type Call } from '@relay/core/modes/dmr/routes/table';
import { rulePosition } from '@relay/core/modes/dmr/routes/words';
import type { Travel } from '@relay/core/modes/dmr/routes/travel';
import type { RouteRule, TimeSlot } from '@relay/core/plan/modes/dmr/types';
import type { PlanIndex } from '@relay/core/path/types';
import type { CallKind, Id } from '@relay/core/plan/types';
import { rows } from '@relay/core/plan/table';

export const WIDTH = 1010;
export const HEIGHT = 236;
/** Upper edge and height of the radio side and of the networks. */
export const RADIO = { y: 14, height: 40 };
export const NETWORK = { y: 190, height: 38 };
const NETWORK_GAP = 44;
const INSET = 14;
/** Numbers that a catch-all passes as they were sent need no scale, only a place to land. */
const POCKET = 96;

export interface RibbonPart extends Stretch {
  x0: number;
  x1: number;
  kind: 'rule' | 'catch-all' | 'none' | 'passed on';
  /** Name over the numbers: `rule 2`, `catch-all`, `no rule`. */
  title: string;
  ruleId: Id | null;
  /** Rules that claim these numbers too and never get them; a catch-all behind a rule is no such. */
  hidden: string[];
}

export interface RibbonNetwork {
  id: Id;
  name: string;
  x0: number;
  x1: number;
  /** End of the pocket at its left where catch-alls land; equal to `x0` when none does. */
  pocket: number;
  /** Highest number that the scale has to show. */
  last: number;
}

interface RibbonBand {
  path: string;
  kind: 'rule' | 'catch-all' | 'hidden';
  title: string;
}

export interface Ribbon {
  parts: RibbonPart[];
  networks: RibbonNetwork[];
  bands: RibbonBand[];
  /** Channels through this hotspot that make such a call. */
  dots: { x: number; title: string }[];
}

/** 0 to 1 within a stretch, logarithmic from its first number. */
function share(number: number, { first, last }: Stretch): number {
  return last === first ? 0.5 : Math.log(1 + number - first) / Math.log(1 + last - first);
}

export function xOnRadio(ribbon: Ribbon, number: number): number {
  const part = ribbon.parts.find((one) => number >= one.first && number <= one.last) ?? ribbon.parts.at(-1)!;
  const inset = Math.min(INSET, (part.x1 - part.x0) / 4);
  return part.x0 + inset + share(number, part) * (part.x1 - part.x0 - 2 * inset);
}

export function xOnNetwork(network: RibbonNetwork, number: number): number {
  return (
    network.pocket +
    INSET +
    share(Math.min(number, network.last), { first: 1, last: network.last }) * (network.x1 - network.pocket - 2 * INSET)
  );
}

function area(a0: number, a1: number, b0: number, b1: number): string {
  const top = RADIO.y + RADIO.height;
  const middle = (top + NETWORK.y) / 2;
  return `M${a0} ${top} C${a0} ${middle} ${b0} ${middle} ${b0} ${NETWORK.y} L${b1} ${NETWORK.y} C${b1} ${middle} ${a1} ${middle} ${a1} ${top} Z`;
}

/** The way of one number from the radio side down to its network. */
export function travelPath(x: number, to: number): string {
  const top = RADIO.y + RADIO.height;
  const middle = (top + NETWORK.y) / 2;
  return `M${x} ${top} C${x} ${middle} ${to} ${middle} ${to} ${NETWORK.y}`;
}

function partsOf(
  index: PlanIndex,
  siteId: Id,
  kind: CallKind,
  slot: TimeSlot,
): (Segment & Pick<RibbonPart, 'kind' | 'title'>)[] {
  const table = routesOf(index, siteId);
  if (table.selection === 'one')
    return [
      {
        first: 1,
        last: 0xfffcdf,
        rule: null,
        hidden: [],
        kind: table.networkIds.length > 0 ? 'passed on' : 'none',
        title: table.networkIds.length > 0 ? 'every number, as sent' : 'no network',
      },
    ];
  const profile = index.profile(siteId)!;
  return segments(table, kind, slot).map((segment) => {
    if (!segment.rule) return { ...segment, kind: 'none', title: 'no rule' };
    return segment.rule.range
      ? { ...segment, kind: 'rule', title: `rule ${rulePosition(profile, segment.rule)}` }
      : { ...segment, kind: 'catch-all', title: 'catch-all' };
  });
}

/** Rules get more room than what lies between them. */
const WEIGHT: Readonly<Record<RibbonPart['kind'], number>> = { rule: 1.6, 'catch-all': 1, none: 1, 'passed on': 1 };

function placed(
  index: PlanIndex,
  siteId: Id,
  kind: CallKind,
  slot: TimeSlot,
): { parts: RibbonPart[]; segments: Segment[] } {
  const found = partsOf(index, siteId, kind, slot);
  const whole = found.reduce((sum, one) => sum + WEIGHT[one.kind], 0);
  const profile = index.profile(siteId)!;
  let x = 0;
  const parts = found.map((one): RibbonPart => {
    const x0 = x;
    x += (WIDTH * WEIGHT[one.kind]) / whole;
    const hidden = one.hidden
      .filter((rule) => rule.range !== null || one.rule?.range === null)
      .map((rule) => `rule ${rulePosition(profile, rule)}`);
    return {
      first: one.first,
      last: one.last,
      x0,
      x1: x,
      kind: one.kind,
      title: one.title,
      ruleId: one.rule?.id ?? null,
      hidden,
    };
  });
  return { parts, segments: found };
}

function networksOf(index: PlanIndex, siteId: Id): RibbonNetwork[] {
  const table = routesOf(index, siteId);
  const shown = rows(index.plan.networks).filter((network) => table.networkIds.includes(network.id));
  const width = (WIDTH - NETWORK_GAP * (shown.length - 1)) / Math.max(1, shown.length);
  return shown.map((network, at) => {
    const claimed = table.rules
      .filter((rule) => rule.networkId === network.id && rule.range)
      .map((rule) => rule.range!.networkFirst + rule.range!.count - 1);
    const x0 = at * (width + NETWORK_GAP);
    const hasRest =
      table.selection === 'several' && table.rules.some((rule) => rule.networkId === network.id && rule.range === null);
    return {
      id: network.id,
      name: network.name,
      x0,
      x1: x0 + width,
      pocket: hasRest ? x0 + Math.min(POCKET, width / 3) : x0,
      last: Math.max(TRANSLATED_MAX, ...claimed),
    };
  });
}

/** Where a rule leads the numbers of a part, on its network. */
function ends(rule: RouteRule, part: Stretch, network: RibbonNetwork): [number, number] {
  if (!rule.range) return [network.x0 + 3, network.pocket - 3];
  const there = (number: number) => number - rule.range!.first + rule.range!.networkFirst;
  const { first, last } = claimOf(rule);
  return [
    xOnNetwork(network, there(Math.max(first, part.first))) - 4,
    xOnNetwork(network, there(Math.min(last, part.last))) + 4,
  ];
}

export function ribbonOf(index: PlanIndex, siteId: Id, kind: CallKind, slot: TimeSlot): Ribbon {
  const { parts, segments: found } = placed(index, siteId, kind, slot);
  const networks = networksOf(index, siteId);
  const networkOf = (id: Id) => networks.find((one) => one.id === id)!;
  const bands: RibbonBand[] = [];
  parts.forEach((part, at) => {
    const segment = found[at]!;
    if (part.kind === 'passed on') {
      const first = networkOf(routesOf(index, siteId).networkIds[0]!);
      bands.push({
        path: area(part.x0, part.x1, first.x0 + 4, first.x1 - 4),
        kind: 'rule',
        title: `every number to ${first.name}, as sent`,
      });
    }
    for (const rule of segment.hidden.filter((one) => one.range !== null)) {
      const network = networkOf(rule.networkId);
      const [b0, b1] = ends(rule, part, network);
      bands.push({
        path: area(part.x0 + 3, part.x1 - 3, b0, b1),
        kind: 'hidden',
        title: `never taken: would go to ${network.name}`,
      });
    }
    if (!segment.rule) return;
    const network = networkOf(segment.rule.networkId);
    const [b0, b1] = ends(segment.rule, part, network);
    bands.push({
      path: area(part.x0, part.x1, b0, b1),
      kind: part.kind === 'catch-all' ? 'catch-all' : 'rule',
      title: `${part.title} to ${network.name}`,
    });
  });
  const ribbon: Ribbon = { parts, networks, bands, dots: [] };
  const through = rows(index.plan.radios)
    .flatMap((radio) => dmrChannels(index.plan.codeplugs[radio.id]!))
    .filter((channel) => channel.siteId === siteId && channel.dmr.call.kind === kind && channel.dmr.slot === slot);
  ribbon.dots = through.map((channel) => ({
    x: xOnRadio(ribbon, callOf({ channel }).number),
    title: `${channel.name}, ${channel.dmr.call.number}`,
  }));
  return ribbon;
}

/** Where the typed number starts and lands; `to` is `null` when it stops. */
export function journey(
  ribbon: Ribbon,
  sent: Call,
  { routed }: Pick<Travel, 'routed'>,
): { x: number; to: number | null } {
  const network = routed && ribbon.networks.find((one) => one.id === routed.networkId);
  if (!network || !routed) return { x: xOnRadio(ribbon, sent.number), to: null };
  return {
    x: xOnRadio(ribbon, sent.number),
    to: routed.rule?.range === null ? (network.x0 + network.pocket) / 2 : xOnNetwork(network, routed.number),
  };
}
