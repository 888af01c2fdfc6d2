/** Errors of the domain; `http/problems.ts` says which status each becomes. None of them knows of HTTP. */
import type { Problem } from '@relay/core/plan/problem';
import type { EditRow } from './db/entities';

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

/** The edit was made on an older version: carries what has happened since. */
export class StaleVersion extends Error {
  constructor(
    readonly version: number,
    readonly since: EditRow[],
  ) {
    super(`The plan has gone on to version ${version}.`);
  }
}
