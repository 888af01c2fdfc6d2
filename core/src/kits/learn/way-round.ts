/** Which of two frequencies is received and which is sent, where titles do not say it, or known sites say otherwise. */
import { decodeCell } from '../codec';
import { type Candidate, titleScore } from './candidates';
import type { Draft } from './draft';
import type { Evidence } from './learnt';

const DOUBT = 0.6;

/** The pairs of different frequencies of two columns, as many as are looked at. */
function pairsOf(rx: Candidate, tx: Candidate): [string, string][] {
  return rx.column.cells.flatMap((cell, at): [string, string][] => {
    const [one, other] = [decodeCell(rx.codec, cell), decodeCell(tx.codec, tx.column.cells[at] ?? '')];
    return one !== undefined && other !== undefined && one !== other && other !== '0' ? [[one, other]] : [];
  });
}

/** `rx + shift = tx` where the table has a shift with its sign, or a size and a direction. */
function byShift(draft: Draft, rx: Candidate, tx: Candidate): number {
  const shift = draft.taken.find(({ field }) => field.id === 'shift');
  const direction = draft.taken.find(({ field }) => field.id === 'direction');
  if (!shift) return 0;
  let votes = 0;
  rx.column.cells.forEach((cell, at) => {
    const [one, other] = [Number(decodeCell(rx.codec, cell)), Number(decodeCell(tx.codec, tx.column.cells[at] ?? ''))];
    const size = Number(decodeCell(shift.codec, shift.column.cells[at] ?? ''));
    const way = direction ? decodeCell(direction.codec, direction.column.cells[at] ?? '') : undefined;
    const signed = way === '-' ? -Math.abs(size) : way === '+' ? Math.abs(size) : size;
    if (!Number.isFinite(one + other + size) || size === 0 || (size > 0 && direction && way === undefined)) return;
    if (one + signed === other) votes += 1;
    else if (other + signed === one) votes -= 1;
  });
  return votes;
}

function swap(rx: Candidate, tx: Candidate): void {
  [rx.column, tx.column] = [tx.column, rx.column];
  [rx.codec, tx.codec] = [tx.codec, rx.codec];
}

/** Puts the two the right way round, or marks both as doubtful. */
export function whichWayRound(draft: Draft, evidence: Evidence): void {
  const rx = draft.taken.find(({ field }) => field.id === 'rx');
  const tx = draft.taken.find(({ field }) => field.id === 'tx');
  if (!rx || !tx || rx.because === 'you said so' || tx.because === 'you said so') return;
  const pairs = pairsOf(rx, tx);
  const right = pairs.filter(([one, other]) => evidence.pairs.has(`${one} ${other}`)).length;
  const wrong = pairs.filter(([one, other]) => evidence.pairs.has(`${other} ${one}`)).length;
  const votes = byShift(draft, rx, tx) + (right - wrong);
  const isTitled = [rx, tx].every(({ field, column }) => titleScore(field, column) === 1);
  if (votes < 0 && !isTitled) swap(rx, tx);
  if (votes !== 0 && !isTitled) {
    for (const one of [rx, tx]) Object.assign(one, { confidence: Math.max(one.confidence, 0.9), because: 'relation' });
    return;
  }
  // Titles say one thing and known sites another, or nothing says anything.
  const isAgainst = isTitled && votes < 0;
  if (isAgainst || (!isTitled && pairs.length > 0))
    for (const one of [rx, tx]) one.confidence = Math.min(one.confidence, DOUBT);
}
