/** Where DMR names something: a repeater its network, logins and rules theirs, a channel its receive list. */
import { checkMembers, checkOrder, eachProfileBlock, type Found, type ModeReferences } from '../../broken';
import { networkOf, networksOf } from '../../networks';
import { removeRow, rows } from '../../table';
import type { Plan } from '../../types';

/** Logins and route rules go with their network; a login forgets a server or a static group that is gone. */
function checkProfiles(plan: Plan, found: Found): void {
  eachProfileBlock(plan, 'dmr', ({ rules, logins }, path, draftOf) => {
    if (rules) checkOrder(found, [...path, 'rules'], (draft) => draftOf(draft).rules!, rules);
    for (const rule of rules ? rows(rules) : []) {
      if (plan.networks.byId[rule.networkId]?.mode === 'dmr') continue;
      found([...path, 'rules', 'byId', rule.id, 'networkId'], rule.networkId, (draft) =>
        removeRow(draftOf(draft).rules!, rule.id),
      );
    }
    for (const [networkId, login] of Object.entries(logins ?? {})) {
      const at = [...path, 'logins', networkId];
      const network = plan.networks.byId[networkId];
      if (network?.mode !== 'dmr') {
        found(at, networkId, (draft) => delete draftOf(draft).logins![networkId]);
        continue;
      }
      const loginOf = (draft: Plan) => draftOf(draft).logins![networkId]!;
      const { serverId = null, staticGroupIds = [] } = login;
      if (serverId !== null && !(serverId in network.servers.byId))
        found([...at, 'serverId'], serverId, (draft) => (loginOf(draft).serverId = null));
      checkMembers(
        found,
        [...at, 'staticGroupIds'],
        staticGroupIds,
        (id) => id in network.groups.byId,
        (draft, kept) => (loginOf(draft).staticGroupIds = kept),
      );
    }
  });
}

function checkRepeaters(plan: Plan, found: Found): void {
  for (const site of rows(plan.sites)) {
    const networkId = site.dmr?.carries?.networkId ?? null;
    if (networkId === null || plan.networks.byId[networkId]?.mode === 'dmr') continue;
    found(
      ['sites', 'byId', site.id, 'dmr', 'carries', 'networkId'],
      networkId,
      (draft) => (draft.sites.byId[site.id]!.dmr!.carries!.networkId = null),
    );
  }
}

/** A direct link forgets a hotspot that is gone: somebody else's listens then, as far as is known. */
function checkDirect(plan: Plan, found: Found): void {
  for (const network of networksOf(plan, 'dmr')) {
    const listens = network.direct?.listensSiteId ?? null;
    if (listens === null || plan.sites.byId[listens]?.kind === 'hotspot') continue;
    found(['networks', 'byId', network.id, 'direct', 'listensSiteId'], listens, (draft) => {
      const there = networkOf(draft, 'dmr', network.id);
      if (there?.direct) there.direct.listensSiteId = null;
    });
  }
}

/** A channel forgets a receive list that is gone. */
function checkChannels(plan: Plan, found: Found): void {
  for (const [radioId, codeplug] of Object.entries(plan.codeplugs)) {
    for (const channel of rows(codeplug.channels)) {
      if (
        channel.mode !== 'dmr' ||
        channel.dmr.receiveListId === null ||
        channel.dmr.receiveListId in codeplug.dmr.receiveLists.byId
      )
        continue;
      found(
        ['codeplugs', radioId, 'channels', 'byId', channel.id, 'dmr', 'receiveListId'],
        channel.dmr.receiveListId,
        (draft) => {
          const there = draft.codeplugs[radioId]!.channels.byId[channel.id];
          if (there?.mode === 'dmr') there.dmr.receiveListId = null;
        },
      );
    }
  }
}

/** A repeater whose network goes carries nothing that is known. */
export const references: ModeReferences<'dmr'> = {
  networkTables: (network) => [
    ['groups', network.groups],
    ['servers', network.servers],
  ],
  sharedTables: () => [],
  profileTables: ({ rules }) => (rules ? [['rules', rules]] : []),
  holds: (network, destination) =>
    destination.kind === 'group'
      ? destination.groupId in network.groups.byId
      : destination.kind !== 'special' || network.special[destination.special] !== null,
  channelLinks: ['receiveListId'],
  broken(plan, found) {
    checkDirect(plan, found);
    checkRepeaters(plan, found);
    checkProfiles(plan, found);
    checkChannels(plan, found);
  },
};
