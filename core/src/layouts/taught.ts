/** A hotspot's own settings file, once it is known which of its keys is which setting: written, read back, compared. */
import { sameJson } from '../plan/patches';
import type { Setting, SettingValue } from '../settings/setting';
import type { TaughtKey } from '../plan/taught-file';
import { decode, encode } from './codec';
import { type Entries, type Entry, readEntries, writeEntries } from './entries';

export interface FileLine {
  entry: Entry;
  /** `null`: carried along as it is. */
  setting: Setting | null;
  /** What the file says; `undefined` where it cannot be read as a value of the setting. */
  says: SettingValue | undefined;
  /** What is written in its place; `null` where it stays. */
  becomes: string | null;
}

/** Every entry of a file with what it holds, and what becomes of it when the settings are written. */
export function fileLines(text: string, keys: readonly TaughtKey[], settings: readonly Setting[]): FileLine[] {
  const byPath = new Map(keys.map((one) => [one.path, one]));
  const byId = new Map(settings.map((one) => [one.id, one]));
  return readEntries(text).entries.map((entry): FileLine => {
    const key = byPath.get(entry.path);
    const setting = (key && byId.get(key.settingId)) ?? null;
    if (!key || !setting) return { entry, setting: null, says: undefined, becomes: null };
    const says = decode(key.codec, setting, entry.text);
    const isSame = says !== undefined && sameJson(says, setting.value);
    // What nobody has said in the plan leaves the file as it is.
    const isUnsaid = setting.value === null && setting.lackWords === undefined;
    const next = isSame || isUnsaid ? null : encode(key.codec, setting.value);
    return { entry, setting, says, becomes: next === entry.text ? null : next };
  });
}

export interface WrittenFile {
  text: string;
  /** 1-based lines that differ from the file as it was. */
  lines: number[];
  /** What reading the new file back does not give: then it must not be handed out. */
  wrong: { line: number; title: string; found: string; expected: string }[];
}

/** The file with the values of the plan: only what differs is changed, and what is written is read back. */
export function writeTaught(text: string, keys: readonly TaughtKey[], settings: readonly Setting[]): WrittenFile {
  const lines = fileLines(text, keys, settings);
  const entries: Entries = readEntries(text);
  const values = new Map(lines.flatMap(({ entry, becomes }) => (becomes === null ? [] : [[entry.path, becomes]])));
  const next = writeEntries(text, entries, values);
  const again = fileLines(next, keys, settings);
  const wrong = again.flatMap(({ entry, setting, becomes }) =>
    setting && becomes !== null
      ? [{ line: entry.line, title: setting.title, found: entry.text, expected: becomes }]
      : [],
  );
  if (again.length !== lines.length)
    wrong.push({ line: 1, title: 'the file', found: `${again.length} keys`, expected: `${lines.length}` });
  return { text: next, lines: lines.filter((one) => one.becomes !== null).map((one) => one.entry.line), wrong };
}

export interface ReadDifference {
  line: number;
  setting: Setting;
  says: SettingValue;
}

/** Where a file that was saved from the hotspot says otherwise than the plan; with what of it cannot be read. */
export function readTaught(
  text: string,
  keys: readonly TaughtKey[],
  settings: readonly Setting[],
): { differences: ReadDifference[]; missing: TaughtKey[]; unread: FileLine[] } {
  const lines = fileLines(text, keys, settings);
  const there = new Set(lines.map((one) => one.entry.path));
  const differences = lines.flatMap(({ entry, setting, says }): ReadDifference[] =>
    setting && says !== undefined && !sameJson(says, setting.value) ? [{ line: entry.line, setting, says }] : [],
  );
  return {
    differences,
    missing: keys.filter((one) => !there.has(one.path)),
    unread: lines.filter((one) => one.setting !== null && one.says === undefined),
  };
}
