/**
 * A hotspot's settings as JSON of our own (docs/formats.md), by the ids of settings, so that it goes out and comes
 * back.
 */
import { settingsOf, type SettingModes } from '../settings/all';
import { expectedOf, isOfKind } from '../settings/read';
import type { SettingValue } from '../settings/setting';
import { sameJson } from '../plan/patches';
import type { Id, Plan } from '../plan/types';
import { bytesOf, type Format, type ReadFinding, sniffJson, textOf } from './format';
import { parseJson, problemsOf, type Wanted } from './json';

const HOTSPOT_FORMAT = 'yellow-relay-hotspot';
const HOTSPOT_VERSION = 6;

export interface HotspotFile {
  format: typeof HOTSPOT_FORMAT;
  formatVersion: typeof HOTSPOT_VERSION;
  hotspot: string;
  profile: string;
  /** By the ids of settings. Secrets are `null` where they were left out. */
  settings: Record<string, SettingValue>;
}

/** Everything that is set in a profile of a hotspot. @throws Error for a site that is no hotspot */
export function hotspotFile(
  plan: Plan,
  siteId: Id,
  modes: SettingModes,
  { passwords, profileId }: { passwords: boolean; profileId?: Id },
): HotspotFile {
  const settings = settingsOf(plan, siteId, modes, profileId);
  const site = plan.sites.byId[siteId]!;
  const shown = profileId ?? (site.kind === 'hotspot' ? site.activeProfileId : '');
  return {
    format: HOTSPOT_FORMAT,
    formatVersion: HOTSPOT_VERSION,
    hotspot: site.name,
    profile: plan.profiles.byId[shown]!.name,
    settings: Object.fromEntries(
      settings.map(({ id, kind, value }) => [id, kind === 'secret' && !passwords ? null : value]),
    ),
  };
}

/** What a file says, held against the settings of a hotspot. */
export interface HotspotDifference {
  settingId: string;
  title: string;
  /** What the plan has, and what the file says. */
  has: SettingValue;
  says: SettingValue;
}

/**
 * Where a file says otherwise than a profile of the plan, in the order of settings; with what of it could not be read.
 * A secret that the file leaves out says nothing.
 */
export function compareHotspotFile(
  plan: Plan,
  siteId: Id,
  modes: SettingModes,
  file: HotspotFile,
  profileId?: Id,
): { differences: HotspotDifference[]; findings: ReadFinding[] } {
  const settings = settingsOf(plan, siteId, modes, profileId);
  const known = new Set(settings.map(({ id }) => id));
  const differences: HotspotDifference[] = [];
  const findings: ReadFinding[] = Object.keys(file.settings)
    .filter((id) => !known.has(id))
    .map((id) => ({ line: null, place: `/settings/${id}`, found: 'a setting', expected: 'one that this hotspot has' }));
  for (const setting of settings) {
    if (!(setting.id in file.settings)) continue;
    const says: unknown = file.settings[setting.id];
    if (setting.kind === 'secret' && says === null) continue;
    if (!isOfKind(setting, says))
      findings.push({
        line: null,
        place: `/settings/${setting.id}`,
        found: JSON.stringify(says) ?? 'nothing',
        expected: expectedOf(setting),
      });
    else if (!sameJson(says, setting.value))
      differences.push({ settingId: setting.id, title: setting.title, has: setting.value, says });
  }
  return { differences, findings };
}

/** Sets, in a draft, what a file says otherwise. */
export function takeHotspotFile(
  draft: Plan,
  siteId: Id,
  modes: SettingModes,
  differences: readonly HotspotDifference[],
  profileId?: Id,
): void {
  const settings = new Map(settingsOf(draft, siteId, modes, profileId).map((one) => [one.id, one]));
  for (const { settingId, says } of differences) settings.get(settingId)?.write(draft, says);
}

/** What keeps a document from being settings of a hotspot, by place. */
const WANTED: readonly Wanted[] = [
  ['format', (value) => value === HOTSPOT_FORMAT, `“${HOTSPOT_FORMAT}”`],
  ['formatVersion', (value) => value === HOTSPOT_VERSION, String(HOTSPOT_VERSION)],
  ['hotspot', (value) => typeof value === 'string', 'a name'],
  ['profile', (value) => typeof value === 'string', 'a name'],
  ['settings', (value) => typeof value === 'object' && value !== null && !Array.isArray(value), 'an object'],
];

export const hotspotJson: Format<HotspotFile> = {
  id: 'hotspot-json',
  name: 'Hotspot settings',
  extensions: ['hotspot.json', 'json'],
  mediaType: 'application/json',
  sniff: (bytes) => sniffJson(bytes, HOTSPOT_FORMAT),
  write: (file) => bytesOf(`${JSON.stringify(file, null, 2)}\n`),
  read(bytes) {
    const { value, finding } = parseJson(textOf(bytes));
    const findings = finding ? [finding] : problemsOf(value, WANTED);
    return { value: findings.length > 0 ? null : (value as HotspotFile), findings };
  },
};
