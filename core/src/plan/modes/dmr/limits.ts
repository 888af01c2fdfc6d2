/** Numbers of DMR that the standard fixes. Source: ETSI TS 102 361-1 unless said otherwise. */
import type { GroupCategory, SpecialName } from './types';

export const COLOR_CODE_MAX = 15;

/** Usable station and group addresses. Bounds from memory of Annex A: 000001 to FFFCDF hex. */
export const ADDRESS_MIN = 1;
export const ADDRESS_MAX = 0xfffcdf;

/** An ID of somebody's: seven digits. Common practice of the registries. */
export const STATION_MIN = 1_000_000;
export const STATION_MAX = 9_999_999;

/** 24 bits. FFFFFF hex calls everybody; 0 is the null address; those between ADDRESS_MAX and it are reserved. */
export const ALL_CALL = 0xffffff;

/** Channel width in Hz (two-slot TDMA in 12.5 kHz). */
export const CHANNEL_WIDTH_HZ = 12_500;

/** Numbers that a prefix leaves free: six digits. Common practice. */
export const PREFIX_STEP = 1_000_000;
export const TRANSLATED_MAX = PREFIX_STEP - 1;

/** A simplex hotspot sends and listens on this slot only. Common practice. */
export const SIMPLEX_SLOT = 2;

/** The group for talk from radio to radio, without a site. Common practice. */
export const DIRECT_GROUP = 99;

/** The group that stays at a repeater: heard there, carried nowhere. Common practice. */
export const LOCAL_GROUP = 9;

/** Set aside for the use of systems, not of stations. From memory. */
export const SYSTEM_COLOR_CODE = 15;

/** Login suffixes of a hotspot: two digits, 01 to 99. Common practice. */
export const SUFFIX_MIN = 1;
export const SUFFIX_MAX = 99;

/** What a network may answer itself, in the order of lists. */
export const SPECIAL_NAMES: readonly SpecialName[] = ['unlink', 'echo', 'status', 'position'];

/** How far a group reaches, from near to far. */
export const GROUP_CATEGORIES: readonly GroupCategory[] = ['local', 'region', 'nation', 'world', 'tactical', 'test'];
