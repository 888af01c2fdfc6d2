/** How long things take in a rehearsal: what is usual, and what somebody knows better. Data only. */
import type { Schema } from './schema-parts';

export interface RehearsalTimes {
  /** For how long a hotspot looks for one mode before the next, ms. From memory. */
  dwellMs: number;
  /** What it needs of a signal to know it, ms. From memory. */
  syncMs: number;
  /** From power to work, ms. Common practice: about 70 s. */
  startMs: number;
  /** From a link being asked for to its answer, ms. From memory. */
  connectMs: number;
  /** For how long one is asked for that does not answer, ms. Common practice: 30 s in C4FM. */
  attemptMs: number;
  /** Of what a site says. From memory. */
  announceMs: number;
  /** From an over to its echo, ms. From memory. */
  echoAfterMs: number;
  /** For how long a hotspot stays in a mode where nobody has said, ms. Common practice: 20 s. */
  hangMs: number;
  /** For how long a repeater keeps a slot for the group that was heard on it last, ms. From memory. */
  holdMs: number;
  /** How likely the card is damaged where power is cut without shutting down, 0 to 1. From memory. */
  cutDamages: number;
  /** For how long a radio sends a stored tone code, with what it sends around it, ms. From memory. */
  codeMs: number;
  /** For how long a hotspot is away while it changes its profile, ms. From memory. */
  profileMs: number;
}

export const USUAL_TIMES: Readonly<RehearsalTimes> = {
  dwellMs: 500,
  syncMs: 150,
  startMs: 70_000,
  connectMs: 2_000,
  attemptMs: 30_000,
  announceMs: 2_500,
  echoAfterMs: 2_000,
  hangMs: 20_000,
  holdMs: 4_000,
  cutDamages: 0.2,
  codeMs: 2_200,
  profileMs: 8_000,
};

/** Nothing that is rehearsed takes longer, ms. */
export const MOST_TIME_MS = 600_000;

/** The times of a plan's rehearsals: those that are said in it, else what is usual. */
export const timesOf = ({ rehearsalTimes }: { rehearsalTimes: Partial<RehearsalTimes> }): RehearsalTimes => ({
  ...USUAL_TIMES,
  ...rehearsalTimes,
});

/** What is not said is left out. */
export const REHEARSAL_TIMES_SCHEMA: Schema = {
  type: 'object',
  additionalProperties: false,
  properties: Object.fromEntries(
    Object.keys(USUAL_TIMES).map((key) => [
      key,
      key === 'cutDamages'
        ? { type: 'number', minimum: 0, maximum: 1 }
        : // A mode that is looked at for no time is never found.
          { type: 'integer', minimum: key === 'dwellMs' ? 10 : 0, maximum: MOST_TIME_MS },
    ]),
  ),
};
