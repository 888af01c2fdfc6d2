import { gapWords } from '../../../path/fact-words';
import { effectiveProfile } from '../../../plan/profiles';
import { loginGaps } from '../login';
import { networkIdOf } from '../../../plan/networks';
import { rows } from '../../../plan/table';
import type { Plan } from '../../../plan/types';
import { defineCheck } from '../../../checks/check';
import { eachProfile, set } from '../../../checks/walk';
import { dmrChannels, isDmrPath } from '../channel';
import { dmrNetwork, dmrNetworks } from '../networks';

/**
 * Networks that a hotspot must log in to: those whose login is on; when none is, those that channels through it are
 * meant to reach.
 */
function networksNeeded(plan: Plan, siteId: string): Set<string> {
  const needed = new Set(
    Object.entries(effectiveProfile(plan, siteId)!.dmr.logins)
      .filter(([, login]) => login.enabled)
      .map(([id]) => id),
  );
  // Beside a network that is on, a check of its own says that the destination’s is not.
  if (needed.size > 0) return needed;
  for (const codeplug of Object.values(plan.codeplugs)) {
    for (const channel of dmrChannels(codeplug)) {
      const networkId = channel.siteId === siteId ? networkIdOf(channel.destination) : null;
      if (networkId !== null && dmrNetwork(plan, networkId)) needed.add(networkId);
    }
  }
  return needed;
}

export const networkLoginIncomplete = defineCheck({
  id: 'network-login-incomplete',
  severity: 'broken',
  title: 'Network login incomplete',
  fact: 'login',
  docs: {
    summary: 'A hotspot’s login to a network lacks the server, the password or the DMR ID, or is switched off.',
    why: 'Without the login the hotspot hears you, but no call leaves it.',
    remedy: 'Fill in the login under Hotspots. The network’s operators tell you the password; never use another’s.',
  },
  messages: {
    incomplete: 'The login of {site} to {network} lacks: {has}.',
    missing: '{site} has no login to any network.',
  },
  fixes: { complete: 'Set what the plan knows: {known}' },
  check(index, report) {
    const { plan } = index;
    eachProfile(plan, (site, profile, at) => {
      const needed = networksNeeded(plan, site.id);
      const linked = index.paths().some(({ context }) => isDmrPath(context) && context.site?.id === site.id);
      if (needed.size === 0 && linked)
        report({
          message: 'missing',
          data: { site: site.name },
          pointer: at('dmr', 'logins'),
          subject: { siteId: site.id },
        });
      for (const network of dmrNetworks(plan).filter((one) => needed.has(one.id))) {
        const login = profile.dmr.logins[network.id] ?? null;
        const gaps = loginGaps(plan, site.id, network.id, login);
        if (gaps.length === 0) continue;
        const pointer = at('dmr', 'logins', network.id);
        const server = rows(network.servers)[0];
        const patches = [];
        if (login && gaps.includes('enabled')) patches.push({ known: 'on', patch: set(`${pointer}/enabled`, true) });
        if (login && gaps.includes('server') && server)
          patches.push({ known: server.name, patch: set(`${pointer}/serverId`, server.id) });
        const fixes =
          patches.length === 0
            ? []
            : [
                {
                  id: 'complete' as const,
                  data: { known: patches.map((one) => one.known).join(', ') },
                  patches: patches.map((one) => one.patch),
                },
              ];
        report({
          message: 'incomplete',
          data: { site: site.name, network: network.name, has: gapWords(gaps) },
          pointer: login ? pointer : at('dmr', 'logins'),
          subject: { siteId: site.id, networkId: network.id },
          fixes,
        });
      }
    });
  },
});
