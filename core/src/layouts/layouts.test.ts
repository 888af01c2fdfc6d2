/** Settings files in any layout: read with their places, learnt, written with only what changed, read back. */
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import fc from 'fast-check';
import { parse as parseToml } from 'smol-toml';
import { describe, expect, it } from 'vitest';
import { parse as parseYaml } from 'yaml';
import { DEMO_PLANS } from '../../../demo/ostrey-isles';
import { edit } from '../plan/edit';
import { editProfile } from '../plan/profiles';
import type { Plan } from '../plan/types';
import { settingsOf } from '../registries/outputs';
import { codecFor, decode, encode } from './codec';
import { readEntries, writeEntries } from './entries';
import { learn, SURE, wordsIn } from './learn';
import type { TaughtKey } from '../plan/taught-file';
import { bytesOfText, textOfBytes } from './bytes';
import { readTaught, writeTaught } from './taught';

const { parse: parseIni } = createRequire(import.meta.url)('ini') as { parse(text: string): Record<string, object> };
const file = (name: string) => readFileSync(new URL(`../../../demo/settings/${name}`, import.meta.url), 'utf8');
const plan = DEMO_PLANS['all-modes']!();
const settings = (of: Plan = plan) => settingsOf(of, 'home');

describe('the entries of a settings file', () => {
  it.each<[string, string, [string, string][]]>([
    [
      'lines',
      'a=1\nb = two words \n\n# c=3\n;d=4\n',
      [
        ['a', '1'],
        ['b', 'two words'],
      ],
    ],
    [
      'sections, repeated',
      '[x]\nk=1\n[y]\nk=2\n[x]\nk=3\nk=4\n',
      [
        ['x/k', '1'],
        ['y/k', '2'],
        ['x#2/k', '3'],
        ['x#2/k#2', '4'],
      ],
    ],
    [
      'odd spacing, tabs, CR LF',
      '[ x ]\r\n  k\t=\t 1  \r\nl=\r\n',
      [
        ['x/k', '1'],
        ['x/l', ''],
      ],
    ],
    [
      'remarks behind a value, quotes',
      'a = 1 ; one\nb="x ; y" # z\nc=p#q\nd=\'\'\n',
      [
        ['a', '1'],
        ['b', 'x ; y'],
        ['c', 'p#q'],
        ['d', ''],
      ],
    ],
    [
      'colons',
      'a: 1\nb : http://x\n[s]\nc: 3\n',
      [
        ['a', '1'],
        ['b', 'http://x'],
        ['s/c', '3'],
      ],
    ],
    [
      'no line end at the end',
      'a=1\nb=2',
      [
        ['a', '1'],
        ['b', '2'],
      ],
    ],
    [
      'YAML',
      'a:\n  b: 1 # one\n  c: "x: y"\nd:\n  - e: 2\n',
      [
        ['a/b', '1'],
        ['a/c', 'x: y'],
        ['d/1/e', '2'],
      ],
    ],
    [
      'JSON',
      '{"a": {"b": 1, "c": "x\\"y"}, "d": [true, null]}',
      [
        ['a/b', '1'],
        ['a/c', 'x"y'],
        ['d/1', 'true'],
        ['d/2', 'null'],
      ],
    ],
  ])('%s', (_, text, expected) => {
    const { entries, problem } = readEntries(text);
    expect(problem).toBeNull();
    expect(entries.map((one) => [one.path, one.text])).toEqual(expected);
    for (const one of entries)
      expect(text.split('\n')[one.line - 1]).toContain(one.key === '1' || one.key === '2' ? '' : one.key);
  });

  it('says why nothing was read', () => {
    expect(readEntries('no key here\n').problem).toBe(
      'found no line with a key and a value, such as Frequency = 439.125',
    );
    expect(readEntries('a=1\u0000\n').problem).toBe('found a zero byte, expected a text');
    expect(readEntries('a=1\n'.repeat(60_000)).problem).toBe('found 240,000 characters, expected at most 200,000');
  });

  const word = fc.stringMatching(/^[A-Za-z][A-Za-z0-9_]{0,8}$/);
  const value = fc.stringMatching(/^[A-Za-z0-9._+-]{0,10}$/);

  // Independent readers: the packages that others read such files with.
  it('reads what independent readers read, and writes what they read again, every other byte kept', () => {
    const lines = fc.uniqueArray(
      fc.tuple(
        word,
        value.filter((one) => one !== '' && !/^(true|false|null)$/.test(one)),
      ),
      {
        selector: ([key]) => key,
        minLength: 1,
        maxLength: 6,
      },
    );
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.tuple(word, lines), { selector: ([name]) => name, minLength: 1, maxLength: 4 }),
        value,
        fc.nat(),
        (sections, next, pick) => {
          const text = sections
            .map(
              ([name, keys]) =>
                `# part\n[${name}]\n${keys.map(([key, one], at) => `${key}${at % 2 ? ' = ' : '='}${one}\n`).join('')}`,
            )
            .join('\n');
          const read = readEntries(text);
          const ini = (of: string) =>
            Object.entries(parseIni(of)).flatMap(([name, keys]) =>
              Object.entries(keys as object).map(([key, one]) => [`${name}/${key}`, String(one)]),
            );
          expect(read.entries.map((one) => [one.path, one.text]).sort()).toEqual(ini(text).sort());
          const one = read.entries[pick % read.entries.length]!;
          const after = writeEntries(text, read, new Map([[one.path, next]]));
          expect(after.slice(0, one.start)).toBe(text.slice(0, one.start));
          expect(after.slice(one.start + next.length)).toBe(text.slice(one.end));
          expect(writeEntries(text, read, new Map(read.entries.map((it) => [it.path, it.text])))).toBe(text);
        },
      ),
    );
  });

  it('writes YAML, JSON and TOML that their own readers read', () => {
    const odd = ['a: b', '#x', 'yes', '"q"', "it's", '', '12', ' x'];
    for (const value of odd) {
      for (const [text, path] of [
        ['a:\n  b: plain\n', 'a/b'],
        ['a:\n  b: "quoted"\n', 'a/b'],
        ["a:\n  b: 'quoted'\n", 'a/b'],
        ['{"a": {"b": "x"}}', 'a/b'],
      ] as const) {
        const read = readEntries(text);
        const after = parseYaml(writeEntries(text, read, new Map([[path, value]]))) as { a: { b: unknown } };
        expect([text, value, String(after.a.b ?? '')]).toEqual([text, value, value]);
      }
    }
    const toml = '[a]\nb = "x" # why\nc = 5\n';
    const after = writeEntries(
      toml,
      readEntries(toml),
      new Map([
        ['a/b', 'lamp room'],
        ['a/c', '7'],
      ]),
    );
    expect(after).toBe('[a]\nb = "lamp room" # why\nc = 7\n');
    expect(parseToml(after)).toEqual({ a: { b: 'lamp room', c: 7 } });
  });
});

describe('the bytes of a settings file', () => {
  it('come back as they were, whatever they are', () => {
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 200 }), (bytes) => {
        const { text, encoding } = textOfBytes(bytes);
        expect(bytesOfText(text, encoding)).toEqual(bytes);
      }),
    );
    const marked = new Uint8Array([0xef, 0xbb, 0xbf, 0x61, 0x3d, 0xc3, 0xa9]);
    expect(textOfBytes(marked)).toEqual({ text: '\ufeffa=é', encoding: 'utf-8' });
    expect(textOfBytes(new Uint8Array([0x61, 0x3d, 0xe9]))).toEqual({ text: 'a=é', encoding: 'latin1' });
  });
});

describe('how a value stands in a file', () => {
  const byId = new Map(settings().map((one) => [one.id, one]));
  it.each([
    ['frequency-tx', '439125000', 438_800_000, '438800000'],
    ['frequency-tx', '439.1250', 438_812_500, '438.8125'],
    ['frequency-tx', '439.125', 438_806_250, '438.80625'],
    ['frequency-tx', '439125', 438_800_000, '438800'],
    ['offset-rx', '-475', 350, '350'],
    ['offset-rx', '+475', 350, '+350'],
    ['dmr-lantern-suffix', '03', 7, '07'],
    ['mode-dmr', '1', false, '0'],
    ['mode-dmr', 'YES', false, 'NO'],
    ['mode-dmr', 'Enabled', false, 'Disabled'],
    ['c4fm-start', '00417', 12, '00012'],
    ['c4fm-start', '', 41_205, '41205'],
    ['dmr-lantern-staticGroupIds', '417, 588', [591, 593], '591, 593'],
    ['dmr-lantern-staticGroupIds', '417;588', [591, 593], '591;593'],
    ['dstar-call-sign', 'qo3ves', 'QO3VES', 'qo3ves'],
  ] as const)('%s as “%s”: %s is “%s”', (id, text, value, expected) => {
    const setting = byId.get(id)!;
    const codec = codecFor(setting, text)!;
    expect(encode(codec, value)).toBe(expected);
    expect(decode(codec, { ...setting, value }, expected)).toEqual(value);
    expect(decode(codec, setting, text)).not.toBeUndefined();
  });

  it('is none where a text cannot be one', () => {
    expect(codecFor(byId.get('frequency-tx')!, 'many')).toBeNull();
    expect(codecFor(byId.get('mode-dmr')!, '2')).toBeNull();
    expect(codecFor(byId.get('dmr-rules')!, '1')).toBeNull();
    expect(decode({ as: 'switch', on: '1', off: '0' }, byId.get('mode-dmr')!, '')).toBeUndefined();
  });

  it('takes names apart as people write them', () => {
    expect([...wordsIn('RXFrequency')]).toEqual(['receive', 'frequency']);
    expect([...wordsIn('net_hang-time')]).toEqual(['network', 'hang', 'time']);
    expect([...wordsIn('D-Star')]).toEqual(['dstar']);
    expect([...wordsIn('colourCode')]).toEqual(['color', 'code']);
  });
});

const taught = (text: string, of: Plan = plan): TaughtKey[] => learn(readEntries(text).entries, settings(of));
const found = (text: string) =>
  Object.fromEntries(learn(readEntries(text).entries, settings()).map((one) => [one.path, one.settingId]));

describe('an invented file with sections, comments and repeated parts', () => {
  const text = file('lanternbox.conf');

  it('is understood by names and values; what is not is carried along', () => {
    expect(text.split('\r\n').length).toBe(301);
    expect(found(text)).toEqual({
      'Station/CallSign': 'call-sign',
      'Station/Id': 'dmr-id',
      'Station/HostName': 'host-name',
      'Station/Language': 'language',
      'Station/TimeZone': 'time-zone',
      'Place/Latitude': 'position-lat',
      'Place/Longitude': 'position-lon',
      'Board/RXFrequency': 'frequency-rx',
      'Board/TXFrequency': 'frequency-tx',
      'Board/RXOffset': 'offset-rx',
      'Board/TXOffset': 'offset-tx',
      'Board/Power': 'power',
      'Times/RadioHang': 'hang-radio',
      'Times/NetworkHang': 'hang-network',
      'Times/Announcements': 'announcements',
      'DMR/Enable': 'mode-dmr',
      'DMR/ColorCode': 'dmr-color-code',
      'DMR/Suffix': 'dmr-lantern-suffix',
      'DMR/NetworkAddress': 'dmr-lantern-serverId',
      'DMR/NetworkPassword': 'dmr-lantern-password',
      'DMR/StaticGroups': 'dmr-lantern-staticGroupIds',
      'D-Star/Enable': 'mode-dstar',
      'D-Star/CallSign': 'dstar-call-sign',
      'D-Star/Module': 'dstar-module',
      'D-Star/StartReflector': 'dstar-start',
      'D-Star/AutoStart': 'dstar-automatic',
      'C4FM/Enable': 'mode-c4fm',
      'C4FM/GroupId': 'c4fm-group-id',
      'C4FM/StartRoom': 'c4fm-start',
      'P25/Enable': 'mode-p25',
      'P25/Nac': 'p25-nac',
      'P25/StartGroup': 'p25-start',
      'Wifi/Ssid': 'wifi-lamp-name',
      'Wifi/Psk': 'wifi-lamp-password',
    });
  });

  it('written with three changed values differs in exactly those three lines', () => {
    const keys = taught(text);
    expect(writeTaught(text, keys, settings())).toEqual({ text, lines: [], wrong: [] });
    const changed = edit(plan, (draft) =>
      editProfile(draft, 'home', (of) => {
        of.powerPercent = 25;
        of.hang = { radioS: 20, networkS: 30 };
        of.c4fm.startRoom = 41_205;
      }),
    ).plan;
    const { text: next, lines, wrong } = writeTaught(text, keys, settings(changed));
    const [before, after] = [text.split('\r\n'), next.split('\r\n')];
    const differing = before.flatMap((line, at) => (line === after[at] ? [] : [[line, after[at]]]));
    expect(differing).toEqual([
      ['Power=10', 'Power=25'],
      ['NetworkHang = 20', 'NetworkHang = 30'],
      ['StartRoom =', 'StartRoom =41205'],
    ]);
    expect([lines.length, wrong, after.length]).toEqual([3, [], before.length]);
    // Read back: no difference from the plan that it was written from, and the three from the one before.
    expect(readTaught(next, keys, settings(changed))).toEqual({ differences: [], missing: [], unread: [] });
    expect(readTaught(next, keys, settings()).differences.map((one) => [one.setting.id, one.says])).toEqual([
      ['power', 25],
      ['hang-network', 30],
      ['c4fm-start', 41_205],
    ]);
  });

  it('out and in again is the identity, for any changes', () => {
    const keys = taught(text);
    const change = fc.record({
      powerPercent: fc.integer({ min: 0, max: 100 }),
      rxOffsetHz: fc.integer({ min: -9999, max: 9999 }),
      hostName: fc.stringMatching(/^[a-z][a-z0-9-]{0,12}$/),
      hang: fc.record({ radioS: fc.integer({ min: 1, max: 99 }), networkS: fc.integer({ min: 1, max: 99 }) }),
      announcements: fc.boolean(),
      startRoom: fc.option(fc.integer({ min: 1, max: 99_998 }), { nil: null }),
      hz: fc.integer({ min: 430_000, max: 440_000 }),
    });
    fc.assert(
      fc.property(change, ({ startRoom, hz, ...values }) => {
        const changed = edit(plan, (draft) =>
          editProfile(draft, 'home', (of) => {
            Object.assign(of, values, { frequencies: { rxHz: hz * 1000, txHz: hz * 1000 } });
            of.c4fm.startRoom = startRoom;
          }),
        ).plan;
        const written = writeTaught(text, keys, settings(changed));
        expect(written.wrong).toEqual([]);
        expect(readTaught(written.text, keys, settings(changed))).toEqual({ differences: [], missing: [], unread: [] });
        // And back again: the file as it was.
        expect(writeTaught(written.text, keys, settings()).text).toBe(text);
      }),
      { numRuns: 40 },
    );
  });

  it('names a value that it cannot read, and a key that is gone', () => {
    const keys = taught(text);
    const spoiled = text.replace('Power=10', 'Power=loud').replace('ColorCode=1\r\n', '');
    const { unread, missing, differences } = readTaught(spoiled, keys, settings());
    expect(unread.map(({ entry }) => [entry.line, entry.text])).toEqual([[25, 'loud']]);
    expect(missing.map((one) => one.path)).toEqual(['DMR/ColorCode']);
    expect(differences).toEqual([]);
  });
});

describe('an invented file in YAML', () => {
  const text = file('driftwood.yaml');

  it('is understood, asked about where in doubt, and written with only what changed', () => {
    expect(found(text)).toMatchObject({
      'station/call_sign': 'call-sign',
      'station/dmr_id': 'dmr-id',
      'station/position/latitude': 'position-lat',
      'air/receive_frequency_mhz': 'frequency-rx',
      'modes/dmr/enable': 'mode-dmr',
      'modes/dmr/lantern/suffix': 'dmr-lantern-suffix',
      'modes/dmr/lantern/password': 'dmr-lantern-password',
      'modes/c4fm/start_room': 'c4fm-start',
      'modes/p25/nac': 'p25-nac',
      'hang/network_hang': 'hang-network',
      'wifi/1/name': 'wifi-lamp-name',
      'wifi/1/password': 'wifi-lamp-password',
    });
    const doubts = learn(readEntries(text).entries, settings()).filter((one) => one.confidence < SURE);
    expect(doubts.map((one) => [one.path, one.because])).toContainEqual(['station/call', 'value']);
    // P25 is off in this file and on in the plan.
    const written = writeTaught(text, taught(text), settings());
    expect(written.text).toBe(text.replace('enable: false', 'enable: true'));
    expect(written.wrong).toEqual([]);
  });
});
