/** What columns of channels hold whatever the mode, and those of zones and scan lists. Titles in eight languages. */
import type { KitField } from './kit-field';
import { NO, YES } from './plain';
import { any, both, only, RECEIVE, TRANSMIT } from './titles';
import { TONE_COLUMNS } from './tones/tone-columns';

const FREQUENCY = String.raw`(freq\w*|frequen\w*|frec\w*|qrg|mhz|khz|hz|f)`;

const NOT_FREQUENCY = new RegExp(
  any(
    String.raw`ctcss|dcs|tone?\b|ton\b|list|group|gruppe|power|leistung|offset|shift|ablage`,
    String.raw`color|slot|id\b|contact|mode|lock|only|inhibit|nac`,
  ),
);

/** Cells with as many digits as frequencies have: `60` is a time, `145.6` and `145600` are none. */
const areFrequencies = (cells: readonly string[]) => {
  const filled = cells.filter((cell) => /[1-9]/.test(cell));
  return filled.filter((cell) => /\d{2}[.,]\d|\d{5}/.test(cell)).length > filled.length * 0.6;
};

/** What has a name. */
const NAMED = any(
  'channel|chan|ch|canal|kanal|kanaal|memory|mem|can',
  String.raw`zone?n?|zona|list\w*|liste|lista|lijst`,
  String.raw`contact\w*|kontakt\w*|contatto|group|gruppen?|groupe|grupo|gruppo`,
  String.raw`room|raum|salle|sala|stanza|scan|alias|station|site|code|bank|bereich\w*`,
);
const CALLED = any(
  'name[ns]?|nom|nombre|nome|naam|navn|namn|label|titel|title|titre|titolo|alias|tag',
  'bezeichnung|benennung|libelle|etiqueta|etichetta|designation|denominazione|omschrijving|intitule',
);

export const NAME: KitField = {
  id: 'name',
  title: 'Name',
  reads: { as: 'text', fits: (cell) => cell.length <= 60 },
  heading: new RegExp(
    `^(${NAMED} ?)?${CALLED}( (display|anzeige))?$` +
      '|^(kanal|kontakt|zonen|listen|gruppen|raum|canale|kanaal)(name|naam|bezeichnung)$',
  ),
  loose: new RegExp(
    [
      String.raw`\bname\b|\bnom\b`,
      '^(nombre|nome|naam|etiqueta|etichetta|bezeichnung|libelle|intitule) (de|du|del|di|della|des|van) ',
      '^(channel|kanal|canal|canale|kanaal|zone|zona|contact|kontakt|contatto|room|raum)$',
      '^(liste|lista|lijst|list|alias|scan list)$',
    ].join('|'),
  ),
  never: /call|rufz|short|repeater|contact name of|file|own/,
  telling: 0.75,
  alone: (cells) => {
    const filled = cells.filter((cell) => cell !== '');
    return (
      new Set(filled).size > filled.length * 0.9 &&
      filled.filter((cell) => /\p{L}{2}/u.test(cell)).length > filled.length * 0.7
    );
  },
};

export const ROW: KitField = {
  id: 'row',
  title: 'Number of the row',
  reads: { as: 'row' },
  heading: only(
    'no|nr|num|number|numero|nummer|n|#|index|idx|pos|position|posicion|posizione',
    String.raw`row|line|zeile|ligne|fila|riga|regel|id|lfd( nr)?|ord\w*|emplacement|posto|plek|platz`,
    'ch|channel|kanal|canal|canale|kanaal|memory|speicher|speicherplatz',
    'channel (no|nr|number)|kanal ?(nr|nummer)|memory (no|nr|number|ch)',
    '(numero|n) (de |di )?(canal|canale|ligne)',
  ),
  telling: 0.8,
  // One number or two may be anything.
  alone: (cells) => cells.filter((cell) => cell !== '').length > 2,
};

export const MODE: KitField = {
  id: 'mode',
  title: 'Mode',
  reads: { as: 'words', words: {} },
  heading: only(
    '((channel|ch|canal|kanal|operating|op) ?)?(mode|modo|modus)',
    'betriebsart|kanaltyp|kanalart|modulation|modulacion|modulatie|modulazione|kanaal ?type',
    '(channel|kanal) ?type|type (de )?canal|tipo (de |di )?canale?',
  ),
  loose: /^(type|typ|art|tipo|genre|soort)$|mode|modus|modo/,
  never: /call|tone|ruf|scan|power|admit|contact|squelch|\brx\b|recep|receive|empfangs/,
  telling: 0.85,
};

export const CHANNEL_COLUMNS: readonly KitField[] = [
  NAME,
  ROW,
  MODE,
  {
    id: 'rx',
    title: 'Receive frequency',
    reads: { as: 'frequency' },
    heading: new RegExp(
      `${both(RECEIVE, FREQUENCY)}|^rx$|^(output|receive|downlink|empfang|reception|ausgabe|sortie|salida|uscita)$`,
    ),
    loose: new RegExp(
      `^${FREQUENCY}( ${FREQUENCY})?$|\\b(frequency|frequenz|frequence|frecuencia|frequenza|frequentie|qrg)\\b`,
    ),
    never: new RegExp(`\\b${TRANSMIT}\\b|${NOT_FREQUENCY.source}`),
    telling: 0.75,
    alone: areFrequencies,
  },
  {
    id: 'tx',
    title: 'Transmit frequency',
    reads: { as: 'frequency' },
    heading: new RegExp(
      `${both(TRANSMIT, FREQUENCY)}|^tx$|^(input|transmit|uplink|senden|emission|eingabe|entree|entrada|ingresso)$`,
    ),
    never: new RegExp(`\\b${RECEIVE}\\b|${NOT_FREQUENCY.source}`),
    telling: 0.7,
    alone: areFrequencies,
  },
  {
    id: 'shift',
    title: 'Shift',
    reads: { as: 'shift' },
    heading: /shift|offset|ablage|versatz|decalage|desplaz\w*|desfase|scostamento|verschuiving|desvio|ecart|delta/,
    loose: /\bsplit\b|duplex|^dup/,
    never: /dir|richtung|sens|sign|vorzeichen|ctcss|tone|utc|time|zeit/,
    telling: 0.6,
    alone: (cells) =>
      cells.some((cell) =>
        /^[+-]?\s*(0?[.,]6|[157][.,]6|[59][.,]0+|9[.,]4|600|1600|5000|7600|9400|\d{6,7})0*\D*$/.test(cell),
      ),
  },
  {
    id: 'direction',
    title: 'Direction of the shift',
    reads: {
      as: 'words',
      words: {
        '+': /^(\+|plus|pos\w*|up|dup ?\+|duplex ?\+|\+dup|rpt ?\+|more|hoch|haut|arriba|su|piu)$/,
        '-': /^(-|minus|neg\w*|down|dup ?-|duplex ?-|-dup|rpt ?-|moins|menos|meno|less|runter|bas|abajo|giu|min)$/,
        '0': only(
          '|0|off|none|no|simplex|simp|s|sx|=|direct|direkt|nothing',
          'keine?|aus|ohne|aucune?|sans|ningun[oa]?|nessun[oa]?|niente|geen',
        ),
        split: /^(split|odd|oddsplit|cross|separate|getrennt|freq|tx)$/,
      },
    },
    heading: new RegExp(
      any(
        String.raw`direction|richtung|\bsens\b|sentido|direzione|richting`,
        String.raw`vorzeichen|\bsign\b|signe|signo|segno|teken|plus minus`,
        String.raw`(shift|offset|ablage|duplex|dup) ?(dir|mode|type|art)\w*`,
      ),
    ),
    loose: /duplex|^dup\b|shift|offset|split|ablage|decalage|repeater/,
    telling: 0.85,
    alone: (cells) => cells.some((cell) => /[+-]|dup|plus|min/i.test(cell)),
  },
  {
    id: 'power',
    title: 'Power',
    reads: {
      as: 'words',
      watts: true,
      words: {
        minimum: /^(lowest|min|minimum|minimal|ultra ?low|very ?low|qrp|eco|l1|low1)$/,
        low: only(
          'l|lo|low|small|l2|low2|niedrig|klein|gering|bas|basse|faible',
          'baja|bajo|bassa|basso|laag|lav|lag|baixa',
        ),
        middle: /^(m|mid|mi|middle|medium|med|normal|mittel|moyen|moyenne|media|medio|midden|medel|l3|low3)$/,
        high: /^(h|hi|high|big|gross|hoch|haut|haute|fort|forte|alta|alto|hoog|hoj|hog)$/,
        maximum: /^(highest|max|maximum|maximal|full|turbo|voll)$/,
      },
    },
    heading: /power|leistung|puissance|potencia|potenza|vermogen|effekt|watt|\bpwr\b|sendepegel/,
    telling: 0.8,
    alone: (cells) => cells.some((cell) => /[a-z]{2}|\d ?w/i.test(cell)),
  },
  ...TONE_COLUMNS,
  {
    id: 'tx-off',
    title: 'Receive only',
    reads: { as: 'words', words: { yes: YES, no: NO } },
    heading: new RegExp(
      any(
        String.raw`(rx|receive) ?only|tx ?(inhibit|off|forbid\w*|disable\w*|prohibit\w*|lock)`,
        '(transmit|tx) (inhibit|off|disabled?)|nur empfang|sende ?sperre|reception (seule|seulement)',
        'solo (rx|recepcion|ricezione)|(emission|tx) (interdite|bloquee)|alleen (rx|ontvangst)',
      ),
    ),
    telling: 0,
  },
  {
    id: 'digital',
    title: 'Digital or not',
    reads: { as: 'words', words: { yes: YES, no: NO } },
    heading: /^(is |rx |tx )?(digital\w*|numerique|dmr)( mode)?$/,
    telling: 0,
  },
  {
    id: 'low-power',
    title: 'Low power or not',
    reads: { as: 'words', words: { yes: YES, no: NO } },
    heading: only(
      'low ?(tx )?power|(kleine|niedrige) leistung|basse puissance|baja potencia|bassa potenza|laag vermogen',
    ),
    telling: 0,
  },
  {
    id: 'zone',
    title: 'Zone',
    reads: { as: 'text', fits: (cell) => cell.length <= 60 },
    heading: /^(zone|zona|bank|bereich|zonen?name|zone name|nom de zone|kanalgruppe|channel group)$/,
    telling: 0,
  },
];

/** A list of channels: zones, scan lists. */
export const LIST_COLUMNS: readonly KitField[] = [
  NAME,
  ROW,
  {
    id: 'member',
    title: 'Members',
    reads: { as: 'members' },
    heading: new RegExp(
      any(
        String.raw`member|channel|kanal|canal|canau\w*|mitglied|membre|miembro|membro|leden`,
        'contact|kontakt|inhalt|content|entries|groups?|gruppen?|grupos|groupes',
      ),
    ),
    telling: 0.6,
  },
];

export const ZONES_CALLED = /zone|zona|\bbank|bereich|kanalgruppe|channel group|memory group/;
export const SCAN_CALLED = /scan|suchlauf|balay|escan|exploration|scansion|zoek|scannen/;
export const CHANNELS_CALLED = /channel|kanal|kanael|canal|canau|memor|frequen|speicher/;
