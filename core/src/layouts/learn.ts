/** Which key of somebody else's settings file is which of our settings: by its name, by its value, or both. */
import { sameJson } from '../plan/patches';
import type { Setting } from '../settings/setting';
import type { Codec } from '../plan/taught-file';
import { codecFor, decode } from './codec';
import type { Entry } from './entries';

export interface Guess {
  path: string;
  settingId: string;
  codec: Codec;
  /** 0 to 1. */
  confidence: number;
  /** What speaks for it. */
  because: 'name and value' | 'name' | 'value';
}

/** From here on a guess is taken without asking. */
export const SURE = 0.7;
const WORTH_ASKING = 0.4;

/** Words that mean the same in such files, as the one that terms use. */
const SAME: Readonly<Record<string, readonly string[]>> = {
  rx: ['receive'],
  tx: ['transmit'],
  rxfrequency: ['receive', 'frequency'],
  txfrequency: ['transmit', 'frequency'],
  rxoffset: ['receive', 'offset'],
  txoffset: ['transmit', 'offset'],
  freq: ['frequency'],
  callsign: ['call', 'sign'],
  colour: ['color'],
  colorcode: ['color', 'code'],
  cc: ['color', 'code'],
  hangtime: ['hang', 'time'],
  hold: ['hang'],
  hostname: ['host', 'name'],
  timezone: ['time', 'zone'],
  tz: ['time', 'zone'],
  lang: ['language'],
  lat: ['latitude'],
  lon: ['longitude'],
  lng: ['longitude'],
  long: ['longitude'],
  rf: ['radio'],
  net: ['network'],
  tg: ['group'],
  tgs: ['group'],
  talkgroup: ['group'],
  talkgroups: ['group'],
  groups: ['group'],
  startup: ['start'],
  boot: ['start'],
  enabled: ['enable'],
  active: ['enable'],
  pass: ['password'],
  pwd: ['password'],
  passwd: ['password'],
  passphrase: ['password'],
  psk: ['password'],
  addr: ['address'],
  server: ['address'],
  host: ['address', 'host'],
  announce: ['announcements'],
  announcement: ['announcements'],
  voice: ['announcements'],
  watts: ['power'],
  wlan: ['wifi'],
  ssid: ['wifi', 'name'],
};

/** The words of a name: camel case, underscores and digits taken apart, each in the form that terms use. */
export function wordsIn(name: string): Set<string> {
  const joined = name.replace(/d[-_ ]?star/gi, ' dstar ').replace(/wi-?fi/gi, ' wifi ');
  const parts = joined
    .replace(/c4fm|p25/gi, (mode) => ` ${mode.toLowerCase()}~ `)
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .replace(/([A-Z]+)([A-Z][a-z])/g, '$1 $2')
    .split(/[^A-Za-z0-9~]+/)
    .filter(Boolean)
    .map((part) => part.replace('~', '').toLowerCase());
  return new Set(parts.flatMap((part) => SAME[part] ?? [part]));
}

/** How much of what a setting is called stands in the name of a key, 0 to 1; its section helps. */
function nameScore({ terms }: Setting, { key, section }: Entry): number {
  if (!terms || terms.length === 0) return 0;
  const own = wordsIn(key);
  const around = wordsIn(section);
  const inKey = terms.filter((group) => group.some((word) => own.has(word))).length;
  const anywhere = terms.filter((group) => group.some((word) => own.has(word) || around.has(word))).length;
  // The key itself must say something; where words are left over it may mean something else.
  if (anywhere < terms.length || inKey === 0) return 0;
  const meant = new Set(terms.flat());
  const left = [...own].filter((word) => !meant.has(word) && !/^\d+$/.test(word)).length;
  return Math.max(0.5, 1 - 0.2 * left);
}

/** Whether a value tells one setting from others: a frequency or a call sign does, `1` does not. */
const isTelling = (text: string) => text.length >= 5 && !/^(true|false|enabled|disabled|none)$/i.test(text);

function guess(entry: Entry, setting: Setting): Guess | null {
  const codec = codecFor(setting, entry.text);
  if (!codec) return null;
  const name = nameScore(setting, entry);
  const value = decode(codec, setting, entry.text);
  const isSame =
    value !== undefined && setting.value !== null && setting.value !== '' && sameJson(value, setting.value);
  const telling = isSame && isTelling(entry.text);
  if (name === 0 && !telling) return null;
  // The more of a name is asked for and is there, the surer.
  const asked = 0.02 * (setting.terms?.length ?? 0);
  const confidence = name > 0 ? Math.min(1, 0.72 * name + asked + (telling ? 0.2 : isSame ? 0.1 : 0)) : 0.5;
  const because = name === 0 ? 'value' : isSame ? 'name and value' : 'name';
  return { path: entry.path, settingId: setting.id, codec, confidence, because };
}

/** The best guess for each entry that has one, in the order of the file. */
export function learn(entries: readonly Entry[], settings: readonly Setting[]): Guess[] {
  return entries.flatMap((entry) => {
    const all = settings
      .flatMap((setting) => guess(entry, setting) ?? [])
      .filter((one) => one.confidence >= WORTH_ASKING)
      .sort((a, b) => b.confidence - a.confidence);
    const [best, second] = all;
    if (!best) return [];
    // Two that speak as strongly for themselves are a doubt.
    const isTie = second !== undefined && second.confidence === best.confidence;
    return [isTie ? { ...best, confidence: Math.min(best.confidence, SURE - 0.1) } : best];
  });
}
