/** The scenarios that ship, in the order in which they are offered. A new one is a file beside this and a line here. */
import type { Scenario } from '@relay/core/rehearse/scenario';
import borrowedCodeplug from './borrowed-codeplug.json';
import busyRoom from './busy-room.json';
import caughtInTheGap from './caught-in-the-gap.json';
import echoThatOthersHear from './echo-that-others-hear.json';
import groupFellAsleep from './group-fell-asleep.json';
import heardButNotReached from './heard-but-not-reached.json';
import keyUpTooShort from './key-up-too-short.json';
import linkCommandRepeated from './link-command-repeated.json';
import modeCaptured from './mode-captured.json';
import notStartedYet from './not-started-yet.json';
import ownGroupNotInTheList from './own-group-not-in-the-list.json';
import powerCut from './power-cut.json';
import privateUnlinkWithoutARule from './private-unlink-without-a-rule.json';
import recalledWithoutAWayBack from './recalled-without-a-way-back.json';
import roomNotFound from './room-not-found.json';
import roomShownFlashing from './room-shown-flashing.json';
import secondGroupOnTheSlot from './second-group-on-the-slot.json';
import secondNetworkWithoutRules from './second-network-without-rules.json';
import squelchOpen from './squelch-open.json';
import standbyWithALink from './standby-with-a-link.json';
import twoAtOnce from './two-at-once.json';
import unlinkWhileItTalks from './unlink-while-it-talks.json';
import wideGroupOnARepeater from './wide-group-on-a-repeater.json';
import wideVoiceCrossMode from './wide-voice-cross-mode.json';
import wrongSlotOnSimplex from './wrong-slot-on-simplex.json';

// A file cannot say which of several texts a text is: a test holds each against the schema.
export const SCENARIOS = [
  modeCaptured,
  busyRoom,
  unlinkWhileItTalks,
  caughtInTheGap,
  keyUpTooShort,
  groupFellAsleep,
  secondGroupOnTheSlot,
  heardButNotReached,
  linkCommandRepeated,
  roomNotFound,
  roomShownFlashing,
  standbyWithALink,
  recalledWithoutAWayBack,
  twoAtOnce,
  echoThatOthersHear,
  wideGroupOnARepeater,
  ownGroupNotInTheList,
  borrowedCodeplug,
  secondNetworkWithoutRules,
  privateUnlinkWithoutARule,
  wideVoiceCrossMode,
  wrongSlotOnSimplex,
  notStartedYet,
  powerCut,
  squelchOpen,
] as unknown as readonly Scenario[];
