// @ts-check
/** A failure that the user can do something about: one line, no stack. */
export class Failure extends Error {}

/**
 * What a program's last words mean, when they are of the known kind.
 * @param {string} output
 * @param {string} folder the folder that was written to
 */
export function knownCause(output, folder) {
  if (/ENOSPC|No space left on device|disk full/i.test(output))
    return `The disk that holds ${folder} is full: free some space, then run the same command again.`;
  if (/EACCES|Permission denied/i.test(output))
    return `This account may not write to ${folder}: give it the right, or set RELAY_HOME to a folder of its own.`;
  if (/EAI_AGAIN|ENOTFOUND|ECONNREFUSED.*registry|Temporary failure resolving|Could not resolve/i.test(output))
    return 'The package registry cannot be reached: check the network, then run the same command again.';
  return null;
}

/**
 * @param {string} what what was being done
 * @param {string} output
 * @param {string} folder
 */
export function failureFrom(what, output, folder) {
  const cause = knownCause(output, folder);
  const last = output.trim().split('\n').slice(-3).join(' | ');
  return new Failure(cause ?? `${what} failed: ${last || 'no output'}`);
}
