/** What a listed site is read as, wherever it stands on this screen. */
import type { FiledSite } from '@relay/core/lists/filed';

export function keyOf({ listId, line }: Pick<FiledSite, 'listId' | 'line'>): string {
  return `${listId}/${line}`;
}

/** `417, 591d`: with `d` for what is taken up only when keyed. */
export function groupsOnSlot({ groups }: Pick<FiledSite, 'groups'>, slot: 1 | 2): string {
  return groups
    .filter((one) => one.slot === slot)
    .map((one) => `${one.number}${one.static ? '' : 'd'}`)
    .join(', ');
}

/** `reaches Lantern, Causeway; linked to LNK001 C`; empty when the list says neither. */
export function reachWords({ networks, linked }: Pick<FiledSite, 'networks' | 'linked'>): string {
  return [networks.length > 0 ? `reaches ${networks.join(', ')}` : '', linked === '' ? '' : `linked to ${linked}`]
    .filter(Boolean)
    .join('; ');
}

/** `CC 1 · 110.9 Hz`: what opens the site. */
export function accessWords({
  colorCode,
  ctcssHz,
  dcs,
  nac,
}: Pick<FiledSite, 'colorCode' | 'ctcssHz' | 'dcs' | 'nac'>): string {
  return [
    colorCode === null ? '' : `CC ${colorCode}`,
    ctcssHz === null ? '' : `${ctcssHz.toFixed(1)} Hz`,
    dcs === null ? '' : `D${dcs}`,
    nac === null ? '' : `NAC ${nac}`,
  ]
    .filter(Boolean)
    .join(' · ');
}
