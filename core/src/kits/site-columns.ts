/** What columns of a list of sites hold: a card from which a radio finds what is near. Titles in eight languages. */
import { CHANNEL_COLUMNS, NAME, ROW } from './channel-columns';
import type { KitField } from './kit-field';

const ofChannels = (id: string): KitField => {
  const field = CHANNEL_COLUMNS.find((one) => one.id === id);
  if (!field) throw new Error(`There is no column ${id}.`);
  return field;
};

const isCall = (cell: string) => /^[A-Z0-9/ ]{3,10}$/i.test(cell) && /\d/.test(cell);

export const SITE_COLUMNS: readonly KitField[] = [
  NAME,
  ROW,
  {
    id: 'place',
    title: 'Place',
    reads: { as: 'text', fits: (cell) => cell.length <= 60 },
    heading:
      /^(sub ?name|place|town|city|location|ort|stadt|lieu|ville|lugar|ciudad|luogo|citta|plaats|unterbezeichnung)$/,
    telling: 0,
  },
  {
    id: 'group',
    title: 'Group',
    reads: { as: 'text', fits: (cell) => cell.length <= 60 && !/^\d+$/.test(cell) },
    heading: /^(group|gruppe|groupe|grupo|gruppo|groep|region|area)( ?name)?$/,
    telling: 0,
  },
  {
    id: 'country',
    title: 'Country',
    reads: { as: 'text', fits: (cell) => cell.length <= 60 && !/^\d+$/.test(cell) },
    heading: /^(countr\w*|land|pays|pais|paese|nation\w*)( ?name)?$/,
    telling: 0,
  },
  {
    id: 'gateway',
    title: 'Call sign of the gateway',
    reads: { as: 'text', fits: isCall },
    heading: /gateway|^gw\b/,
    telling: 0,
  },
  {
    id: 'call',
    title: 'Call sign of the site',
    reads: { as: 'text', fits: isCall },
    heading: /call|rufzeichen|indicatif|indicativo|nominativo|roepnaam|repeater|relais/,
    never: /gateway|^gw\b|name|mode|type|own|my\b/,
    telling: 0.5,
  },
  ofChannels('mode'),
  ofChannels('rx'),
  ofChannels('tx'),
  ofChannels('shift'),
  ofChannels('direction'),
  ofChannels('tone-mode'),
  ofChannels('tone-code-tx'),
  ofChannels('tone-tx'),
  {
    id: 'lat',
    title: 'Latitude',
    reads: { as: 'degrees', most: 90 },
    heading: /^(lat\w*|breite\w*|breddegrad)$/,
    telling: 0,
  },
  {
    id: 'lon',
    title: 'Longitude',
    reads: { as: 'degrees', most: 180 },
    heading: /^(lon\w*|lng|laenge\w*|lange\w*|lengte\w*)$/,
    telling: 0,
  },
];
