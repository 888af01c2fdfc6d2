/** The press that takes a want to another site, or back where the other site has it already. */
import { onRadio, usualPower, wattsOf } from '../../../plan/power';
import { receivedLevelDbm } from '../../../units/free-space';
import { radioTunes } from '../../../path/common-facts';
import { toPointer, type Patch } from '../../../plan/patches';
import { set } from '../../../checks/walk';
import { destinationKey } from '../../../plan/destination-key';
import { rows } from '../../../plan/table';
import type { ChannelOf, Id, Plan, Radio, Site } from '../../../plan/types';
import { build } from '../build';
import { isDstar } from '../channel';
import { reachesFamily } from '../link';
import { gatewayOf } from '../links';

/** Whether what the builder sets a radio to is not too loud at a site. */
function isQuietEnough(radio: Radio, site: Site): boolean {
  const watts = wattsOf(radio, onRadio(radio, usualPower(site)));
  return watts === null || receivedLevelDbm(watts, site.rxHz, site.distanceM) <= site.maxInputDbm;
}

/** A site that the radio tunes and whose gateway is known to reach a family: one's own first, then the nearest. */
export function reachingSite(plan: Plan, radio: Radio, letters: string, not: Id): Site | null {
  const able = rows(plan.sites).filter(
    (site) =>
      site.id !== not &&
      site.dstar &&
      reachesFamily(gatewayOf(site.dstar), letters) &&
      radioTunes(radio, site.txHz) &&
      radioTunes(radio, site.rxHz) &&
      isQuietEnough(radio, site),
  );
  return (
    able.sort((a, b) => Number(b.kind === 'hotspot') - Number(a.kind === 'hotspot') || a.distanceM - b.distanceM)[0] ??
    null
  );
}

/** The channels that serve the same reflector as this one: to link and to talk. */
function together(plan: Plan, radioId: Id, channel: ChannelOf<'dstar'>): ChannelOf<'dstar'>[] {
  const same = (one: ChannelOf<'dstar'>) =>
    one.id === channel.id ||
    (channel.wantId !== null &&
      one.wantId === channel.wantId &&
      one.destination?.kind === 'reflector' &&
      one.siteId === channel.siteId);
  return rows(plan.codeplugs[radioId]!.channels).filter(isDstar).filter(same);
}

export type Elsewhere = { id: 'move' | 'drop'; patches: Patch[] };

/** The fix that moves the want of a channel to another site, or drops it where that site has it already. */
export function takeElsewhere(plan: Plan, radioId: Id, channel: ChannelOf<'dstar'>, to: Site): Elsewhere {
  const want = channel.wantId === null ? undefined : plan.wants.byId[channel.wantId];
  const mine = together(plan, radioId, channel);
  const at = (id: Id) => toPointer(['codeplugs', radioId, 'channels', 'byId', id]);
  const there =
    want &&
    rows(plan.wants).some(
      (one) =>
        one.radioId === radioId &&
        one.siteId === to.id &&
        destinationKey(one.destination) === destinationKey(want.destination),
    );
  if (want && there)
    return {
      id: 'drop',
      patches: [
        { op: 'remove', path: toPointer(['wants', 'byId', want.id]) },
        ...mine.map((one): Patch => ({ op: 'remove', path: at(one.id) })),
      ],
    };
  const moved = mine.flatMap((one): Patch[] => {
    const key = one.destination && destinationKey(one.destination);
    const draft =
      one.destination &&
      build.channels(plan, to, one.destination).find((made) => destinationKey(made.destination) === key);
    if (!draft) return [];
    const values = { ...draft.values, name: one.name, power: onRadio(plan.radios.byId[radioId]!, draft.values.power) };
    const { rxHz, txHz, power, dstar } = values;
    return [
      set(`${at(one.id)}/siteId`, to.id),
      ...Object.entries({ rxHz, txHz, power, dstar }).map(([field, value]) => set(`${at(one.id)}/${field}`, value)),
      ...(one.built ? [set(`${at(one.id)}/built`, values)] : []),
    ];
  });
  // A channel that nothing can be made of stays where it is, and so does its want.
  if (!moved.some(({ path }) => path === `${at(channel.id)}/siteId`)) return { id: 'move', patches: [] };
  return {
    id: 'move',
    patches: [...(want ? [set(toPointer(['wants', 'byId', want.id, 'siteId']), to.id)] : []), ...moved],
  };
}
