/** What is done to zones by hand, in a codeplug of a draft. A channel is in a zone once; it may be in several zones. */
import { nameFitter } from '../codeplug/names';
import { nameRules, roomIn } from '../codeplug/room';
import { newZone } from '../plan/create';
import { freeId, removeRow, rows } from '../plan/table';
import type { Codeplug, Id, Plan, Zone } from '../plan/types';

/**
 * Puts channels into a zone, in the order in which they are given.
 * @param fromId the zone that they leave; `null`: they stay where they are besides
 * @param at before which place, counted in the zone as it is; from its length on: at the end
 */
export function moveChannels(codeplug: Codeplug, ids: readonly Id[], fromId: Id | null, toId: Id, at: number): void {
  const to = codeplug.zones.byId[toId]!;
  const moving = new Set(ids);
  if (fromId !== null && fromId !== toId) {
    const from = codeplug.zones.byId[fromId]!;
    from.channelIds = from.channelIds.filter((id) => !moving.has(id));
  }
  const before = to.channelIds.slice(0, at).filter((id) => !moving.has(id));
  const after = to.channelIds.slice(at).filter((id) => !moving.has(id));
  to.channelIds = [...before, ...new Set(ids), ...after];
}

/** Takes channels out of a zone; they stay in the codeplug. */
export function takeOut(codeplug: Codeplug, zoneId: Id, ids: readonly Id[]): void {
  const zone = codeplug.zones.byId[zoneId]!;
  const going = new Set(ids);
  zone.channelIds = zone.channelIds.filter((id) => !going.has(id));
}

/** A zone behind another. */
function putBehind(codeplug: Codeplug, zone: Zone, afterId: Id): void {
  codeplug.zones.byId[zone.id] = zone;
  codeplug.zones.order.splice(codeplug.zones.order.indexOf(afterId) + 1, 0, zone.id);
}

/**
 * Parts a zone before a place: what is behind it goes into a zone of its own, filled by hand.
 * @returns the new zone's id; `null` where one of the two would be empty, or the radio holds no further zone
 */
export function splitZone(plan: Plan, radioId: Id, zoneId: Id, at: number): Id | null {
  const radio = plan.radios.byId[radioId]!;
  const codeplug = plan.codeplugs[radioId]!;
  const zone = codeplug.zones.byId[zoneId]!;
  const isFull = codeplug.zones.order.length >= roomIn(radio.limits.zones);
  if (at <= 0 || at >= zone.channelIds.length || isFull) return null;
  const names = rows(codeplug.zones).map(({ name }) => name);
  const name = nameFitter(nameRules(plan, radio), names)({ name: zone.name, qualifier: '' });
  const id = freeId(zoneId, (taken) => taken in codeplug.zones.byId);
  putBehind(codeplug, { ...newZone(id, name, zone.channelIds.slice(at)), pattern: zone.pattern }, zoneId);
  zone.channelIds = zone.channelIds.slice(0, at);
  // What it holds is not what its rule says any more.
  zone.rule = null;
  return id;
}

/** Parts a zone into as many as the radio needs for it. @returns the ids of the new ones, in order */
export function splitToFit(plan: Plan, radioId: Id, zoneId: Id): Id[] {
  const most = roomIn(plan.radios.byId[radioId]!.limits.channelsPerZone);
  const made: Id[] = [];
  for (let last = zoneId; plan.codeplugs[radioId]!.zones.byId[last]!.channelIds.length > most;) {
    const next = splitZone(plan, radioId, last, most);
    if (next === null) break;
    made.push((last = next));
  }
  return made;
}

/** One zone takes in another's channels that it has not, at its end; the other goes. */
export function mergeZones(codeplug: Codeplug, intoId: Id, fromId: Id): void {
  if (intoId === fromId) return;
  const [into, from] = [codeplug.zones.byId[intoId]!, codeplug.zones.byId[fromId]!];
  into.channelIds = [...new Set([...into.channelIds, ...from.channelIds])];
  into.rule = null;
  for (const list of rows(codeplug.scanLists)) if (list.zoneId === fromId) list.zoneId = intoId;
  removeRow(codeplug.zones, fromId);
}
