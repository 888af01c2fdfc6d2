/** Errors of the domain; `http/problems.ts` says which status each becomes. None of them knows of HTTP. */
import type { Problem } from '@relay/core/plan/problem';

export class NotFound extends Error {
  constructor(what: string) {
    super(`${what} was not found.`);
  }
}

/** More bytes than are taken at once. */
export class TooLarge extends Error {
  constructor(most: number) {
    super(`The file is larger than ${Math.floor(most / 1024 / 1024)} MB.`);
  }
}

export class InvalidRequest extends Error {
  constructor(readonly problems: Problem[]) {
    super(
      problems[0]
        ? `${problems[0].pointer || '/'}: found ${problems[0].found}, expected ${problems[0].expected}.`
        : 'The request is not valid.',
    );
  }
}

/** The plan would not be sound after the edit. */
export class InvalidPlan extends InvalidRequest {}

/** The body is no JSON, or in no encoding that is read. */
export class Unreadable extends Error {}

/** A content type or an encoding of the body that is not read. */
export class NotTaken extends Error {}

/**
 * The edit was made on another version: carries what has happened since, as JSON; `null` where that is no longer at
 * hand.
 */
export class StaleVersion extends Error {
  constructor(
    readonly version: number,
    readonly since: string | null,
  ) {
    super(`The plan is at version ${version}.`);
  }
}

/** The stored plan cannot be read: it is set aside, and says why. */
export class Spoiled extends Error {}

/** More is asked than can be done now; later it can. */
export class Overloaded extends Error {
  constructor(why: string) {
    super(`The server is busy: ${why}. Try again in a moment.`);
  }
}

/** Nobody is signed in, where that is needed. */
export class NotSignedIn extends Error {}

/** Too many tries within a time. */
export class TooManyTries extends Error {
  constructor(readonly seconds: number) {
    super(`Too many tries: wait ${seconds} s.`);
  }
}
