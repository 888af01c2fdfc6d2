/** Destinations as keys in files: `mode/` and what that mode writes behind it. */
import { dataOf, MODE_DATA, MODE_IDS } from './modes';
import type { Destination } from './types';

/** The same text for the same destination, whatever the order of its keys. */
export function destinationKey(destination: Destination): string {
  if (destination.kind === 'recall') return `${destination.mode}/recall/${destination.siteId}/${destination.slotId}`;
  return `${destination.mode}/${dataOf(destination.mode).keys.write(destination)}`;
}

/** Modes in which a channel can recall a stored profile. */
const RECALLING = ['dmr', 'dstar', 'p25'] as const;

/** What a key stands for, also one of an older file; `undefined` for a text that is the key of no destination. */
export function destinationOfKey(key: string): Destination | undefined {
  const [, before, rest] = /^([^/]*)\/(.*)$/s.exec(key) ?? [];
  const mode = MODE_IDS.find((id) => id === before);
  const [, siteId, slotId] = /^recall\/([\w-]+)\/([\w-]+)$/.exec(rest ?? '') ?? [];
  if (siteId && slotId && RECALLING.some((id) => id === mode))
    return { mode: mode as (typeof RECALLING)[number], kind: 'recall', siteId, slotId };
  const found = mode && rest !== undefined ? dataOf(mode).keys.read(rest) : undefined;
  if (found) return found;
  for (const id of MODE_IDS) {
    const old = MODE_DATA[id].keys.readOld(key);
    if (old) return old;
  }
  return undefined;
}
