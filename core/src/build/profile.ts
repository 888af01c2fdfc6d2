/** Wants → what each hotspot must be set to: its mode on, and whatever that mode needs to reach the network. */
import { MODES } from '../modes/registry';
import { rows } from '../plan/table';
import type { Plan } from '../plan/types';
import type { BuildItem, OfferSetting } from './types';

export function buildProfiles(plan: Plan, offer: (item: BuildItem, act: () => void) => boolean): void {
  for (const site of rows(plan.sites)) {
    const wanted = new Set(rows(plan.wants).filter((want) => want.siteId === site.id).map((want) => want.destination.networkId));
    const profile = plan.profiles[site.id]!;
    const offerSetting: OfferSetting = (field, from, to, act, handMade = false) =>
      offer({ id: `profile:${site.id}:${field}`, kind: 'set-profile', subject: site.name, field, from, to, handMade }, act);
    for (const network of rows(plan.networks).filter((one) => wanted.has(one.id))) {
      const mode = MODES[network.mode];
      if (!profile.modes[mode.id]) offerSetting(`mode ${mode.name}`, 'off', 'on', () => (profile.modes[mode.id] = true), true);
      mode.build.login(plan, site.id, network, offerSetting);
    }
  }
}
