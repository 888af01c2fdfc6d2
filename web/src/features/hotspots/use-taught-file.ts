/** A hotspot's own settings file: taught once, then written with what the plan has, and read back. */
import { computed, type ComputedRef, shallowRef, watch } from 'vue';
import { bytesOfText, textOfBytes } from '@relay/core/layouts/bytes';
import { codecFor } from '@relay/core/layouts/codec';
import { readEntries } from '@relay/core/layouts/entries';
import { type Guess, learn, SURE } from '@relay/core/layouts/learn';
import { fileLines, readTaught, writeTaught } from '@relay/core/layouts/taught';
import type { TaughtFile, TaughtKey } from '@relay/core/plan/taught-file';
import type { Hotspot } from '@relay/core/plan/types';
import type { Setting, SettingValue } from '@relay/core/settings/setting';
import { download } from '../../fields/download';
import { usePlanStore } from '../../sync/plan-store';

/** What a file that was read back says. */
export interface ReadBack {
  name: string;
  differences: { setting: Setting; says: SettingValue; line: number | null }[];
  problems: string[];
}

const keyOf = ({ path, settingId, codec }: Guess): TaughtKey => ({ path, settingId, codec });

/** @param profileId of the profile whose settings these are */
export function useTaughtFile(
  site: ComputedRef<Hotspot | null>,
  profileId: () => string | undefined,
  settings: ComputedRef<Setting[]>,
) {
  const store = usePlanStore();
  /** Given just now, and not kept yet. */
  const draft = shallowRef<TaughtFile | null>(null);
  const doubts = shallowRef<Guess[]>([]);
  const problem = shallowRef('');
  const readBack = shallowRef<ReadBack | null>(null);
  const file = computed(() => draft.value ?? site.value?.taught ?? null);
  const lines = computed(() => (file.value ? fileLines(file.value.secretText, file.value.keys, settings.value) : []));
  const changing = computed(() => lines.value.filter((one) => one.becomes !== null).length);
  const unread = computed(() => lines.value.filter((one) => one.setting && one.says === undefined).length);

  async function give(given: File): Promise<void> {
    const { text, encoding } = textOfBytes(new Uint8Array(await given.arrayBuffer()));
    const { entries, problem: why } = readEntries(text);
    problem.value = why ? `${given.name} was not read: ${why}.` : '';
    if (why) return;
    const guesses = learn(entries, settings.value);
    draft.value = {
      name: given.name.slice(0, 200),
      encoding,
      secretText: text,
      keys: guesses.filter((one) => one.confidence >= SURE).map(keyOf),
    };
    // The most telling first.
    doubts.value = guesses.filter((one) => one.confidence < SURE).sort((a, b) => b.confidence - a.confidence);
  }

  function setTaught(label: string, taught: TaughtFile | null): void {
    const { id, name } = site.value!;
    store.edit(`${name}: ${label}`, (plan) => {
      const there = plan.sites.byId[id];
      if (there?.kind === 'hotspot') there.taught = taught;
    });
  }

  function setKeys(keys: TaughtKey[]): void {
    if (draft.value) draft.value = { ...draft.value, keys };
    else if (site.value?.taught) setTaught('what its settings file holds', { ...site.value.taught, keys });
  }

  /** Says which setting a key is; `null`: none, it is carried along. */
  function teach(path: string, settingId: string | null): void {
    const others = file.value!.keys.filter((one) => one.path !== path);
    const setting = settings.value.find((one) => one.id === settingId);
    const entry = readEntries(file.value!.secretText).entries.find((one) => one.path === path);
    doubts.value = doubts.value.filter((one) => one.path !== path);
    if (!setting || !entry) {
      setKeys(others);
      return;
    }
    const codec = codecFor(setting, entry.text);
    problem.value = codec
      ? ''
      : `“${entry.text}” in line ${entry.line} cannot be ${setting.title}: it was left as it is.`;
    if (codec) setKeys([...others, { path, settingId: setting.id, codec }]);
  }

  const answer = (guess: Guess, yes: boolean) => teach(guess.path, yes ? guess.settingId : null);

  function keep(): void {
    setTaught(`its settings file ${draft.value!.name}`, draft.value);
    store.notice = `${draft.value!.name} is known: it is written with the values of the plan from now on.`;
    draft.value = null;
    doubts.value = [];
  }

  function giveUp(): void {
    draft.value = null;
    doubts.value = [];
    problem.value = '';
  }

  // What was given belongs to the hotspot that was looked at, and what was compared to its profile too.
  watch(() => site.value?.id, giveUp);
  watch([() => site.value?.id, profileId], () => (readBack.value = null));

  function forget(): void {
    setTaught('its settings file is forgotten', null);
    readBack.value = null;
  }

  function save(): void {
    const { name, secretText, encoding, keys } = file.value!;
    const { text, lines: changed, wrong } = writeTaught(secretText, keys, settings.value);
    const [first] = wrong;
    problem.value = first
      ? `${name} was not written: ${first.title} in line ${first.line} would be read back as “${first.found}”, expected “${first.expected}”.`
      : '';
    if (first) return;
    download(name, 'application/octet-stream', bytesOfText(text, encoding));
    const lineWords = `${changed.length} ${changed.length === 1 ? 'line is' : 'lines are'} changed`;
    store.notice = `${name}: ${changed.length === 0 ? 'no line is changed' : lineWords}, and it reads back as the plan has it.`;
  }

  async function read(given: File): Promise<void> {
    const { text } = textOfBytes(new Uint8Array(await given.arrayBuffer()));
    const { problem: why } = readEntries(text);
    if (why) {
      readBack.value = { name: given.name, differences: [], problems: [`It was not read: ${why}.`] };
      return;
    }
    const { differences, missing, unread: odd } = readTaught(text, file.value!.keys, settings.value);
    readBack.value = {
      name: given.name,
      differences,
      problems: [
        ...odd.map(
          ({ entry, setting }) => `Line ${entry.line}, ${setting!.title}: found “${entry.text}”, which cannot be one.`,
        ),
        ...missing.map((one) => `${one.path} is not in the file.`),
      ],
    };
  }

  return {
    file,
    draft,
    doubts,
    problem,
    lines,
    changing,
    unread,
    readBack,
    give,
    teach,
    answer,
    keep,
    giveUp,
    forget,
    save,
    read,
  };
}
