/** DMR in the files of other people's programs: titles and words by which it is recognised. */
import type { ChannelLink, KitField, ModeKit, RecordRole } from '../../kits/kit-field';
import { NAME, ROW } from '../../kits/channel-columns';
import { any, only } from '../../kits/titles';
import { isOwnId } from '../../plan/station';
import { freeId, putRow, rows } from '../../plan/table';
import { ADDRESS_MAX, COLOR_CODE_MAX, LOCAL_GROUP } from '../../plan/modes/dmr/limits';
import type { Contact, ReceiveList } from '../../plan/modes/dmr/types';
import { isStationId } from './addresses';
import type { ChannelValues, ValuesOf } from '../../plan/types';

const raw = String.raw;
const GROUP = only(
  raw`g|group|groups|group ?call|gruppe\w*|gruppenruf|groep\w*|tg|talk ?group|0`,
  '(appel )?(de )?groupe|(llamada )?(de |en )?grupo|(chiamata )?(di )?gruppo',
);
const PRIVATE = only(
  raw`p|private|private ?call|individual\w*|einzel\w*|einzelruf|privat\w*|prive\w*|person\w*|1`,
  '(appel )?(individuel|prive)|(llamada )?(privada|individual)|(chiamata )?(privata|individuale)',
);

const CALL: KitField = {
  id: 'call',
  title: 'Call',
  reads: { as: 'words', words: { group: GROUP, private: PRIVATE } },
  heading: new RegExp(
    any(
      'call ?(type|kind)|ruf ?(art|typ)|type d ?appel|tipo (de |di )?(llamada|chiamata)',
      '(contact|kontakt) ?(type|typ|art)|gesprekstype|oproep',
    ),
  ),
  loose: /^(type|typ|art|tipo|genre|soort|call|ruf|appel|llamada|chiamata)$/,
  never: /id|alert|mode|confirm/,
  telling: 0.6,
  alone: (cells) => cells.some((cell) => /[a-z]{3}/i.test(cell)),
};

const NUMBER: KitField = {
  id: 'number',
  title: 'Number called',
  reads: { as: 'whole', low: 1, high: ADDRESS_MAX },
  heading: new RegExp(
    any(
      raw`talk ?group|^tg\b|numero (de |du |di )?(groupe|grupo|gruppo|appel)`,
      raw`(call|dmr|contact|group|ruf|gruppen?|kontakt|ziel|dest\w*)[ -]?(id|no|nr|num\w*|nummer)\b`,
      '^(id|number|nummer|numero|rufnummer|zielnummer|num|dmr ?id|identifiant)$',
    ),
  ),
  never: /radio|own|eigene|name|list|row|color|slot|alias|\b(rx|tx|gid|dg|sent|heard)\b/,
  telling: 0.5,
  alone: (cells) => {
    const filled = cells.filter((cell) => cell !== '');
    return (
      filled.some((cell) => Number(cell) > 100) && filled.filter((cell) => cell.length < 9).length === filled.length
    );
  },
};

/** In a table of contacts any ID is the contact's. */
const CONTACT_NUMBER: KitField = {
  ...NUMBER,
  heading: new RegExp(`${NUMBER.heading.source}|^(radio|dmr|station|tg|group) ?id$`),
  never: /own|eigene|name|list|row|slot|alias/,
};

const HEARD_OR_GROUP = any('rx|receive|empfangs?|group|gruppen', 'reception|recepcion|ricezione|ontvangst');

const isDmr = (values: ChannelValues): values is ValuesOf<'dmr'> & ChannelValues => values.mode === 'dmr';

const CONTACT: ChannelLink = {
  fieldId: 'contact',
  says: ['call', 'number'],
  role: 'contacts',
  take(values, row) {
    if (!isDmr(values) || row === null) return;
    const { kind, number } = row as Contact;
    values.dmr.call = { kind, number };
  },
  means(values): Omit<Contact, 'id'> | null {
    if (!isDmr(values)) return null;
    const { kind, number } = values.dmr.call;
    return { name: `${kind === 'group' ? 'Group' : 'Call'} ${number}`, kind, number };
  },
};

const LIST: ChannelLink = {
  fieldId: 'receive-list',
  says: ['receive-list'],
  saysNone: true,
  role: 'receive lists',
  take(values, row) {
    if (isDmr(values)) values.dmr.receiveListId = row?.id ?? null;
  },
  means: (values) => (isDmr(values) ? values.dmr.receiveListId : null),
};

const contacts: RecordRole = {
  role: 'contacts',
  mode: 'dmr',
  key: 'contacts',
  called: /contact|kontakt|contatt|talk ?group|adress|address|adres|rufgruppe|groupes d appel|digital ?contact/,
  needs: ['name', 'number'],
  fields: [NAME, ROW, CALL, CONTACT_NUMBER],
  cells: (row) => {
    const { kind, number } = row as Contact;
    return { texts: { call: kind, number: String(number) } };
  },
  row({ call, number = '' }) {
    const contact: Omit<Contact, 'id' | 'name'> = {
      // Where nobody says how it is called, an ID of seven digits is somebody's own.
      kind: call === undefined ? (isStationId(Number(number)) ? 'private' : 'group') : (call as Contact['kind']),
      number: Number(number),
    };
    return contact.number > 0 ? contact : null;
  },
  same: (row) => `${(row as Contact).kind} ${(row as Contact).number}`,
  number: (row) => String((row as Contact).number),
};

const receiveLists: RecordRole = {
  role: 'receive lists',
  mode: 'dmr',
  key: 'receiveLists',
  called: new RegExp(
    any(
      raw`(rx|receive|group|empfang\w*|gruppen) ?(group)? ?list|rx ?group|empfangs|ontvangst`,
      raw`liste\w* (de )?(reception|groupes?)|lista (de )?(recepcion|ricezione|grupos)`,
    ),
  ),
  needs: ['name', 'member'],
  fields: [
    NAME,
    ROW,
    {
      id: 'member',
      title: 'Members',
      reads: { as: 'members' },
      heading: /member|contact|kontakt|group|gruppe|groupe|grupo|gruppo|mitglied|membre|miembro/,
      telling: 0.6,
    },
  ],
  cells: (row) => ({ texts: {}, members: (row as ReceiveList).groups.map(String) }),
  row: (_, members) => ({ groups: members.map(Number) }) as Omit<ReceiveList, 'id' | 'name'>,
  same: (row) => (row as ReceiveList).groups.join(' '),
  lists: 'contacts',
  member: (number): Omit<Contact, 'id'> => ({ name: `Group ${number}`, kind: 'group', number: Number(number) }),
};

export const kit: ModeKit = {
  called: /\bdmr\b|^digital$|^(d|dig|digi)$|^numerique$|^digitale?$|^digitaal$/,
  shownBy: ['color-code', 'slot', 'contact', 'receive-list'],
  fields: [
    {
      id: 'color-code',
      title: 'Color code',
      reads: { as: 'whole', low: 0, high: COLOR_CODE_MAX },
      heading: /colou?r|farb|couleur|kleur|^cc\b|codigo de color|codice colore|farge|\bcc$/,
      telling: 0.35,
    },
    {
      id: 'slot',
      title: 'Time slot',
      reads: {
        as: 'words',
        words: {
          1: /^((time ?)?slot|ts|zeitschlitz|zs|it|s|intervalle)? ?[-#]?1$/,
          2: /^((time ?)?slot|ts|zeitschlitz|zs|it|s|intervalle)? ?[-#]?2$/,
        },
      },
      heading: /slot|zeitschlitz|^ts\b|intervalle|intervalo|ranura|tijdslot|^it$/,
      never: /direct|dual|capacity/,
      telling: 0.4,
    },
    CALL,
    NUMBER,
    {
      id: 'contact',
      title: 'Contact called',
      reads: { as: 'named', role: 'contacts' },
      heading: new RegExp(
        any(
          raw`contact|kontakt|contatt|talk ?group|^tg\b|ziel|destin\w*`,
          'sprechgruppe|rufgruppe|groupe d ?appel|destinatario|bestemming',
        ),
      ),
      never: /list|type|typ|art|\bid\b|alias|rx|empf/,
      telling: 0.8,
    },
    {
      id: 'receive-list',
      title: 'Receive list',
      reads: { as: 'named', role: 'receive lists' },
      heading: new RegExp(
        any(
          `${HEARD_OR_GROUP}[ -]?(group|gruppen|groupe)?[ -]?` + raw`(list\w*|lijst|gruppe)`,
          raw`li(st|jst)\w* (de |di |du )?(rx|reception|recepcion|ricezione|ontvangst)`,
        ),
      ),
      never: /scan/,
      telling: 0.75,
    },
    {
      id: 'admit',
      title: 'Admit',
      reads: {
        as: 'words',
        words: {
          always: /^(always|immer|toujours|siempre|sempre|altijd|allow tx|off|always allow)$/,
          'channel free': only(
            '((channel|free|idle|busy)?.*(channel|kanal|canal|canale|kanaal)[ -]?(free|frei|libre|libero|vrij|idle))',
            'frei|free|libre|kanal frei',
          ),
          'color code free': /(colou?r|farb|couleur|kleur|cc|codigo|colore).*(free|frei|libre|libero|vrij|idle|same)?$/,
        },
      },
      heading: new RegExp(
        any(
          raw`admit|(tx|transmit) ?(permit|admit|criteri\w*|allow\w*)|busy lock|critere|criterio`,
          raw`sende ?(erlaubnis|freigabe|bedingung)|permis\w*|permess\w*|zend ?(voorwaarde|criterium)`,
        ),
      ),
      telling: 0.6,
    },
  ],
  ofSite: ['color-code', 'slot'],
  unknown(values) {
    if (!isDmr(values)) return null;
    const { kind, number } = values.dmr.call;
    return kind === 'group' && number !== LOCAL_GROUP ? { number } : null;
  },
  learn(draft, networkId, number, name) {
    const network = draft.networks.byId[networkId];
    if (network?.mode !== 'dmr') throw new Error(`${networkId} is no network of DMR.`);
    const known = rows(network.groups).find((group) => group.number === number);
    const groupId = known?.id ?? freeId(`g${number}`, (taken) => taken in network.groups.byId);
    if (!known) putRow(network.groups, { id: groupId, name: name || `Group ${number}`, number, category: 'local' });
    return { mode: 'dmr', kind: 'group', networkId, groupId };
  },
  personal: (row, plan) => {
    const { kind, number } = row as Contact;
    return kind === 'private' && isStationId(number) && !isOwnId(plan, number);
  },
  identity: {
    of: (radio) => String(radio.dmr?.id ?? ''),
    own: ({ dmrId }) => String(dmrId ?? ''),
    set: (radio, { dmrId }) => void (radio.dmr && (radio.dmr.id = dmrId)),
  },
  links: [CONTACT, LIST],
  roles: [contacts, receiveLists],
};
