/** What a listed site is read as, wherever it stands on this screen. */
import { NO_TONE, toneWords } from '@relay/core/units/tones';
import type { FiledSite } from '@relay/core/lists/filed';

export function keyOf({ listId, line }: Pick<FiledSite, 'listId' | 'line'>): string {
  return `${listId}/${line}`;
}

/** `417, 591d`: with `d` for what is taken up only when keyed. */
export function groupsOnSlot({ groups }: Pick<FiledSite, 'groups'>, slot: 1 | 2 | null): string {
  return groups
    .filter((one) => one.slot === slot)
    .map((one) => `${one.number}${one.static ? '' : 'd'}`)
    .join(', ');
}

/** `reaches Lantern, Causeway; linked to LNK001 C; on a slot not said: 417`; empty when the list says none. */
export function reachWords(site: Pick<FiledSite, 'networks' | 'linked' | 'groups'>): string {
  const { networks, linked } = site;
  const unsaid = groupsOnSlot(site, null);
  return [
    networks.length > 0 ? `reaches ${networks.join(', ')}` : '',
    linked === '' ? '' : `linked to ${linked}`,
    unsaid && `on a slot not said: ${unsaid}`,
  ]
    .filter(Boolean)
    .join('; ');
}

/** `CC 1 · 110.9 Hz`: what opens the site. */
export function accessWords({ colorCode, tone, nac }: Pick<FiledSite, 'colorCode' | 'tone' | 'nac'>): string {
  return [
    colorCode === null ? '' : `CC ${colorCode}`,
    tone === null ? '' : tone === NO_TONE ? 'no tone' : toneWords(tone),
    nac === null ? '' : `NAC ${nac}`,
  ]
    .filter(Boolean)
    .join(' · ');
}
