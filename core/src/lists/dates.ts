/** Dates as other people's lists write them. */
import { plainDashes } from './numbers';

/** Which of day and month comes first between slashes. */
export type DayOrder = 'day first' | 'month first';

/** ISO 8601 where the calendar has that day, else `null`. */
function iso(year: number, month: number, day: number): string | null {
  const date = new Date(Date.UTC(year, month - 1, day));
  const there = date.getUTCFullYear() === year && date.getUTCMonth() === month - 1 && date.getUTCDate() === day;
  return there && year >= 1900 && year < 2100
    ? `${year}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`
    : null;
}

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

/** The order of day and month that the cells of a column show; `null` where every one could be read both ways. */
export function dayOrderOf(cells: readonly string[]): DayOrder | null {
  for (const cell of cells) {
    const match = /^(\d{1,2})[/-](\d{1,2})[/-]\d{4}/.exec(plainDashes(cell));
    if (match && Number(match[1]) > 12) return 'day first';
    if (match && Number(match[2]) > 12) return 'month first';
  }
  return null;
}

/**
 * `2026-09-30`, `2026/09/30`, `20260930`, `30.9.2026`, `30 Sep 2026`, `Sept 30th, 2026`, and `30/09/2026` where day and
 * month can be told apart, or
 * `order` says which comes first. `null` for what is no date, for days that the calendar does not have, and for what
 * could be two.
 */
export function readDate(text: string, order: DayOrder | null = null): string | null {
  const plain = plainDashes(text).toLowerCase();
  const year = /^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})(?!\d)/.exec(plain) ?? /^(\d{4})(\d{2})(\d{2})(?!\d)/.exec(plain);
  if (year) return iso(Number(year[1]), Number(year[2]), Number(year[3]));
  const named = /^(?:[a-z]{3,9},?\s+)?(\d{1,2})(?:st|nd|rd|th)?[\s.-]+([a-z]{3})[a-z]*[\s.,-]+(\d{4})(?!\d)/.exec(
    plain,
  );
  if (named) return iso(Number(named[3]), MONTHS.indexOf(named[2]!) + 1, Number(named[1]));
  const american = /^([a-z]{3})[a-z]*\.?\s+(\d{1,2})(?:st|nd|rd|th)?,?\s+(\d{4})(?!\d)/.exec(plain);
  if (american) return iso(Number(american[3]), MONTHS.indexOf(american[1]!) + 1, Number(american[2]));
  const dotted = /^(\d{1,2})\.\s?(\d{1,2})\.\s?(\d{4})(?!\d)/.exec(plain);
  if (dotted) return iso(Number(dotted[3]), Number(dotted[2]), Number(dotted[1]));
  const slashed = /^(\d{1,2})[/-](\d{1,2})[/-](\d{4})(?!\d)/.exec(plain);
  if (!slashed) return null;
  const [first, second, in4] = slashed.slice(1).map(Number) as [number, number, number];
  const known = order ?? dayOrderOf([plain]) ?? (first === second ? 'day first' : null);
  if (known === null) return null;
  return known === 'day first' ? iso(in4, second, first) : iso(in4, first, second);
}
