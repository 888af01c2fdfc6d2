/**
 * An index that follows a plan from edit to edit and works out again only what an edit touches. `index` stays the same
 * object and tells of the plan as it is after the last `become`. It is of one world.
 */
import type { Id, Plan } from '../plan/types';
import type { AroundSite } from './around';
import { indexPlan, type IndexOptions, lookUps, trace } from './plan-index';
import { type Make, Memo, Part } from './tracking/memo';
import { PlanView } from './tracking/plan-view';
import type { PlanIndex, TracedPath } from './types';
import { NO_WORLD, type World } from './world';

/** Channels are looked at by so many: after an edit the others are passed over in one step. */
const AT_ONCE = 64;

/** A function of its own for each kind of value: the memo knows values by it. */
const named = (): Make => () => undefined;

export class FollowingIndex {
  private readonly memo = new Memo();
  private readonly follows: PlanView;
  private readonly aroundPart = new Part();
  private readonly traceOf = named();
  private readonly idsOf = named();
  private readonly allOf = new Map<Make, { some: Make; all: Make }>();
  readonly index: PlanIndex;

  constructor(
    plan: Plan,
    private readonly options: IndexOptions,
  ) {
    const { memo } = this;
    const { modes, world = NO_WORLD, today = null } = options;
    this.aroundNow = options.around ?? [];
    this.follows = new PlanView(memo, plan);
    const readAround = () => {
      memo.read(this.aroundPart);
      return this.aroundNow;
    };
    const index: PlanIndex = {
      plan: this.follows.view,
      whole: () => this.follows.readAll(),
      modes,
      world,
      today,
      get around() {
        return readAround();
      },
      look: (make, id) => memo.get(make, id, () => make(index, id)),
      ...lookUps(() => index),
      // A context stands for its whole path: one is as good as another only where it is the same.
      paths: () => this.together(this.traceOf, (radioId, from) => this.tracedSome(radioId, from), Object.is),
      eachPath: (make) => this.eachPath(make),
      ofPaths: (make) => this.ofPaths(make),
      once: (make) => memo.get(make, '', () => make(index)),
      with: (other) => this.apart(other),
    };
    this.index = index;
  }

  private aroundNow: readonly AroundSite[];

  /** The plan as it is now. */
  get plan(): Plan {
    return this.follows.plan;
  }

  /** Another version of the plan; what the two share is known by its identity. */
  become(next: Plan): void {
    this.follows.become(next);
  }

  /** Sites that lists name around the hotspots. */
  setAround(around: readonly AroundSite[]): void {
    this.aroundNow = around;
    this.memo.changed(this.aroundPart);
  }

  /** An index of the plan as it is now, which stays so. */
  apart(world: World = NO_WORLD): PlanIndex {
    return indexPlan(this.plan, { ...this.options, world, around: this.aroundNow });
  }

  private traced(radioId: Id, channelId: Id): TracedPath {
    const make = () => trace(this.index, radioId, channelId);
    return this.memo.get(this.traceOf, `${radioId}/${channelId}`, make, Object.is);
  }

  /** Some of the channels of a radio, in their order. */
  private ids(radioId: Id, from: number): readonly Id[] {
    return this.memo.get(this.idsOf, `${radioId}/${from}`, () =>
      this.follows.channelOrder(radioId).slice(from, from + AT_ONCE),
    );
  }

  private namesOf(make: Make): { some: Make; all: Make } {
    let names = this.allOf.get(make);
    if (!names) this.allOf.set(make, (names = { some: named(), all: named() }));
    return names;
  }

  /** The paths of some of the channels of a radio. */
  private tracedSome(radioId: Id, from: number): readonly TracedPath[] {
    const { some } = this.namesOf(this.traceOf);
    const make = () => this.ids(radioId, from).map((id) => this.traced(radioId, id));
    return this.memo.get(some, `${radioId}/${from}`, make, Object.is);
  }

  /** A value for every channel, each of which may look at the plan. */
  private eachPath<T>(make: (traced: TracedPath) => T): readonly T[] {
    const { some } = this.namesOf(make);
    const one = (radioId: Id, id: Id) => this.memo.get(make, `${radioId}/${id}`, () => make(this.traced(radioId, id)));
    return this.together(make, (radioId, from) =>
      this.memo.get(some, `${radioId}/${from}`, () => this.ids(radioId, from).map((id) => one(radioId, id))),
    );
  }

  /** What the path alone tells: as long as that is the same, so is this. */
  private ofPaths<T>(make: (traced: TracedPath) => T): readonly T[] {
    const { some } = this.namesOf(make);
    const tell = (radioId: Id, from: number) => {
      let before: { paths: readonly TracedPath[]; told: readonly T[] } = { paths: [], told: [] };
      return () => {
        const paths = this.tracedSome(radioId, from);
        const told = this.memo.alone(() =>
          paths.map((traced, at) => (before.paths[at] === traced ? before.told[at]! : make(traced))),
        );
        before = { paths, told };
        return told;
      };
    };
    return this.together(make, (radioId, from) => this.memo.get(some, `${radioId}/${from}`, tell(radioId, from)));
  }

  /** All of what there is of some channels each, in the order of radios, then of channels. */
  private together<T>(
    make: Make,
    someOf: (radioId: Id, from: number) => readonly T[],
    isSame?: (a: unknown, b: unknown) => boolean,
  ): readonly T[] {
    const { all } = this.namesOf(make);
    const everything = () => {
      const found: T[] = [];
      for (const radioId of this.index.plan.radios.order) {
        const count = this.follows.channelOrder(radioId).length;
        for (let from = 0; from < count; from += AT_ONCE) for (const value of someOf(radioId, from)) found.push(value);
      }
      return found;
    };
    return this.memo.get(all, '', everything, isSame);
  }
}
