import { defineCheck } from '../../../checks/check';
import { channelBeside } from '../../../checks/channel-beside';
import { type Patch, toPointer } from '../../../plan/patches';
import { rows } from '../../../plan/table';
import type { Id } from '../../../plan/types';
import type { PathContext } from '../../../path/types';
import type { SpecialNumber } from '../../../plan/modes/dmr/types';
import { blankChannel, isDmrPath } from '../channel';
import { SPECIAL_TITLES } from '../links';
import { dmrNetworks } from '../networks';
import { contactPatches } from '../recall';
import { radioNumber } from '../routes/prefixes';

/** Some networks drop a group after this long without a local key-up; others keep it. Common practice. */
const USUAL_TIMER_MIN = 15;

/** The channel that unlinks beside one that calls a group, with its contact; nothing where no number of the radio leads there. */
function unlinkPatches(context: PathContext<'dmr'>, networkId: Id, unlink: SpecialNumber): Patch[] {
  const { index, radio, codeplug, channel, site } = context;
  const number = radioNumber(index.plan, site!.id, networkId, unlink.kind, unlink.number);
  if (number === null) return [];
  const call = { kind: unlink.kind, number };
  const name = SPECIAL_TITLES.unlink;
  const blank = blankChannel(site!);
  const added = channelBeside(radio, codeplug, channel, {
    site: site!,
    values: { ...blank, name, dmr: { ...blank.dmr, call } },
    destination: { mode: 'dmr', kind: 'special', networkId, special: 'unlink' },
  });
  const calling = { ...channel, dmr: { ...channel.dmr, call } };
  return added.length > 0 ? [...added, ...contactPatches({ ...context, channel: calling }, call, name)] : [];
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
    for (const network of dmrNetworks(plan)) {
      const { unlink } = network.special;
      if (!unlink) continue;
      for (const radio of rows(plan.radios)) {
        const called = new Map<Id, PathContext<'dmr'>>();
        const left = new Set<string>();
        for (const { context } of index.paths()) {
          const { site, arrives } = context;
          if (context.radio.id !== radio.id || site?.kind !== 'hotspot' || !isDmrPath(context)) continue;
          if (arrives?.mode !== 'dmr' || arrives.networkId !== network.id) continue;
          if (!context.profile!.standby && network.dynamicTimerMin <= USUAL_TIMER_MIN) continue;
          if (arrives.number === unlink.number && arrives.kind === unlink.kind) left.add(site.id);
          else if (arrives.kind === 'group') called.set(site.id, context);
        }
        for (const [siteId, context] of called) {
          if (left.has(siteId)) continue;
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
