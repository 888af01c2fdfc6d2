/** What a DMR channel needs beside it in the radio: a contact for what it calls, and its group in a receive list. */
import { fitNames, nameFitter, type NameWish } from '../../codeplug/names';
import type { RadioWork, Takes } from '../../builder/mode-build';
import type { BuildItem, ChannelDraft } from '../../builder/types';
import { freeId, putRow, rows } from '../../plan/table';
import type { ReceiveList } from '../../plan/modes/dmr/types';
import type { ChannelOf, Codeplug, Id, ValuesOf } from '../../plan/types';
import { dmrChannels } from './channel';
import { contactKey } from './contact-key';
import { nameRules, roomIn } from '../../codeplug/room';

type Call = ValuesOf<'dmr'>['dmr']['call'];

/** What is there already, kept up to date as the work goes on. */
function known({ plan, codeplug, radio }: RadioWork): {
  contacts: Set<string>;
  contactName: (wish: NameWish) => string;
} {
  const contacts = rows(codeplug.dmr.contacts);
  return {
    contacts: new Set(contacts.map(({ kind, number }) => contactKey(kind, number))),
    contactName: nameFitter(
      nameRules(plan, radio),
      contacts.map((contact) => contact.name),
    ),
  };
}

/** What the wants of this radio call, by contact key. */
function needed({ drafts }: RadioWork): { keys: Set<string> } {
  return {
    keys: new Set(
      drafts.flatMap(({ values }) =>
        values.mode === 'dmr' ? [contactKey(values.dmr.call.kind, values.dmr.call.number)] : [],
      ),
    ),
  };
}

/** What the builder made a channel call and nothing else in the radio calls: what goes with it may be renumbered. */
function ownCall(work: RadioWork, channel: ChannelOf<'dmr'>): Call | null {
  const { call } = channel.dmr;
  const built = channel.built?.dmr.call;
  if (built?.number !== call.number || work.once(needed).keys.has(contactKey(call.kind, call.number))) return null;
  const shared = dmrChannels(work.codeplug).some(
    (one) => one.id !== channel.id && one.dmr.call.kind === call.kind && one.dmr.call.number === call.number,
  );
  return shared ? null : call;
}

/** A channel that calls another number takes its contact along. */
function moveContact(work: RadioWork, to: Call, channel: ChannelOf<'dmr'>): boolean {
  const call = ownCall(work, channel);
  const old =
    call && rows(work.codeplug.dmr.contacts).find((one) => one.kind === call.kind && one.number === call.number);
  if (!old || call.kind !== to.kind) return false;
  const id = `contact:${contactKey(call.kind, to.number)}`;
  const item: BuildItem = {
    id,
    kind: 'change-contact',
    subject: old.name,
    field: 'number',
    from: String(call.number),
    to: String(to.number),
    handMade: false,
  };
  work.offer(item, () => (old.number = to.number));
  return true;
}

function addContact(
  work: RadioWork,
  { title, address, values }: ChannelDraft<'dmr'>,
  channel: ChannelOf<'dmr'> | null,
): void {
  const { contacts } = work.codeplug.dmr;
  const { kind, number } = values.dmr.call;
  const key = contactKey(kind, number);
  const state = work.once(known);
  if (state.contacts.has(key)) return;
  state.contacts.add(key);
  if (channel && moveContact(work, values.dmr.call, channel)) return;
  const name = state.contactName({ name: title, qualifier: '' });
  const item: BuildItem = {
    id: `contact:${key}`,
    kind: 'add-contact',
    subject: name,
    field: 'contact',
    from: '',
    to: address,
    handMade: false,
  };
  work.offer(item, () =>
    putRow(contacts, { id: freeId(`ct-${key}`, (id) => id in contacts.byId), name, kind, number }),
  );
}

/** The receive list a group goes into: one that is there, or a new one of this id and name. */
interface ListDraft {
  id: Id;
  base: string;
  name: string;
  group: number;
}

const listBase = ({ networkId, siteId }: ChannelDraft<'dmr'>) => `rl-${networkId}-${siteId}`;

const knownLists = new WeakMap<object, Map<string, ReceiveList[]>>();

/** The same of a codeplug that stands as it is: looked for once a network and site. */
function knownListsOf(codeplug: Codeplug, draft: ChannelDraft<'dmr'>): ReceiveList[] {
  const { byId } = codeplug.dmr.receiveLists;
  const known = knownLists.get(byId) ?? new Map<string, ReceiveList[]>();
  knownLists.set(byId, known);
  const base = listBase(draft);
  let lists = known.get(base);
  if (!lists) known.set(base, (lists = listsOf(codeplug, draft)));
  return lists;
}

/** The lists that are there for the network and site of a draft. */
function listsOf({ dmr: { receiveLists } }: Codeplug, draft: ChannelDraft<'dmr'>): ReceiveList[] {
  const base = listBase(draft);
  return rows(receiveLists).filter(({ id }) => id === base || id.startsWith(`${base}-`));
}

const knownKeys = new WeakMap<object, ReadonlySet<string>>();

/** What a table of contacts calls; looked through once while it stays as it is. */
function keysOf(contacts: Codeplug['dmr']['contacts']): ReadonlySet<string> {
  let keys = knownKeys.get(contacts.byId);
  if (!keys)
    knownKeys.set(contacts.byId, (keys = new Set(rows(contacts).map(({ kind, number }) => contactKey(kind, number)))));
  return keys;
}

/** A contact for what is called, and the group's place in a receive list. */
export function takes(draft: ChannelDraft<'dmr'>, codeplug: Codeplug): Takes {
  const { kind, number } = draft.values.dmr.call;
  const { contacts, receiveLists } = codeplug.dmr;
  const isThere = keysOf(contacts).has(contactKey(kind, number));
  const contact = { limit: 'contacts' as const, key: contactKey(kind, number), isThere, count: contacts.order.length };
  if (kind !== 'group') return { rows: [contact], lists: [] };
  const lists = knownListsOf(codeplug, draft);
  const place = {
    limit: 'receiveLists' as const,
    each: 'groupsPerReceiveList' as const,
    base: listBase(draft),
    key: String(number),
    isThere: lists.some(({ groups }) => groups.includes(number)),
    sizes: () => lists.map(({ groups }) => groups.length),
    count: receiveLists.order.length,
  };
  return { rows: [contact], lists: [place] };
}

/** The lists of a radio that is built, by what their ids begin with. */
const listsByBase = (): Map<string, ReceiveList[]> => new Map<string, ReceiveList[]>();

/**
 * One list per network and site; when a radio's lists are short, several, each full before the next begins. `null`
 * when the call needs none.
 */
function listFor(work: RadioWork, draft: ChannelDraft<'dmr'>): ListDraft | null {
  const { plan, radio, codeplug } = work;
  const { kind, number: group } = draft.values.dmr.call;
  if (kind !== 'group') return null;
  const { receiveLists } = codeplug.dmr;
  const base = listBase(draft);
  const known = work.once(listsByBase);
  const lists = known.get(base) ?? listsOf(codeplug, draft);
  known.set(base, lists);
  const present =
    lists.find((list) => list.groups.includes(group)) ??
    lists.find((list) => list.groups.length < roomIn(radio.limits.groupsPerReceiveList));
  if (present) return { id: present.id, base, name: present.name, group };
  const network = plan.networks.byId[draft.networkId!]!;
  const site = plan.sites.byId[draft.siteId]!;
  const [name] = fitNames(
    [{ name: network.name, qualifier: site.name }],
    nameRules(plan, radio),
    rows(receiveLists).map((list) => list.name),
  );
  return { id: freeId(base, (id) => id in receiveLists.byId), base, name: name!, group };
}

/** @returns whether the group is in the list now */
function extendList(work: RadioWork, { id, base, name, group }: ListDraft, channel: ChannelOf<'dmr'> | null): boolean {
  const { receiveLists } = work.codeplug.dmr;
  const groups = receiveLists.byId[id]?.groups;
  if (groups?.includes(group)) return true;
  const old = (channel && ownCall(work, channel)?.number) ?? null;
  const item = { id: `list:${id}:${group}`, subject: name, field: 'groups', to: String(group), handMade: false };
  if (groups && old !== null && groups.includes(old)) {
    return work.offer({ ...item, kind: 'change-list', from: String(old) }, () => (groups[groups.indexOf(old)] = group));
  }
  return work.offer({ ...item, kind: 'extend-list', from: '' }, () => {
    const present = receiveLists.byId[id];
    if (present) present.groups.push(group);
    else {
      putRow(receiveLists, { id, name, groups: [group] });
      work.once(listsByBase).get(base)?.push(receiveLists.byId[id]!);
    }
  });
}

/** Offers the contact and the receive list of a draft. @returns its values with that list */
export function furnish(
  work: RadioWork,
  draft: ChannelDraft<'dmr'>,
  channel: ChannelOf<'dmr'> | null,
): ValuesOf<'dmr'> {
  // A channel that was taken over into another mode by hand has no call to move.
  const own = channel?.mode === 'dmr' ? channel : null;
  addContact(work, draft, own);
  const list = listFor(work, draft);
  const receiveListId = list && extendList(work, list, own) ? list.id : null;
  return { ...draft.values, dmr: { ...draft.values.dmr, receiveListId } };
}
