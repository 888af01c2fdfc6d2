/** C4FM in the files of other people's programs. */
import { NAME, ROW } from '../../kits/channel-columns';
import type { ModeKit, RecordRole } from '../../kits/kit-field';
import { CALL_SIGN_LENGTH, CODE_PATTERN, GROUP_ID_MAX, ROOM_PATTERN } from '../../plan/modes/c4fm/limits';
import type { RoomMemory, StoredCode } from '../../plan/modes/c4fm/types';

const CODE = new RegExp(CODE_PATTERN);
const ROOM = new RegExp(ROOM_PATTERN);

const rooms: RecordRole = {
  role: 'rooms',
  mode: 'c4fm',
  key: 'rooms',
  called: /room|raum|raeume|\bsalles?\b|salon|\bsalas?\b|stanz|kamer|node|knoten|noeud|nodo/,
  needs: ['name', 'room'],
  fields: [
    NAME,
    ROW,
    {
      id: 'room',
      title: 'Number of the room',
      reads: { as: 'text', fits: (cell) => /^\d{3,6}$/.test(cell) },
      heading:
        /(room|raum|node|knoten|salle|sala|stanza) ?(no|nr|num\w*|nummer|id)?$|^(call )?(number|nummer|rufnummer|numero|no|id|identifiant|identificador|dtmf|call)$/,
      telling: 0.6,
      alone: (cells) => cells.every((cell) => cell === '' || cell.length === 5),
    },
    {
      id: 'category',
      title: 'Category',
      reads: { as: 'whole', low: 1, high: 100 },
      heading: /categor|kategorie|gruppe|group|bank|page|seite/,
      telling: 0,
    },
  ],
  cells: (row) => ({ texts: { room: (row as RoomMemory).number, category: String((row as RoomMemory).category) } }),
  row: ({ room = '', category = '1' }) =>
    room === '' ? null : ({ number: room, category: Number(category) || 1 } as Omit<RoomMemory, 'id' | 'name'>),
  same: (row) => (row as RoomMemory).number,
};

const codes: RecordRole = {
  role: 'codes',
  mode: 'c4fm',
  key: 'codes',
  called: /dtmf|tone ?code|tonwahl|tonruf|codes?\b/,
  needs: ['name', 'code'],
  fields: [
    NAME,
    ROW,
    {
      id: 'code',
      title: 'Code',
      reads: { as: 'text', fits: (cell) => CODE.test(cell) },
      heading: /code|dtmf|sequence|folge|digits|ziffern|suite|secuencia/,
      telling: 0.5,
      alone: (cells) => cells.some((cell) => /[*#A-D]/.test(cell)),
    },
  ],
  cells: (row) => ({ texts: { code: (row as StoredCode).code } }),
  row: ({ code = '' }) => (code === '' ? null : ({ code, recalls: null } as Omit<StoredCode, 'id' | 'name'>)),
  same: (row) => (row as StoredCode).code,
};

export const kit: ModeKit = {
  called: /\bc4fm\b|^(dn|vw)$/,
  shownBy: ['room', 'group-tx', 'voice'],
  fields: [
    {
      id: 'room',
      title: 'Room',
      reads: { as: 'text', fits: (cell) => ROOM.test(cell) },
      heading: /\broom\b|\braum\b|\bsalle\b|\bsala\b|connect|verbind/,
      never: /name/,
      telling: 0.3,
    },
    {
      id: 'group-tx',
      title: 'Group ID sent',
      reads: { as: 'whole', low: 0, high: GROUP_ID_MAX },
      heading:
        /(dg|group|gruppen?|gid)[ -]?(id)? ?(tx|send\w*|sent)|\b(tx|send\w*|sent) ?(dg|group|gruppen?|gid)[ -]?(id)?/,
      telling: 0.2,
    },
    {
      id: 'group-rx',
      title: 'Group ID heard',
      reads: { as: 'whole', low: 0, high: GROUP_ID_MAX },
      heading:
        /(dg|group|gruppen?|gid)[ -]?(id)? ?(rx|rec\w*|heard|empf\w*)|\b(rx|rec\w*|heard|empf\w*) ?(dg|group|gruppen|gid)[ -]?id$|\b(rx|rec\w*|heard|empf\w*) ?gid$/,
      never: /list/,
      telling: 0.2,
    },
    {
      id: 'voice',
      title: 'Voice',
      reads: {
        as: 'words',
        words: {
          narrow: /^(n|narrow|dn|half|schmal|etroit|estrech\w*|stretto)$/,
          wide: /^(w|wide|vw|full|breit|weit|large|anch\w*|largo)$/,
        },
      },
      heading: /voice|sprache|stimme|\bvoix\b|\bvoz\b|\bvoce\b/,
      telling: 0.2,
    },
    {
      id: 'receive',
      title: 'Opens for',
      reads: {
        as: 'words',
        words: {
          auto: /^(auto\w*|beides?|both|les deux|ambos|entrambi|mixed)$/,
          digital: /^(digital\w*|numerique|dig)$/,
          analog: /^(analog\w*|analogique|fm)$/,
        },
      },
      heading:
        /opens for|(rx|receive|reception|empfangs?) ?(mode|art|modus)|mod[eo] (de |di )?(rx|reception|recepcion|ricezione)|digital ?analog/,
      telling: 0.2,
    },
  ],
  ofSite: ['group-tx', 'group-rx', 'voice', 'receive', 'tone-tx', 'tone-rx'],
  identity: {
    of: (radio) => radio.c4fm?.callSign ?? '',
    own: ({ callSign }) => callSign.slice(0, CALL_SIGN_LENGTH),
    set: (radio, { callSign }) => void (radio.c4fm && (radio.c4fm.callSign = callSign.slice(0, CALL_SIGN_LENGTH))),
  },
  links: [],
  roles: [rooms, codes],
};
