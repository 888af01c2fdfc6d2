/** A hotspot's settings as JSON of our own (docs/formats.md): names instead of keys, so that it reads without the plan. */
import { crossWords } from '../path/cross-mode';
import type { Modes } from '../path/mode-path';
import { crossPairs, listensFor } from '../plan/carriage';
import { effectiveProfile } from '../plan/profiles';
import type { Id, ModeId, NetworkModeId, Plan } from '../plan/types';
import { formatMHz } from '../units/quantities';
import { bytesOf, type Format, type ReadFinding, sniffJson, textOf } from './format';
import { parseJson } from './json';
import type { ModeSheet, SheetLine, SheetOptions } from './mode-sheet';

const HOTSPOT_FORMAT = 'yellow-relay-hotspot';
const HOTSPOT_VERSION = 5;

/** The modes as they are handed in. */
export type SheetModes = Modes & Readonly<Record<ModeId, { sheet?: ModeSheet }>>;

export interface HotspotSheet {
  format: typeof HOTSPOT_FORMAT;
  formatVersion: typeof HOTSPOT_VERSION;
  hotspot: string;
  callSign: string;
  receiveHz: number;
  transmitHz: number;
  /** By mode: whether it is on, and what that mode is set to. A mode that the hotspot has not is not in it. */
  modes: Record<string, { enabled: boolean } & Record<string, unknown>>;
  /** Pairs that are on, such as `C4FM to DMR`. */
  crossMode: string[];
  ownWhileCrossing: boolean;
  standby: boolean;
  location: { lat: number; lon: number; publish: boolean } | null;
}

/** A sheet as data for a file, and line by line for paper. */
export interface SheetOf {
  sheet: HotspotSheet;
  lines: SheetLine[];
}

/** Everything that is to be set on a hotspot. @throws Error for a site that is no hotspot */
export function hotspotSheet(plan: Plan, siteId: Id, modes: SheetModes, options: SheetOptions): SheetOf {
  const site = plan.sites.byId[siteId];
  const profile = effectiveProfile(plan, siteId);
  if (!site || !profile) throw new Error(`The plan has no hotspot “${siteId}”.`);
  const { callSign } = plan.station;
  const parts = Object.values(modes).flatMap(({ id, name, sheet }) => {
    if (!sheet || site[id] === null) return [];
    const enabled = listensFor(profile, id as NetworkModeId);
    const { values, lines } = sheet(plan, site, profile, options);
    return [
      {
        id,
        values: { enabled, ...values },
        lines: lines.map((line) =>
          line.label === name ? { ...line, text: `${enabled ? 'on' : 'off'}, ${line.text}` } : line,
        ),
      },
    ];
  });
  const crossMode = crossPairs(profile)
    .filter((pair) => pair.on)
    .map((pair) => crossWords(modes, pair));
  const { standby, location, ownWhileCrossing } = profile;
  const crossLine = `${crossMode.join(', ')}; own networks ${ownWhileCrossing ? 'reached meanwhile' : 'not reached meanwhile'}`;
  return {
    sheet: {
      format: HOTSPOT_FORMAT,
      formatVersion: HOTSPOT_VERSION,
      hotspot: site.name,
      callSign,
      receiveHz: site.rxHz,
      transmitHz: site.txHz,
      modes: Object.fromEntries(parts.map(({ id, values }) => [id, values])),
      crossMode,
      ownWhileCrossing,
      standby,
      location,
    },
    lines: [
      { label: 'Call sign', text: callSign },
      { label: 'Receive / transmit', text: `${formatMHz(site.rxHz)} / ${formatMHz(site.txHz)} MHz` },
      ...parts.flatMap(({ lines }) => lines),
      ...(crossMode.length > 0 ? [{ label: 'Cross-mode', text: crossLine }] : []),
      ...(standby ? [{ label: 'Standby', text: 'on' }] : []),
      ...(location
        ? [
            {
              label: 'Position',
              text: `${location.lat}, ${location.lon} ${location.publish ? '(published)' : '(not published)'}`,
            },
          ]
        : []),
    ],
  };
}

/** What keeps a document from being a sheet, by place. */
function problemsOf(document: unknown): ReadFinding[] {
  if (typeof document !== 'object' || document === null || Array.isArray(document))
    return [{ line: null, place: '/', found: typeof document, expected: 'an object' }];
  const fields = document as Record<string, unknown>;
  const wanted: [keyof HotspotSheet, (value: unknown) => boolean, string][] = [
    ['format', (value) => value === HOTSPOT_FORMAT, `“${HOTSPOT_FORMAT}”`],
    ['formatVersion', (value) => value === HOTSPOT_VERSION, String(HOTSPOT_VERSION)],
    ['hotspot', (value) => typeof value === 'string', 'a name'],
    ['callSign', (value) => typeof value === 'string', 'a call sign'],
    ['receiveHz', (value) => Number.isInteger(value), 'a frequency in Hz'],
    ['transmitHz', (value) => Number.isInteger(value), 'a frequency in Hz'],
    ['modes', (value) => typeof value === 'object' && value !== null, 'an object'],
    ['crossMode', (value) => Array.isArray(value), 'a list'],
  ];
  return wanted
    .filter(([key, fits]) => !fits(fields[key]))
    .map(([key, , expected]) => ({
      line: null,
      place: `/${key}`,
      found: JSON.stringify(fields[key]) ?? 'nothing',
      expected,
    }));
}

export const hotspotJson: Format<HotspotSheet> = {
  id: 'hotspot-json',
  name: 'Hotspot settings',
  extensions: ['hotspot.json', 'json'],
  mediaType: 'application/json',
  sniff: (bytes) => sniffJson(bytes, HOTSPOT_FORMAT),
  write: (sheet) => bytesOf(`${JSON.stringify(sheet, null, 2)}\n`),
  read(bytes) {
    const { value, finding } = parseJson(textOf(bytes));
    const findings = finding ? [finding] : problemsOf(value);
    return { value: findings.length > 0 ? null : (value as HotspotSheet), findings };
  },
};
