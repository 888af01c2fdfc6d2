/**
 * The settings of a hotspot: each can be read, written and set, whichever the plan; out and in again changes nothing.
 */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compareHotspotFile, hotspotFile, hotspotJson, takeHotspotFile } from '../formats/hotspot-json';
import { bytesOf, textOf } from '../formats/format';
import { edit } from '../plan/edit';
import { effectiveProfile } from '../plan/profiles';
import { hotspotsOf } from '../plan/sites';
import { putRow } from '../plan/table';
import type { Plan, Profile } from '../plan/types';
import { validatePlan } from '../plan/validate';
import { MODES } from '../registries/modes';
import { settingsOf } from '../registries/outputs';
import { arbitraryPlan } from '../testing/arbitrary-plan';
import { profileOf } from '../testing/profile-of';
import { crossedPlan } from '../testing/sample-crossing';
import { everyMode } from '../testing/sample-every-mode';
import { samplePlan } from '../testing/sample-plan';
import { routedPlan } from '../testing/sample-routes';
import { readValue } from './read';
import type { Setting, SettingValue } from './setting';
import { settingsSheet } from './sheet';
import { settingWords, signed, unitOf, valueText } from './words';

/** Another value than the one a setting has, of its kind. */
function another({ kind, value, range, options, mayLack, id }: Setting): SettingValue {
  switch (kind) {
    case 'frequency':
      return value === 439_125_000 ? 438_800_000 : 439_125_000;
    case 'switch':
      return value !== true;
    case 'shift':
    case 'number':
      return value === range![0] + 1 ? range![0] : range![0] + 1;
    case 'choice':
      return options!.find((one) => one.value !== value)?.value ?? (mayLack ? null : value);
    case 'numbers':
      return Array.isArray(value) && value.length > 0 ? [] : [417];
    case 'rows':
      return [];
    default:
      if (id === 'dstar-start') return value === 'LNK001 C' ? null : 'LNK001 C';
      if (id === 'p25-nac') return value === '293' ? '2A1' : '293';
      return id === 'dstar-module' ? (value === 'A' ? 'B' : 'A') : value === 'QO1' ? 'QO2' : 'QO1';
  }
}

/** A plan with a second profile above the base of its first hotspot. */
function withAway(plan: Plan): Plan {
  const site = hotspotsOf(plan)[0]!;
  const away: Profile = { id: 'away', siteId: site.id, name: 'Away', baseId: site.activeProfileId, set: {} };
  return edit(plan, (draft) => putRow(draft.profiles, away)).plan;
}

const wifi = (draft: Plan) =>
  void (profileOf(draft, 's1').wifi = {
    byId: { home: { id: 'home', place: 'home', name: 'Lamp', password: 'practice-only' } },
    order: ['home'],
  });

describe('the settings of a hotspot', () => {
  const full = everyMode((draft) => {
    wifi(draft);
    profileOf(draft, 's1').location = { lat: 46.71, lon: -33.42, publish: true };
  });

  it('are each there once, and set by themselves in any profile', () => {
    for (const [plan, profileId] of [
      [full, undefined],
      [withAway(full), 'away'],
      [withAway(crossedPlan()), 'away'],
      [routedPlan(), undefined],
    ] as const) {
      const all = settingsOf(plan, 's1', profileId);
      expect(new Set(all.map((one) => one.id)).size).toBe(all.length);
      for (const setting of all) {
        const value = another(setting);
        const next = edit(plan, (draft) => setting.write(draft, value)).plan;
        expect(validatePlan(next).problems).toEqual([]);
        const after = settingsOf(next, 's1', profileId);
        expect([setting.id, after.find((one) => one.id === setting.id)?.value]).toEqual([setting.id, value]);
        // A place that is half said has its other half at 0, and a mode that goes takes nothing else along.
        const others = after.filter((one) => one.id !== setting.id && !one.id.startsWith('position-'));
        for (const other of others)
          expect([setting.id, other.id, other.value]).toEqual([
            setting.id,
            other.id,
            all.find((one) => one.id === other.id)?.value,
          ]);
        if (profileId && setting.path)
          expect(effectiveProfile(next, 's1', 's1')).toEqual(effectiveProfile(plan, 's1', 's1'));
      }
    }
  });

  it('are read back from the words in which they are shown', () => {
    for (const setting of settingsOf(full, 's1')) {
      if (setting.kind === 'rows') continue;
      for (const value of [setting.value, another(setting)]) {
        const shown = valueText(setting, value);
        const read = readValue(setting, setting.kind === 'secret' ? String(value) : shown);
        expect([setting.id, shown, read]).toEqual([setting.id, shown, { value }]);
        const unit = unitOf(setting);
        if (unit !== '' && unit !== 'MHz' && value !== null)
          expect([setting.id, readValue(setting, `${shown} ${unit}`.replace(' °', '°'))]).toEqual([
            setting.id,
            { value },
          ]);
      }
    }
  });

  it.each([
    ['frequency-tx', 'many', 'a frequency in MHz'],
    ['offset-rx', '−475.5', 'a whole number of Hz with its sign, such as −475'],
    ['power', '101', 'a number from 0 to 100'],
    ['standby', 'perhaps', 'on or off'],
    ['dstar-start', 'LNK1C', 'three letters, three digits and a module, such as ABC001 C'],
    ['dmr-n1-staticGroupIds', '417, x', 'whole numbers with commas between them'],
    ['language', 'x'.repeat(61), 'at most 60 characters'],
    ['p25-nac', 'XYZ', 'three hex digits'],
  ])('%s cannot be “%s”', (id, text, expected) => {
    const setting = settingsOf(full, 's1').find((one) => one.id === id)!;
    expect(readValue(setting, text)).toEqual({ expected });
  });

  it('come on paper with units, in working order, secrets left out unless asked for, and nothing that nobody said', () => {
    const plan = routedPlan((draft) => {
      wifi(draft);
      const values = profileOf(draft, 's1');
      Object.assign(values, { rxOffsetHz: -475, powerPercent: 20, hang: { radioS: 20, networkS: null } });
      values.dmr.logins['n1']!.staticGroupIds = ['g2'];
    });
    const sections = settingsSheet(settingsOf(plan, 's1'), { passwords: false });
    expect(sections.map((one) => one.section)).toEqual([
      'identity',
      'air',
      'modes',
      'hang times',
      'at start',
      'networks',
      'access',
      'wifi',
    ]);
    const lines = Object.fromEntries(sections.flatMap((one) => one.lines).map((one) => [one.label, one.text]));
    expect(lines).toMatchObject({
      'Call sign': 'QO3VES',
      'Sends on': '439.1250 MHz',
      'Receive offset': '−475 Hz',
      'Output power': '20%',
      'Hang time, radio side': '20 s',
      DMR: 'on',
      'Rule 4': 'private 8,000,001–8,999,999 to Causeway 1–999,999',
      'Rule 5': 'every other group call to Lantern, as sent',
      'Lantern: static groups': '588',
      'Lantern: password': '(left out)',
      'Wi-Fi password (home)': '(left out)',
    });
    expect(Object.keys(lines)).not.toContain('Hang time, network side');
    const open = settingsSheet(settingsOf(plan, 's1'), { passwords: true }).flatMap((one) => one.lines);
    expect(open.find((one) => one.label === 'Wi-Fi password (home)')!.text).toBe('practice-only');
    expect(() => settingsOf(plan, 'gone')).toThrow(/no hotspot/);
    expect(
      settingWords(
        settingsOf(plan, 's1').find((one) => one.id === 'announcements')!,
        { passwords: false },
      ),
    ).toBe('not said');
    expect([signed(-475), signed(0), signed(12)]).toEqual(['−475', '0', '+12']);
  });
});

describe('a settings file of our own', () => {
  const fileOf = (plan: Plan, profileId?: string) =>
    hotspotFile(plan, hotspotsOf(plan)[0]!.id, MODES, profileId ? { passwords: true, profileId } : { passwords: true });

  it('out and in again is the identity: a plan that was changed comes to what it was', () => {
    fc.assert(
      fc.property(arbitraryPlan, fc.array(fc.nat(200), { maxLength: 12 }), fc.boolean(), (made, picks, above) => {
        const plan = withAway(made);
        const siteId = hotspotsOf(plan)[0]!.id;
        const profileId = above ? 'away' : undefined;
        const read = hotspotJson.read(hotspotJson.write(fileOf(plan, profileId), undefined));
        expect(read).toEqual({ value: fileOf(plan, profileId), findings: [] });
        expect(compareHotspotFile(plan, siteId, MODES, read.value!, profileId)).toEqual({
          differences: [],
          findings: [],
        });
        const all = settingsOf(plan, siteId, profileId);
        const changed = edit(plan, (draft) => {
          for (const at of picks) {
            const setting = all[at % all.length]!;
            setting.write(draft, another(setting));
          }
        }).plan;
        const { differences } = compareHotspotFile(changed, siteId, MODES, read.value!, profileId);
        const back = edit(changed, (draft) => takeHotspotFile(draft, siteId, MODES, differences, profileId)).plan;
        expect(fileOf(back, profileId)).toEqual(fileOf(plan, profileId));
        expect(effectiveProfile(back, siteId, profileId)).toEqual(effectiveProfile(plan, siteId, profileId));
      }),
      { numRuns: 60 },
    );
  });

  it('leaves passwords out unless asked for, and then says nothing of them', () => {
    const plan = samplePlan(wifi);
    const closed = hotspotFile(plan, 's1', MODES, { passwords: false });
    expect(textOf(hotspotJson.write(closed, undefined))).not.toContain('practice');
    expect(compareHotspotFile(plan, 's1', MODES, closed)).toEqual({ differences: [], findings: [] });
    expect(textOf(hotspotJson.write(fileOf(plan), undefined))).toContain('practice-only');
  });

  it('says what is wrong by its place, and what it does not know', () => {
    const file = fileOf(samplePlan());
    expect(hotspotJson.read(bytesOf(JSON.stringify({ ...file, settings: 7 }))).findings).toEqual([
      { line: null, place: '/settings', found: '7', expected: 'an object' },
    ]);
    const settings = { ...file.settings, 'frequency-tx': 'many', 'dmr-rules': [{ id: 'r' }], moon: 1 };
    expect(compareHotspotFile(samplePlan(), 's1', MODES, { ...file, settings })).toEqual({
      differences: [],
      findings: [
        { line: null, place: '/settings/moon', found: 'a setting', expected: 'one that this hotspot has' },
        { line: null, place: '/settings/frequency-tx', found: '"many"', expected: 'a frequency in Hz' },
        { line: null, place: '/settings/dmr-rules', found: '[{"id":"r"}]', expected: 'a list of rows' },
      ],
    });
  });
});
