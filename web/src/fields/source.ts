/** Where the values of a form come from: a form of settings above a base says so, and each of its fields shows it. */
import type { InjectionKey } from 'vue';
import type { PathKey } from '@relay/core/plan/patches';

export interface Source {
  /** `null`: nothing to show, as in a base. `from`: the name of the base. */
  of(path: readonly PathKey[]): { isOwn: boolean; from: string } | null;
  takeOver(path: readonly PathKey[], label: string): void;
  setBack(path: readonly PathKey[], label: string): void;
}

export const SOURCE: InjectionKey<Source> = Symbol('where values come from');
