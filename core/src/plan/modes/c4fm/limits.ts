/** Numbers of C4FM as operators use it. Common practice, unless said otherwise. */

/** Digits of a room or node number. */
export const ROOM_DIGITS = 5;

/** Connecting to this number disconnects; a network may use another. */
export const DISCONNECT_ROOM = 99_999;

/** Group IDs go from 00 to 99. */
export const GROUP_ID_MAX = 99;

/** On a hotspot, and in a receiver that is to open for all. */
export const GROUP_ID_OPEN = 0;

/** Characters of the call sign that a radio sends with each over. */
export const CALL_SIGN_LENGTH = 10;

/** Rooms that a radio lists on one page, by activity. Ten to twenty are usual. */
export const PAGE_ROOMS = 20;

/** Seconds that a connect attempt lasts. */
export const CONNECT_S = 30;

/** Channel width in Hz, narrow and wide voice alike. From memory. */
export const CHANNEL_WIDTH_HZ = 12_500;

export const VOICES = ['narrow', 'wide'] as const;
export const RECEIVES = ['auto', 'digital', 'analog'] as const;

/** What a channel stores of a number to connect to: as typed; a check says when it is none. */
export const ROOM_PATTERN = '^\\d{0,10}$';

/** A tone code: digits, A to D, * and # (DTMF: ITU-T Q.23), as long as radios keep. The length is from memory. */
export const CODE_PATTERN = '^[0-9A-D*#]{1,16}$';
