/** Numbers of P25. TIA-102 for the access code; addresses from memory. */

/** Network access code: 12 bits (TIA-102). */
export const NAC_MAX = 0xfff;

/** The code that most sites and every hotspot begin with: 293 hex, 659 (TIA-102). */
export const NAC_DEFAULT = 0x293;

/** A receiver set to this opens for any code (TIA-102). */
export const NAC_ANY = 0xf7e;

/** A repeater set to this takes any code and sends it on (TIA-102). */
export const NAC_PASS = 0xf7f;

/** Talk groups: 16 bits. From memory: 0 is none, FFFF hex calls all. */
export const GROUP_MAX = 65_534;
export const GROUP_ALL = 65_535;

/** Units: 24 bits; individual units go to 9,999,999. From memory. */
export const UNIT_MAX = 9_999_999;

/** Unlinks at most networks. Common practice. */
export const UNLINK_GROUP = 9999;

/** Channel width in Hz (TIA-102: 12.5 kHz). */
export const CHANNEL_WIDTH_HZ = 12_500;

export const SPECIAL_NAMES = ['unlink', 'echo'] as const;
