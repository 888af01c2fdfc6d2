// @ts-check
/**
 * The shared password of a server that is open to the network: kept as a hash, beside what else belongs to this home.
 */
import { renameSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { createInterface } from 'node:readline';
import { Failure } from './failure.mjs';
import { home } from './paths.mjs';

const LEAST_LETTERS = 12;

export const accessFile = () => join(home(), 'access');

/** Addresses that only this machine can call. @param {string} host */
export const isLoopback = (host) => host === 'localhost' || host === '::1' || /^127\./.test(host);

/** One line from whoever runs the command, or from another program. */
async function line() {
  if (process.stdin.isTTY) process.stdout.write(`A password of at least ${LEAST_LETTERS} letters (it is shown): `);
  const lines = createInterface({ input: process.stdin });
  for await (const text of lines) return text;
  return '';
}

/** Sets the password from standard input; `--off` takes it away. @param {string[]} words */
export async function access(words) {
  if (words.includes('--off')) {
    rmSync(accessFile(), { force: true });
    console.log('No password is set: the server is for this machine alone from its next start on.');
    return;
  }
  const password = (await line()).trim();
  if (password.length < LEAST_LETTERS)
    throw new Failure(`Found ${password.length} letters, expected a password of at least ${LEAST_LETTERS}.`);
  const { hash } = await import('@node-rs/argon2');
  const draft = `${accessFile()}.${process.pid}`;
  writeFileSync(draft, await hash(password), { mode: 0o600 });
  renameSync(draft, accessFile());
  console.log('The password is set, from the next start on. Open to the network: RELAY_LISTEN=<address> ./relay start');
}
