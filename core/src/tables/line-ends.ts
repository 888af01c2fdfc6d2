/** How the lines of a text end. */

/** Where line ends are mixed, cutting at the shorter one finds them all. */
export function newlineOf(text: string): '\r\n' | '\n' | '\r' {
  if (!text.includes('\n')) return '\r';
  return /(^|[^\r])\n/.test(text) ? '\n' : '\r\n';
}
