/** D-STAR in the files of other people's programs. */
import type { KitField, ModeKit } from '../../kits/kit-field';
import { baseCallSign } from '../../units/call-signs';
import { FIELD_CHARACTERS, FIELD_LENGTH } from '../../plan/modes/dstar/limits';

const isField = (cell: string) => cell.length <= FIELD_LENGTH && FIELD_CHARACTERS.test(cell.toUpperCase());

function callSign(id: string, title: string, heading: RegExp, alone: (cells: readonly string[]) => boolean): KitField {
  return { id, title, reads: { as: 'text', fits: isField }, heading, never: /name|mode|type/, telling: 0.8, alone };
}

export const kit: ModeKit = {
  called: /\bd-? ?star\b|^dv$|^digital voice$/,
  shownBy: ['ur', 'rpt1', 'rpt2'],
  fields: [
    callSign(
      'ur',
      'UR',
      /^(ur|your|urcall|your ?call( ?sign)?|ur ?call|ziel ?ruf(zeichen)?|gegenstelle|indicatif (appele|dest\w*)|indicativo destino)\b/,
      (cells) => cells.some((cell) => cell.trim() === 'CQCQCQ'),
    ),
    callSign(
      'rpt1',
      'RPT1',
      /^(rpt|repeater|relais|rep|repetidor|relay) ?1( ?call( ?sign)?)?$|access ?(repeater|relais)|einstiegs?relais/,
      (cells) => cells.filter((cell) => /^[A-Z0-9 ]{7}[A-E]$/.test(cell)).length > cells.length * 0.3,
    ),
    callSign(
      'rpt2',
      'RPT2',
      /^(rpt|repeater|relais|rep|repetidor|relay) ?2( ?call( ?sign)?)?$|gateway|link ?(repeater|relais)/,
      (cells) => cells.some((cell) => cell.length === FIELD_LENGTH && cell.endsWith('G')),
    ),
  ],
  ofSite: ['rpt1', 'rpt2', 'duplex'],
  identity: {
    of: (radio) => radio.dstar?.my ?? '',
    own: ({ callSign }) => baseCallSign(callSign),
    set: (radio, { callSign }) => void (radio.dstar && (radio.dstar.my = baseCallSign(callSign))),
  },
  links: [],
  roles: [],
};
