import { defineCheck } from '../../../checks/check';
import { channelBeside } from '../../../checks/channel-beside';
import { type Patch, toPointer } from '../../../plan/patches';
import { rows } from '../../../plan/table';
import type { Id } from '../../../plan/types';
import type { PathContext, TracedPath } from '../../../path/types';
import type { SpecialNumber } from '../../../plan/modes/dmr/types';
import { blankChannel, isDmrPath } from '../channel';
import { SPECIAL_TITLES } from '../links';
import { dmrNetworks } from '../networks';
import { contactPatches } from '../recall';
import { radioNumber } from '../routes/prefixes';

/** Some networks drop a group after this long without a local key-up; others keep it. Common practice. */
const USUAL_TIMER_MIN = 15;

/**
 * The channel that unlinks beside one that calls a group, with its contact; nothing where no number of the radio
 * leads there.
 */
function unlinkPatches(context: PathContext<'dmr'>, networkId: Id, unlink: SpecialNumber): Patch[] {
  const { index, radio, codeplug, channel, site } = context;
  const number = radioNumber(index.plan, site!.id, networkId, unlink.kind, unlink.number);
  if (number === null) return [];
  const call = { kind: unlink.kind, number };
  const name = SPECIAL_TITLES.unlink;
  const blank = blankChannel(site!);
  const added = channelBeside(index.plan, radio, codeplug, channel, {
    site: site!,
    values: { ...blank, name, dmr: { ...blank.dmr, call } },
    destination: { mode: 'dmr', kind: 'special', networkId, special: 'unlink' },
  });
  const calling = { ...channel, dmr: { ...channel.dmr, call } };
  return added.length > 0 ? [...added, ...contactPatches({ ...context, channel: calling }, call, name)] : [];
}

/** What arrives on a network through a hotspot; `null` for other paths. */
function arrivalAt({ context }: TracedPath) {
  const { radio, site, profile, arrives } = context;
  if (site?.kind !== 'hotspot' || !isDmrPath(context) || arrives?.mode !== 'dmr') return null;
  const { networkId, number, kind } = arrives;
  return { radioId: radio.id, siteId: site.id, standby: profile!.standby, networkId, number, kind };
}

export const noDmrUnlinkChannel = defineCheck({
  id: 'no-dmr-unlink-channel',
  severity: 'note',
  title: 'No DMR way out where one is wanted',
  docs: {
    summary:
      'A radio calls groups of a network through a hotspot and has no channel for the number that unlinks there, and waiting for the timer is no way out: the hotspot is in standby, or the network keeps a group for more than 15 minutes.',
    why: 'A group that was taken up stays until its timer runs out; with a busy one you wait.',
    remedy: 'Want the network’s unlink number on this radio, or wait for the timer.',
    source: { kind: 'common practice', name: 'each mode needs its way out programmed in its radio' },
  },
  messages: {
    none: '{radio} calls groups of {network} through {site} and has no channel for {kind} {expects}, which unlinks.',
  },
  fixes: { add: 'Add a channel that unlinks' },
  check(index, report) {
    const { plan } = index;
    const arrivals = index.ofPaths(arrivalAt);
    for (const network of dmrNetworks(plan)) {
      const { unlink } = network.special;
      if (!unlink) continue;
      for (const radio of rows(plan.radios)) {
        const called = new Map<Id, number>();
        const left = new Set<string>();
        arrivals.forEach((one, at) => {
          if (one?.radioId !== radio.id || one.networkId !== network.id) return;
          if (!one.standby && network.dynamicTimerMin <= USUAL_TIMER_MIN) return;
          if (one.number === unlink.number && one.kind === unlink.kind) left.add(one.siteId);
          else if (one.kind === 'group') called.set(one.siteId, at);
        });
        for (const [siteId, at] of called) {
          if (left.has(siteId)) continue;
          const context = index.paths()[at]!.context as PathContext<'dmr'>;
          const site = plan.sites.byId[siteId]!;
          const patches = unlinkPatches(context, network.id, unlink);
          report({
            message: 'none',
            data: {
              radio: radio.name,
              network: network.name,
              site: site.name,
              kind: unlink.kind,
              expects: unlink.number,
            },
            pointer: toPointer(['codeplugs', radio.id, 'channels']),
            subject: { radioId: radio.id, siteId, networkId: network.id },
            fixes: patches.length > 0 ? [{ id: 'add', patches }] : [],
          });
        }
      }
    }
  },
});
