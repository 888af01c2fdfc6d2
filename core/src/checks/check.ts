/**
 * A check is one declarative file: metadata above, logic below. It reports a message id and data, never prose;
 * `explain` turns a finding into words. What a check offers as a fix is an edit (patches) like any other.
 */
import type { Patch } from '../plan/patches';
import type { Id } from '../plan/types';
import type { FactKey, PlanIndex } from '../path/types';

/** `broken`: a call fails or may not be made. `doubtful`: it may fail, or bother others. `note`: worth knowing. */
export type Severity = 'broken' | 'doubtful' | 'note';

export interface Source {
  kind: 'published' | 'common practice' | 'from memory';
  name: string;
}

export interface CheckDocs {
  summary: string;
  /** One sentence: what goes wrong when this is left. */
  why: string;
  /** What to do, also where no press mends it. */
  remedy: string;
  source?: Source;
}

export type Data = Record<string, string | number>;

export interface Fix {
  /** A key of the check's `fixes`. */
  id: string;
  data: Data;
  patches: Patch[];
}

/** What a finding is about; the narrowest that holds. */
export interface Subject {
  radioId?: Id;
  channelId?: Id;
  siteId?: Id;
  networkId?: Id;
}

export interface Finding {
  check: string;
  severity: Severity;
  message: string;
  data: Data;
  /** JSON pointer (RFC 6901) to the value that is wrong. */
  pointer: string;
  subject: Subject;
  /** The pair of the path that this finding explains. */
  fact: FactKey | null;
  fixes: Fix[];
}

export interface Report<M extends string = string, F extends string = string> {
  (found: {
    message: M;
    data?: Data;
    pointer: string;
    subject?: Subject;
    fixes?: { id: F; data?: Data; patches: Patch[] }[];
  }): void;
}

export interface Check<M extends string = string, F extends string = string> {
  id: string;
  severity: Severity;
  title: string;
  docs: CheckDocs;
  /** With `{placeholders}` for the data. */
  messages: Record<M, string>;
  fixes: Record<F, string>;
  /** The pair of a path that this check explains, when it is about paths. */
  fact?: FactKey;
  check: (index: PlanIndex, report: Report<M, F>) => void;
}

/** Keeps the message and fix ids of one check in step with its code, and lets checks of all kinds stand in one list. */
export function defineCheck<M extends string, F extends string>(check: Check<M, F>): Check {
  return check as unknown as Check;
}
