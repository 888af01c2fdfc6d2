/** Numbers of D-STAR that the standard fixes. Source: JARL, D-STAR system standard, unless said otherwise. */

/** Characters of a call-sign field; the eighth holds the module letter or the gateway's. */
export const FIELD_LENGTH = 8;

/** Characters behind MY: often the radio's model or a name. */
export const SUFFIX_LENGTH = 4;

/** Bytes of the radio header: 3 flags, RPT2, RPT1, UR, MY of 8 each, suffix of 4, check sequence of 2. */
export const HEADER_BYTES = 41;

/** What a field may hold. */
export const FIELD_CHARACTERS = /^[A-Z0-9/ ]*$/;

/** In the eighth character of RPT2: the call goes to the gateway. Common practice. */
export const GATEWAY_LETTER = 'G';

/** Module letter by band. Common practice: A 23 cm, B 70 cm, C 2 m. */
export const MODULE_BY_BAND: Readonly<Record<string, string>> = { '23 cm': 'A', '70 cm': 'B', '2 m': 'C' };

/** In both RPT fields where the radio is on a cable. Common practice. */
export const DIRECT_FIELD = 'DIRECT';

/** The call to all. */
export const CALL_TO_ALL = 'CQCQCQ';

/** What a gateway is asked for by one letter in the eighth place. Common practice. */
export const COMMAND_NAMES = ['unlink', 'status', 'echo'] as const;

/** A field as a plan stores it: eight characters, spaces included. */
export const FIELD_PATTERN = '^[A-Z0-9/ ]{8}$';
export const MODULE_PATTERN = '^[A-Z]$';
export const FAMILY_PATTERN = '^[A-Z]{3}$';
export const REFLECTOR_PATTERN = '^[A-Z]{3}\\d{3}$';

/** Channel width in Hz: the raster of 12.5 kHz on which D-STAR is used. Common practice; the signal itself is about half as wide (JARL). */
export const CHANNEL_WIDTH_HZ = 12_500;
