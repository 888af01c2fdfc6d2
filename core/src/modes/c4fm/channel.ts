/** The C4FM fields of a channel: as sheets and files show, read and compare them. */
import { LEAST } from '../../plan/power';
import type { ChannelField, Reading } from '../../codeplug/channel-field';
import { choice, refused } from '../../codeplug/reading';
import { toneFields } from '../../codeplug/tone-fields';
import type { PathContext } from '../../path/types';
import type { Site, ValuesOf } from '../../plan/types';
import { toneFor } from '../../units/tones';
import { GROUP_ID_MAX, GROUP_ID_OPEN, ROOM_DIGITS, ROOM_PATTERN } from '../../plan/modes/c4fm/limits';
import { groupIdText, readGroupId, roomDigits } from './rooms';
import type { C4fmFacts, Receive, Voice } from '../../plan/modes/c4fm/types';

/** Whether the channel of a path is of C4FM. */
export function isC4fmPath(context: PathContext): context is PathContext<'c4fm'> & PathContext {
  return context.channel.mode === 'c4fm';
}

/** Narrow, since that passes every bridge; open for FM too where the site has it, with its tone. */
export function blankChannel(site?: Site): ValuesOf<'c4fm'> {
  const { groupIdIn = null, voice = null } = site?.c4fm ?? {};
  return {
    name: 'New channel',
    mode: 'c4fm',
    rxHz: site?.txHz ?? 439_000_000,
    txHz: site?.rxHz ?? 439_000_000,
    power: LEAST,
    timeOutS: null,
    options: {},
    c4fm: {
      voice: voice ?? 'narrow',
      receive: site?.fm ? 'auto' : 'digital',
      groupTx: groupIdIn ?? GROUP_ID_OPEN,
      groupRx: GROUP_ID_OPEN,
      room: '',
      toneTx: toneFor(site?.fm?.toneIn ?? null),
      toneRx: null,
    },
  };
}

function groupIdField(
  id: string,
  title: string,
  [order, width, weight]: [number, number, number],
  fact: keyof C4fmFacts,
  key: 'groupTx' | 'groupRx',
): ChannelField<'c4fm'> {
  return {
    id,
    title,
    weight,
    kind: 'text',
    order,
    width,
    facts: [fact],
    show: (one) => groupIdText(one.c4fm[key]),
    read(text) {
      const value = readGroupId(text);
      return value === null
        ? refused(`“${text}”`, `a group ID from 00 to ${GROUP_ID_MAX}`)
        : { put: (to) => void (to.c4fm[key] = value) };
    },
    copy: (to, from) => (to.c4fm = { ...to.c4fm, [key]: from.c4fm[key] }),
  };
}

const STORED_ROOM = new RegExp(ROOM_PATTERN);
const putRoom = (room: string): Reading<'c4fm'> => ({ put: (to) => void (to.c4fm.room = room) });

function readRoom(text: string): Reading<'c4fm'> {
  const digits = text.replace(/\s/g, '');
  if (digits === '' || (/^\d+$/.test(digits) && digits.length === ROOM_DIGITS)) return putRoom(digits);
  const short = /^\d{1,4}$/.test(digits);
  return refused(
    `“${text}”`,
    `the ${ROOM_DIGITS} digits of a room, or nothing`,
    short ? roomDigits(Number(digits)) : undefined,
  );
}

const VOICE: Readonly<Record<Voice, Voice>> = { narrow: 'narrow', wide: 'wide' };
const RECEIVE: Readonly<Record<Receive, Receive>> = { auto: 'auto', digital: 'digital', analog: 'analog' };

/** In a digital-only channel the radio hides its tones: what is stored is shown, so that a check can say so. */
const tones = toneFields<'c4fm'>(
  { sent: 'fm-tone', heard: null },
  {
    get: (one, side) => one.c4fm[side],
    put: (to, side, tone) => (to.c4fm = { ...to.c4fm, [side]: tone }),
    hides: (one) => one.c4fm.receive === 'digital',
  },
);

export const fields: readonly ChannelField<'c4fm'>[] = [
  {
    id: 'room',
    weight: 7,
    title: 'Room',
    kind: 'text',
    order: 50,
    width: 66,
    facts: ['room-number', 'crossing-number'],
    show: (one) => one.c4fm.room,
    read: readRoom,
    copy: (to, from) => (to.c4fm = { ...to.c4fm, room: from.c4fm.room }),
    readStored: (text) => (STORED_ROOM.test(text) ? putRoom(text) : readRoom(text)),
  },
  groupIdField('group-tx', 'Group sent', [80, 108, 5], 'group-id', 'groupTx'),
  groupIdField('group-rx', 'Group heard', [340, 114, 3], 'group-id-heard', 'groupRx'),
  {
    id: 'voice',
    weight: 2,
    title: 'Voice',
    kind: 'text',
    order: 90,
    width: 68,
    options: () => Object.keys(VOICE),
    facts: ['voice'],
    show: (one) => one.c4fm.voice,
    read: (text) => choice(text, VOICE, (to, voice) => (to.c4fm.voice = voice)),
    copy: (to, from) => (to.c4fm = { ...to.c4fm, voice: from.c4fm.voice }),
  },
  {
    id: 'receive',
    weight: 3,
    title: 'Opens for',
    kind: 'text',
    order: 100,
    width: 84,
    options: () => Object.keys(RECEIVE),
    facts: ['receive'],
    show: (one) => one.c4fm.receive,
    read: (text) => choice(text, RECEIVE, (to, receive) => (to.c4fm.receive = receive)),
    copy: (to, from) => (to.c4fm = { ...to.c4fm, receive: from.c4fm.receive }),
  },
  ...tones,
];
