/** What a mode asks of somebody who begins, and how the answers become a plan. */
import type { Destination, Id, Plan } from '../plan/types';

export interface FirstQuestion {
  key: string;
  label: string;
  example: string;
  hint?: string;
  /** May stay empty. */
  optional?: true;
  /** Is not shown while it is typed. */
  secret?: true;
}

export type FirstAnswers = Readonly<Record<string, string>>;

/** What is wrong with an answer. */
export interface FirstProblem {
  key: string;
  problem: string;
}

/** Where things stand in the plan that is begun. */
export interface FirstIds {
  radioId: Id;
  siteId: Id;
  /** There where the mode has networks. */
  networkId: Id;
}

export interface ModeFirst {
  /** What the first call goes through: a hotspot of one's own, or a repeater. */
  through: 'hotspot' | 'repeater';
  /** The number that whoever sends in it has; `null` where nobody has one. */
  id: { label: string; most: number } | null;
  /** An example of what such a site sends on, MHz. */
  exampleMHz: string;
  /** In the order in which they are asked. */
  questions: readonly FirstQuestion[];
  /**
   * Puts the answers into a draft that has radio, site and network already.
   * @returns what is wanted, or what is wrong
   */
  furnish(draft: Plan, at: FirstIds, answers: FirstAnswers): Destination | FirstProblem;
}

/** What somebody calls it, else what it is called by. */
export function nameOr(answer: string | undefined, otherwise: string): string {
  return (answer ?? '').trim().slice(0, 60).trim() || otherwise;
}
