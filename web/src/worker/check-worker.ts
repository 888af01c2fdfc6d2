/** Holds a copy of the plan and answers with its agreement, off the page's thread. */
import { expose } from 'comlink';
import { type ExplainedFinding, findingsOf, type Verdicts, verdictsOf } from '@relay/core/agreement/agreement';
import { type FindingsDelta, findingsDelta, type VerdictsDelta, verdictsDelta } from '@relay/core/agreement/delta';
import { type ProfileMatrix, profileMatrix } from '@relay/core/agreement/profile-matrix';
import { describePath, type RelayView } from '@relay/core/path/describe';
import { contextOf } from '@relay/core/path/context';
import { tracePath } from '@relay/core/path/trace';
import type { AroundSite } from '@relay/core/path/around';
import type { PlanIndex } from '@relay/core/path/types';
import type { FollowingIndex } from '@relay/core/path/following-index';
import { keyUp } from '@relay/core/path/key-up';
import type { World } from '@relay/core/path/world';
import { followingIndex, planIndex } from '@relay/core/registries/traced';
import { applyEach, type Patch } from '@relay/core/plan/patches';
import { asIfRunning } from '@relay/core/plan/profile-acts';
import type { Plan } from '@relay/core/plan/types';

let following: FollowingIndex | null = null;
let around: readonly AroundSite[] = [];
/** What the page has been told. */
let told: Verdicts | null = null;
let toldFindings: readonly ExplainedFinding[] = [];
/** The core has no clock: ages are held against the day on which this was opened. */
const today = new Date().toISOString().slice(0, 10);

function present(): FollowingIndex {
  if (!following) throw new Error('The worker was asked before it was given a plan.');
  return following;
}

/** The verdicts that the page does not know yet: it shows them while the checks run. */
function tell(): VerdictsDelta {
  const now = verdictsOf(present().index);
  const delta = verdictsDelta(told, now);
  told = now;
  return delta;
}

export interface SeenAs {
  siteId: string;
  profileId: string;
}

/** The plan as if a hotspot ran another of its profiles; as it is where that profile is gone. */
function underProfile({ siteId, profileId }: SeenAs, world: World): PlanIndex {
  const { plan } = present();
  const isThere = plan.profiles.byId[profileId]?.siteId === siteId;
  return planIndex(isThere ? asIfRunning(plan, siteId, profileId) : plan, { today, around, world });
}

const checker = {
  /** Everything of a plan. */
  setPlan(plan: Plan): VerdictsDelta {
    following = followingIndex(plan, { today, around });
    told = null;
    toldFindings = [];
    return tell();
  },
  /** The same edits as the page made, in the same order. */
  applyPatches(patches: Patch[]): VerdictsDelta {
    present().become(applyEach(present().plan, [patches]).document);
    return tell();
  },
  /** Sites that lists name around the hotspots. */
  setAround(next: readonly AroundSite[]): VerdictsDelta {
    around = next;
    present().setAround(next);
    return tell();
  },
  /** The findings that the page does not know yet. */
  findings(): FindingsDelta {
    const now = findingsOf(present().index);
    const delta = findingsDelta(toldFindings, now);
    toldFindings = now;
    return delta;
  },
  relayView(radioId: string, channelId: string, world: World, seenAs: SeenAs | null): RelayView | null {
    const index = seenAs ? underProfile(seenAs, world) : present().apart(world);
    const channel = index.plan.codeplugs[radioId]?.channels.byId[channelId];
    if (!channel) return null;
    const context = contextOf(index, radioId, channel);
    return describePath(tracePath(context), context);
  },
  /** Which paths through a hotspot are whole under which of its profiles; `null` where it is gone. */
  profileMatrix(siteId: string): ProfileMatrix | null {
    const { plan } = present();
    if (plan.sites.byId[siteId]?.kind !== 'hotspot') return null;
    return profileMatrix(plan, siteId, (of) => planIndex(of, { today, around }));
  },
  /** The world after a channel was keyed. */
  keyUp(radioId: string, channelId: string, world: World, atMs: number): World {
    const index = present().apart(world);
    const channel = index.plan.codeplugs[radioId]?.channels.byId[channelId];
    return channel ? keyUp(world, contextOf(index, radioId, channel), atMs) : world;
  },
};

export type Checker = typeof checker;

expose(checker);
