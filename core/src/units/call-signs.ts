/** Call signs, and what people add before and behind them. */

/** Letters and digits with at least one of each. ITU Radio Regulations, Article 19: the form of amateur call signs. */
const PLAIN = /^(?=.*[A-Z])(?=.*\d)[A-Z0-9]{3,8}$/;

/** What is added: the country of a visit before it, `P`, `M`, a district or the like behind it. */
const ADDED = /^[A-Z0-9]{1,4}$/;

/** `QO3VES`, `QO3VES/P`, `F/QO3VES`, `F/QO3VES/P`; capital letters. */
export function isCallSign(text: string): boolean {
  const parts = text.split('/');
  if (parts.length > 3) return false;
  const base = baseCallSign(text);
  return PLAIN.test(base) && parts.every((part) => part === base || ADDED.test(part));
}

/** The call sign itself, without what is added: the longest part that is one. `F/QO3VES/P` → `QO3VES`. */
export function baseCallSign(text: string): string {
  const parts = text.split('/');
  const own = parts.filter((part) => PLAIN.test(part));
  return own.reduce((best, part) => (part.length > best.length ? part : best), own[0] ?? text);
}

/** What is added behind a call sign: `QO3VES/P` → `P`; empty for none. */
export function addedBehind(text: string): string {
  const base = baseCallSign(text);
  const parts = text.split('/');
  const behind = parts.slice(parts.indexOf(base) + 1).join('/');
  return behind;
}

/**
 * A call sign as it was probably meant: in capital letters, without stray signs. What stands apart behind a whole call sign is an
 * addition and is kept apart: `qo3ves-p` → `QO3VES/P`, `qo3 ves` → `QO3VES`. `null` where none can be made of it.
 */
export function tidyCallSign(text: string): string | null {
  const parts = text
    .toUpperCase()
    .split(/[^A-Z0-9/]+/)
    .filter((part) => part !== '');
  const joined = parts.reduce((whole, part) => {
    if (whole === '' || whole.endsWith('/') || part.startsWith('/')) return whole + part;
    // A call sign ends with a letter behind its digits: what comes after that is no part of it.
    return /\d[A-Z]+$/.test(whole) && PLAIN.test(baseCallSign(whole)) ? `${whole}/${part}` : whole + part;
  }, '');
  return isCallSign(joined) ? joined : null;
}
