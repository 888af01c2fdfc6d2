/** The exercises of the practice room, in rising order. A new one is a file beside this and a line here. */
import type { Exercise } from '@relay/core/rehearse/exercise';
import answerInTheGap from './answer-in-the-gap.json';
import crossMode from './cross-mode.json';
import dropTheGroup from './drop-the-group.json';
import hearYourself from './hear-yourself.json';
import joinTheNet from './join-the-net.json';
import keepItAwake from './keep-it-awake.json';
import leaveABusyRoom from './leave-a-busy-room.json';
import linkTalkUnlink from './link-talk-unlink.json';
import quayWatchAndOut from './quay-watch-and-out.json';
import recallAndBack from './recall-and-back.json';
import roomByNumber from './room-by-number.json';
import wakeAndTalk from './wake-and-talk.json';

// A file cannot say which of several texts a text is: a test holds each against the schema.
export const EXERCISES = [
  wakeAndTalk,
  hearYourself,
  answerInTheGap,
  leaveABusyRoom,
  linkTalkUnlink,
  roomByNumber,
  quayWatchAndOut,
  dropTheGroup,
  keepItAwake,
  recallAndBack,
  crossMode,
  joinTheNet,
] as unknown as readonly Exercise[];
