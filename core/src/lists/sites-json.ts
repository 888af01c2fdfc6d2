/** Lists of sites as JSON of our own (docs/formats.md): written from a directory, read like any other list. */
import { checkRows } from '../tables/limits';
import type { ColumnField, ListedSite, RawList } from './types';

export const SITES_FORMAT = 'yellow-relay-sites';
const SITES_VERSION = 2;

export interface ListAbout {
  name: string;
  source: string;
  licence: string;
  /** ISO date. */
  issuedOn: string | null;
}

/** Each property of a listed site, and the column it becomes when it is read. */
const CELLS: readonly [ColumnField, (site: ListedSite) => string][] = [
  ['callSign', (site) => text(site.callSign)],
  ['module', (site) => text(site.module)],
  ['name', (site) => text(site.name)],
  ['place', (site) => text(site.place)],
  ['lat', (site) => text(site.lat)],
  ['lon', (site) => text(site.lon)],
  ['output', (site) => text(site.txHz)],
  ['input', (site) => text(site.rxHz)],
  ['modes', (site) => names(site.modes).join(' ')],
  ['colorCode', (site) => text(site.colorCode)],
  ['slot1', (site) => carried(site, 1)],
  ['slot2', (site) => carried(site, 2)],
  ['groups', (site) => carried(site, null)],
  ['tone', toneOf],
  ['toneOut', (site) => text(site.toneOut)],
  ['width', (site) => text(site.widthHz)],
  ['nac', (site) => text(site.nac)],
  ['groupId', (site) => text(site.groupId)],
  ['networks', (site) => names(site.networks).join(', ')],
  ['linked', (site) => text(site.linked)],
  ['country', (site) => text(site.country)],
  ['status', (site) => (site.status === 'not said' ? '' : text(site.status))],
  ['confirmed', (site) => text(site.confirmedOn)],
  ['notes', (site) => text(site.notes)],
];

/** Version 1 kept tones and codes apart. */
function toneOf(site: ListedSite & { ctcssHz?: unknown; dcs?: unknown }): string {
  if (site.tone !== undefined) return text(site.tone);
  return typeof site.ctcssHz === 'number' ? site.ctcssHz.toFixed(1) : site.dcs ? `D${text(site.dcs)}N` : '';
}

function text(value: unknown): string {
  return typeof value === 'string' ? value : typeof value === 'number' ? String(value) : '';
}

function names(value: unknown): string[] {
  return Array.isArray(value) ? value.map(text) : [];
}

function carried({ groups }: ListedSite, slot: 1 | 2 | null): string {
  return (Array.isArray(groups) ? groups : [])
    .filter((one) => one?.slot === slot)
    .map((one) => `${one.number}${one.static ? '' : 'd'}`)
    .join(' ');
}

/** What is written of a site, in this order. */
const SITE_FIELDS = [
  'callSign',
  'module',
  'name',
  'place',
  'lat',
  'lon',
  'txHz',
  'rxHz',
  'modes',
  'colorCode',
  'groups',
  'tone',
  'toneOut',
  'widthHz',
  'nac',
  'groupId',
  'networks',
  'linked',
  'country',
  'status',
  'confirmedOn',
  'notes',
] as const satisfies readonly (keyof ListedSite)[];

/** Sites as a JSON list of our own (docs/formats.md). */
export function writeSites({ name, source, licence, issuedOn }: ListAbout, sites: readonly ListedSite[]): string {
  const plain = sites.map((site) => Object.fromEntries(SITE_FIELDS.map((field) => [field, site[field]])));
  return `${JSON.stringify({ format: SITES_FORMAT, formatVersion: SITES_VERSION, name, source, licence, issuedOn, sites: plain }, null, 1)}\n`;
}

/** A parsed document of this format as a table whose columns are known; `null` when it is none. */
export function readSitesDocument(parsed: unknown, encoding: string): RawList | null {
  const document = parsed as { format?: unknown; formatVersion?: unknown; sites?: unknown } | null;
  const known = [1, SITES_VERSION] as unknown[];
  if (document?.format !== SITES_FORMAT || !known.includes(document.formatVersion) || !Array.isArray(document.sites))
    return null;
  const fields = CELLS.map(([field]) => field);
  checkRows(document.sites.length);
  const rows = document.sites.map((site: unknown, at) => ({
    line: at + 1,
    cells: CELLS.map(([, cell]) => (typeof site === 'object' && site !== null ? cell(site as ListedSite).trim() : '')),
  }));
  return { header: fields, fields, rows, layout: `${encoding}, our own JSON` };
}
