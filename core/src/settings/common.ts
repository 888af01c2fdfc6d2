/** The settings of a hotspot that no mode owns, in the order in which one depends on another. */
import { crossWords } from '../path/cross-mode';
import type { Modes } from '../path/mode-path';
import { crossPairs, listensFor, setPair } from '../plan/carriage';
import { NETWORK_MODE_IDS } from '../plan/modes';
import { rows } from '../plan/table';
import type { Hang, Hotspot, NetworkModeId, Plan, ProfileValues } from '../plan/types';
import { atSite, inProfile } from './make';
import type { Setting, SettingsOf } from './setting';

const hotspotIn = (draft: Plan, { site }: SettingsOf) => draft.sites.byId[site.id] as Hotspot;
const HANG_MOST_S = 86_400;

function identity(of: SettingsOf): Setting[] {
  const { station } = of.plan;
  return [
    atSite({
      id: 'call-sign',
      section: 'identity',
      title: 'Call sign',
      terms: [['call'], ['sign']],
      kind: 'text',
      length: 20,
      value: station.callSign,
      set: (draft, value: string) => void (draft.station.callSign = value),
    }),
    inProfile(of, {
      id: 'host-name',
      section: 'identity',
      title: 'Host name',
      terms: [['host'], ['name']],
      kind: 'text',
      length: 253,
      path: ['hostName'],
      get: ({ hostName }) => hostName,
      set: (values, value: string) => void (values.hostName = value),
      hint: 'By which it is found on its own network.',
      words: 'address local network name',
    }),
  ];
}

function air(of: SettingsOf): Setting[] {
  const way = (key: string) => [key.startsWith('rx') ? 'receive' : 'transmit'];
  const side = (key: 'rxHz' | 'txHz', id: string, title: string, hint: string, words: string) =>
    inProfile(of, {
      terms: [way(key), ['frequency']],
      id,
      section: 'air',
      title,
      kind: 'frequency',
      path: ['frequencies'],
      get: ({ frequencies }) => frequencies[key],
      set: (values, hz: number) => void (values.frequencies = { ...values.frequencies, [key]: hz }),
      hint,
      words,
    });
  const offset = (key: 'rxOffsetHz' | 'txOffsetHz', id: string, title: string) =>
    inProfile(of, {
      terms: [way(key), ['offset']],
      id,
      section: 'air',
      title,
      kind: 'shift',
      range: [-1_000_000, 1_000_000],
      mayLack: true,
      path: [key],
      get: (values) => values[key],
      set: (values, hz: number | null) => void (values[key] = hz),
      hint: 'Added so that its oscillator comes out right. Change it in small steps and watch the bit error rate.',
      words: 'BER error label tuning ppm',
    });
  return [
    side('txHz', 'frequency-tx', 'Sends on', 'What the radio listens on.', 'frequency transmit output MHz'),
    side(
      'rxHz',
      'frequency-rx',
      'Listens on',
      'What the radio sends on: the same for a simplex hotspot, another for a duplex one.',
      'offset shift receive input duplex',
    ),
    inProfile(of, {
      id: 'power',
      section: 'air',
      title: 'Output power',
      terms: [['power']],
      kind: 'number',
      unit: '%',
      range: [0, 100],
      mayLack: true,
      path: ['powerPercent'],
      get: ({ powerPercent }) => powerPercent,
      set: (values, value: number | null) => void (values.powerPercent = value),
      hint: 'The least that reaches you is enough.',
    }),
    atSite({
      id: 'label-offset',
      section: 'air',
      title: 'Offset on its label',
      kind: 'shift',
      range: [-1_000_000, 1_000_000],
      mayLack: true,
      value: of.site.labelOffsetHz,
      set: (draft, hz: number | null) => void (hotspotIn(draft, of).labelOffsetHz = hz),
      hint: 'A factory reset loses it; the label does not.',
      words: 'sticker board oscillator',
    }),
    offset('rxOffsetHz', 'offset-rx', 'Receive offset'),
    offset('txOffsetHz', 'offset-tx', 'Transmit offset'),
  ];
}

function modesOn(of: SettingsOf, modes: Modes): Setting[] {
  return NETWORK_MODE_IDS.filter((mode) => of.site[mode] !== null).map((mode) =>
    inProfile(of, {
      id: `mode-${mode}`,
      terms: [[mode], ['enable', 'on']],
      section: 'modes',
      title: modes[mode].name,
      kind: 'switch',
      path: ['carriage'],
      get: (values) => listensFor(values, mode),
      set: (values, on: boolean) => setPair(values, mode, mode, on ? { able: true, on } : { on }),
      words: 'mode on off enabled',
    }),
  );
}

const SIDES = [
  ['radioS', 'radio', 'after an over of a radio'],
  ['networkS', 'network', 'after an over from the network'],
] as const;

function hangTimes(of: SettingsOf, modes: Modes): Setting[] {
  const one = (
    [side, word, when]: (typeof SIDES)[number],
    mode: NetworkModeId | null,
    put: (values: ProfileValues, hang: Hang | null) => void,
    get: (values: ProfileValues) => Hang | null,
  ) =>
    inProfile(of, {
      id: `hang-${word}${mode ? `-${mode}` : ''}`,
      terms: [...(mode ? [[mode]] : []), ['hang'], [word]],
      section: 'hang times',
      title: mode ? `${modes[mode].name}, ${word} side` : `Hang time, ${word} side`,
      kind: 'number',
      unit: 's',
      range: [0, HANG_MOST_S],
      mayLack: true,
      path: mode ? ['modeHang', mode] : ['hang'],
      get: (values) => get(values)?.[side] ?? null,
      set(values, seconds: number | null) {
        const hang = { ...(get(values) ?? { radioS: null, networkS: null }), [side]: seconds };
        put(values, mode && hang.radioS === null && hang.networkS === null ? null : hang);
      },
      ...(mode
        ? { lackWords: 'as common' }
        : { hint: `How long it stays in a mode ${when}; 20 s is good, a few seconds let the mode change under you.` }),
      words: 'hold stay mode timeout',
    });
  const own = NETWORK_MODE_IDS.filter((mode) => of.site[mode] !== null);
  return [
    ...SIDES.map((side) =>
      one(
        side,
        null,
        (values, hang) => void (values.hang = hang!),
        (values) => values.hang,
      ),
    ),
    ...own.flatMap((mode) =>
      SIDES.map((side) =>
        one(
          side,
          mode,
          (values, hang) => void (values.modeHang[mode] = hang),
          (values) => values.modeHang[mode],
        ),
      ),
    ),
  ];
}

type FlagKey = 'announcements' | 'pagePublic' | 'remoteCommands';

function flag(
  of: SettingsOf,
  key: FlagKey,
  spec: Pick<Setting, 'id' | 'section' | 'title' | 'hint' | 'words' | 'terms'>,
) {
  return inProfile(of, {
    ...spec,
    kind: 'switch',
    mayLack: true,
    path: [key],
    get: (values) => values[key],
    set: (values, on: boolean | null) => void (values[key] = on),
  });
}

function text(
  of: SettingsOf,
  key: 'timeZone' | 'language',
  spec: Pick<Setting, 'id' | 'title' | 'hint' | 'terms'>,
): Setting {
  return inProfile(of, {
    ...spec,
    section: 'system',
    kind: 'text',
    length: 60,
    path: [key],
    get: (values) => values[key],
    set: (values, value: string) => void (values[key] = value),
  });
}

function crossMode(of: SettingsOf, modes: Modes): Setting[] {
  const pairs = crossPairs(of.values).filter((pair) => pair.able);
  return [
    ...pairs.map((pair) =>
      inProfile(of, {
        id: `cross-${pair.air}-${pair.network}`,
        terms: [[pair.air], [pair.network], ['enable', 'on', 'cross']],
        section: 'cross-mode',
        title: crossWords(modes, pair),
        kind: 'switch',
        path: ['carriage'],
        get: (values) =>
          crossPairs(values).some((one) => one.air === pair.air && one.network === pair.network && one.on),
        set: (values, on: boolean) => setPair(values, pair.air, pair.network, on ? { able: true, on } : { on }),
      }),
    ),
    ...(pairs.length > 0
      ? [
          inProfile(of, {
            id: 'own-while-crossing',
            section: 'cross-mode',
            title: 'A mode still reaches its own networks',
            kind: 'switch',
            path: ['ownWhileCrossing'],
            get: ({ ownWhileCrossing }) => ownWhileCrossing,
            set: (values, on: boolean) => void (values.ownWhileCrossing = on),
          }),
        ]
      : []),
  ];
}

function place(of: SettingsOf): Setting[] {
  const degrees = (key: 'lat' | 'lon', title: string, most: number) =>
    inProfile(of, {
      id: `position-${key}`,
      terms: [[key === 'lat' ? 'latitude' : 'longitude']],
      section: 'place',
      title,
      kind: 'number',
      unit: '°',
      range: [-most, most],
      mayLack: true,
      path: ['location'],
      get: ({ location }) => location?.[key] ?? null,
      set: (values, value: number | null) =>
        void (values.location =
          value === null ? null : { ...(values.location ?? { lat: 0, lon: 0, publish: false }), [key]: value }),
      hint: 'Two decimals are about 1.1 km; three, about 110 m, show your house.',
    });
  return [
    degrees('lat', 'Latitude', 90),
    degrees('lon', 'Longitude', 180),
    ...(of.values.location
      ? [
          inProfile(of, {
            id: 'position-published',
            section: 'place',
            title: 'Publish the position',
            kind: 'switch',
            path: ['location'],
            get: ({ location }) => location?.publish ?? false,
            set(values, on: boolean) {
              if (values.location) values.location = { ...values.location, publish: on };
            },
          }),
        ]
      : []),
  ];
}

function access(of: SettingsOf): Setting[] {
  return [
    inProfile(of, {
      id: 'password-changed',
      section: 'access',
      title: 'The default password was changed',
      kind: 'switch',
      mayLack: true,
      path: ['adminPassword'],
      get: ({ adminPassword }) => (adminPassword === null ? null : adminPassword === 'changed'),
      set: (values, on: boolean | null) =>
        void (values.adminPassword = on === null ? null : on ? 'changed' : 'default'),
      words: 'security admin',
    }),
    flag(of, 'pagePublic', {
      id: 'page-public',
      terms: [['public'], ['page', 'access', 'web']],
      section: 'access',
      title: 'Its settings page is open to the internet',
      words: 'public private remote security',
    }),
    flag(of, 'remoteCommands', {
      id: 'remote-commands',
      terms: [['remote'], ['commands', 'control', 'enable']],
      section: 'access',
      title: 'It carries out commands sent by radio',
      hint: 'Shutting down, starting again: anyone who hears the number can send it.',
      words: 'remote control security',
    }),
  ];
}

function wifi(of: SettingsOf): Setting[] {
  return rows(of.values.wifi).flatMap(({ id, place: where }) => {
    const field = (key: 'name' | 'password', title: string, kind: 'text' | 'secret', length: number) =>
      inProfile(of, {
        id: `wifi-${id}-${key}`,
        terms: [['wifi'], [key]],
        section: 'wifi',
        title: where === '' ? title : `${title} (${where})`,
        kind,
        length,
        path: ['wifi'],
        get: (values) => values.wifi.byId[id]?.[key] ?? '',
        set(values, value: string) {
          const row = values.wifi.byId[id];
          if (row) values.wifi = { ...values.wifi, byId: { ...values.wifi.byId, [id]: { ...row, [key]: value } } };
        },
        words: 'wireless network SSID',
      });
    return [field('name', 'Wi-Fi network', 'text', 60), field('password', 'Wi-Fi password', 'secret', 200)];
  });
}

/** Everything that no mode owns. */
export function commonSettings(of: SettingsOf, modes: Modes): Setting[] {
  return [
    ...identity(of),
    ...air(of),
    ...modesOn(of, modes),
    ...hangTimes(of, modes),
    inProfile(of, {
      id: 'standby',
      terms: [['standby', 'silent']],
      section: 'at start',
      title: 'Standby',
      kind: 'switch',
      path: ['standby'],
      get: ({ standby }) => standby,
      set: (values, on: boolean) => void (values.standby = on),
      words: 'silent ready unattended',
    }),
    flag(of, 'announcements', {
      id: 'announcements',
      terms: [['announcements']],
      section: 'at start',
      title: 'It speaks announcements',
      hint: 'Links, faults, its address.',
      words: 'voice spoken',
    }),
    ...crossMode(of, modes),
    ...place(of),
    text(of, 'timeZone', {
      id: 'time-zone',
      title: 'Time zone',
      hint: 'Such as Etc/UTC.',
      terms: [['time'], ['zone']],
    }),
    text(of, 'language', { id: 'language', title: 'Language', terms: [['language']] }),
    ...access(of),
    ...wifi(of),
  ];
}
