/** Where something stands in a plan, as people call it: `Handheld, channel Hask Wide: color code`. */
import type { PathKey } from './patches';

/** What the tables and blocks of a plan are called, one of them. */
const NAMES: Readonly<Record<string, string>> = {
  station: 'station',
  radios: 'radio',
  sites: 'site',
  networks: 'network',
  wants: 'want',
  codeplugs: 'codeplug of',
  profiles: 'profile',
  kits: 'kit',
  kinds: 'kind of radio',
  channelRules: 'rule for channels',
  channels: 'channel',
  zones: 'zone',
  groups: 'group',
  rooms: 'room',
  reflectors: 'reflector',
  servers: 'server',
  contacts: 'contact',
  receiveLists: 'receive list',
  rxHz: 'receive frequency',
  txHz: 'transmit frequency',
  dmr: 'DMR',
  dstar: 'D-STAR',
  c4fm: 'C4FM',
  p25: 'P25',
  fm: 'FM',
  order: 'order',
  format: 'kind of file',
  formatVersion: 'version of the file',
};

/** Steps that only hold a plan together. */
const SILENT: ReadonlySet<string> = new Set(['byId', 'set', 'shared', 'limits']);

/** `colorCode` → `color code`. */
const spoken = (key: string): string =>
  NAMES[key] ?? key.replace(/([a-z])([A-Z])/g, (_, a: string, b: string) => `${a} ${b.toLowerCase()}`);

function keysOf(pointer: string): string[] {
  return pointer
    .split('/')
    .slice(1)
    .map((key) => key.replaceAll('~1', '/').replaceAll('~0', '~'));
}

/** @param document that the pointer (RFC 6901) is into, as far as it can be followed; names are taken from there */
export function placeWords(document: unknown, pointer: string): string {
  const keys = keysOf(pointer);
  if (keys.length === 0) return 'the whole file';
  const words: string[] = [];
  let here: unknown = document;
  let isRow = false;
  for (const key of keys) {
    const holder = here as Record<PathKey, unknown> | null | undefined;
    here = typeof holder === 'object' && holder !== null ? holder[key] : undefined;
    if (key === '-') continue;
    const name = (here as { name?: unknown } | null | undefined)?.name;
    if (/^\d+$/.test(key)) words.push(`number ${Number(key) + 1}`);
    else if (isRow || words.at(-1) === NAMES['codeplugs']) {
      const owner = (document as { radios?: { byId?: Record<string, { name?: unknown }> } } | null)?.radios?.byId?.[
        key
      ];
      const called = typeof name === 'string' ? name : words.at(-1) === NAMES['codeplugs'] ? owner?.name : undefined;
      words[words.length - 1] = `${words.at(-1) ?? ''} “${typeof called === 'string' ? called : key}”`;
    } else if (!SILENT.has(key)) words.push(spoken(key));
    isRow = key === 'byId';
  }
  const last = words.length > 1 ? words.pop() : undefined;
  return last === undefined ? words[0]! : `${words.join(', ')}: ${last}`;
}
