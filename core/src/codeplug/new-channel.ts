/**
 * A channel that is added by hand: of a mode that its radio has, through a site that has it too where it goes through
 * one.
 */
import { freshName } from '../plan/fresh-name';
import { MODE_IDS } from '../plan/modes';
import { onRadio } from '../plan/power';
import { rows } from '../plan/table';
import type { Channel, Id, ModeId, Plan, Purpose, Radio, Site } from '../plan/types';
import type { CodeplugModes } from './mode-codeplug';

export interface NewChannel {
  id: Id;
  /** What it is for; `talk` goes through a site where there is one. */
  purpose: Purpose;
  /** The channel that it should be like: of its mode, through its site. */
  like?: Channel | null;
}

/** The site to talk through and the mode to do it in: those of `like`; else the first that radio and site share. */
function wayOf(plan: Plan, radio: Radio, like: Channel | null): { site: Site | undefined; mode: ModeId } {
  const mine = MODE_IDS.filter((mode) => radio[mode] !== null);
  const likeSite = like?.siteId == null ? undefined : plan.sites.byId[like.siteId];
  if (like && mine.includes(like.mode)) return { site: likeSite, mode: like.mode };
  for (const site of likeSite ? [likeSite, ...rows(plan.sites)] : rows(plan.sites)) {
    const mode = mine.find((one) => site[one] !== null);
    if (mode) return { site, mode };
  }
  return { site: undefined, mode: mine[0] ?? like?.mode ?? MODE_IDS[0]! };
}

/** @throws Error for a radio that the plan does not have */
export function newChannel(
  modes: CodeplugModes,
  plan: Plan,
  radioId: Id,
  { id, purpose, like = null }: NewChannel,
): Channel {
  const [radio, codeplug] = [plan.radios.byId[radioId], plan.codeplugs[radioId]];
  if (!radio || !codeplug) throw new Error(`The plan has no radio ${radioId}.`);
  const way = wayOf(plan, radio, like);
  const site = purpose === 'talk' || purpose === 'service' ? way.site : undefined;
  const values = modes[way.mode].blankChannel(site);
  return {
    id,
    siteId: site?.id ?? null,
    destination: null,
    // With a site it is for talking without anybody saying so.
    purpose: purpose === 'talk' && site ? null : purpose,
    wantId: null,
    ...values,
    power: onRadio(radio, values.power),
    name: freshName(
      rows(codeplug.channels).map((channel) => channel.name),
      (n) => (n === 1 ? values.name : `${values.name} ${n}`),
    ),
    built: null,
  } as Channel;
}
