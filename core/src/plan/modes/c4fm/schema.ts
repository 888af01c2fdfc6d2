/** JSON Schema parts of what a plan stores about C4FM. */
import { exact, line, type ModeSchemas, NAME, nullOr, ref, type Schema, table, whole } from '../../schema-parts';
import { TONE_PATTERN } from '../../../units/tones';
import { CODE_PATTERN, GROUP_ID_MAX, RECEIVES, ROOM_PATTERN, VOICES } from './limits';

const MOST_NETWORKS = 100;
const groupId = whole(0, GROUP_ID_MAX);
const room = whole(0, 99_999);
const tone = nullOr({ type: 'string', pattern: TONE_PATTERN });
const voice: Schema = { enum: VOICES };

export const schemas: ModeSchemas = {
  // What is typed here may be too long or empty: a check says so, and nothing typed is lost.
  radio: exact({
    callSign: line(20),
    rooms: nullOr(exact({ categories: whole(1, 100), perCategory: whole(1, 1000), nameLength: whole(4, 60) })),
    dtmfMemories: whole(0, 1000),
  }),
  site: exact({
    groupIdIn: nullOr(groupId),
    groupIdOut: nullOr(groupId),
    voice: nullOr(voice),
    networkIds: { type: 'array', maxItems: MOST_NETWORKS, items: ref('id') },
  }),
  channel: exact({
    voice,
    receive: { enum: RECEIVES },
    groupTx: groupId,
    groupRx: groupId,
    room: { type: 'string', pattern: ROOM_PATTERN },
    toneTx: tone,
    toneRx: tone,
  }),
  network: { rooms: table(ref('room')), disconnect: room },
  profile: exact({ startRoom: nullOr(room) }),
  codeplug: exact({ rooms: table(ref('roomMemory')), codes: table(ref('storedCode')) }),
  shared: exact({
    categories: table(exact({ id: ref('id'), name: NAME })),
    entries: table(
      exact({
        id: ref('id'),
        categoryId: ref('id'),
        networkId: ref('id'),
        roomId: ref('id'),
        uses: whole(0, 1_000_000),
      }),
    ),
  }),
  destinations: [
    { kind: { const: 'local' } },
    { kind: { const: 'room' }, networkId: ref('id'), roomId: ref('id') },
    { kind: { const: 'disconnect' }, networkId: ref('id') },
  ],
  defs: {
    room: exact({
      id: ref('id'),
      number: room,
      name: NAME,
      place: line(60),
      kind: { enum: ['room', 'node'] },
      activity: nullOr(whole(0, 1_000_000)),
      twin: nullOr(exact({ networkId: ref('id'), roomId: ref('id') })),
      bridgesTo: nullOr(ref('id')),
    }),
    roomMemory: exact({
      id: ref('id'),
      name: NAME,
      number: { type: 'string', pattern: ROOM_PATTERN },
      category: whole(1, 100),
    }),
    storedCode: exact({
      id: ref('id'),
      name: NAME,
      code: { type: 'string', pattern: CODE_PATTERN },
      recalls: nullOr(exact({ siteId: ref('id'), slotId: ref('id') })),
    }),
  },
};
