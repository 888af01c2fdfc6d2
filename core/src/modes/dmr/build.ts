/** What the builder makes for a DMR want: a channel's values, its contact, and the receive lists of a radio. */
import { fitNames } from '../../build/names';
import { freeId, rows } from '../../plan/table';
import type { Codeplug, Destination, Plan, Radio, Site } from '../../plan/types';
import type { ChannelDraft, ListDraft } from '../../build/types';
import { networkIdOf } from '../../plan/destination-key';
import type { ModeBuild } from '../mode';
import { slotFor } from './carriage';
import { callFor } from './links';
import { buildLogins } from './login';
import { SIMPLEX_SLOT } from './limits';
import { worthAChannel } from './repeater';
import { radioNumber } from './routes/prefixes';

/** @throws Error when the destination is not in the plan: reference integrity has been broken before. */
function channels(plan: Plan, site: Site, destination: Destination): ChannelDraft<'dmr'>[] {
  const call = callFor(plan, destination);
  if (!call) throw new Error(`Want names a destination that the plan does not hold: ${JSON.stringify(destination)}`);
  // Where no number leads there yet, the network's own is as good as any: the path says what is missing.
  const networkId = networkIdOf(destination)!;
  const number = radioNumber(plan, site.id, networkId, call.kind, call.number) ?? call.number;
  return [{
    destination,
    values: {
      name: call.name,
      mode: 'dmr',
      rxHz: site.txHz,
      txHz: site.rxHz,
      power: site.kind === 'hotspot' ? 'low' : 'high',
      dmr: {
        colorCode: site.dmr?.colorCode ?? 1,
        slot: slotFor(site, call.kind, call.number) ?? SIMPLEX_SLOT,
        call: { kind: call.kind, number },
        receiveListId: null,
        admit: 'color-code-free',
      },
    },
    contact: { name: call.name, kind: call.kind, number },
    address: `${call.kind} ${number}${number === call.number ? '' : ` (${plan.networks.byId[networkId]!.name} ${call.number})`}`,
    use: destination.kind === 'special' ? 'service' : 'talk',
    networkId,
    siteId: site.id,
  }];
}

/** One list per network and site; when a radio's lists are short, several, each full before the next begins. */
function receiveList(plan: Plan, radio: Radio, codeplug: Codeplug, draft: ChannelDraft<'dmr'>): ListDraft | null {
  const { kind, number: group } = draft.values.dmr.call;
  if (kind !== 'group') return null;
  const base = `rl-${draft.networkId}-${draft.siteId}`;
  const lists = rows(codeplug.receiveLists).filter((list) => list.id === base || list.id.startsWith(`${base}-`));
  const present = lists.find((list) => list.groups.includes(group)) ?? lists.find((list) => list.groups.length < radio.limits.groupsPerReceiveList);
  if (present) return { id: present.id, name: present.name, group };
  const network = plan.networks.byId[draft.networkId!]!;
  const site = plan.sites.byId[draft.siteId]!;
  const [name] = fitNames([{ name: network.name, qualifier: site.name }], radio.limits.nameLength, rows(codeplug.receiveLists).map((list) => list.name));
  return { id: freeId(base, (id) => id in codeplug.receiveLists.byId), name: name!, group };
}

export const build: ModeBuild<'dmr'> = {
  channels,
  contact: (values) => values.dmr.call,
  receiveList,
  withReceiveList: (values, receiveListId) => ({ ...values, dmr: { ...values.dmr, receiveListId } }),
  profile: buildLogins,
  worthAChannel,
};
