/**
 * Which ways a radio takes where it has not room for all. The objective, in this order: as many as can be of those that
 * come first, then of those between, then of those that come last; of the choices that are equal in this, one that
 * keeps most of what the radio has already. Solved exactly, by a solver of whole-number programs that is handed in.
 */
import type { Priority } from '../plan/types';
import type { Possible } from './ways';
import { overFor, type Problem } from './room';

/** Takes a program in LP format. @returns the values of its columns, or `null` where it has no solution */
export type Solve = (lp: string) => Promise<Readonly<Record<string, number>> | null>;

/** Long lines are hard to read, and some readers take only so much. */
const TERMS_A_LINE = 20;

/** A column that stands several times is told once with its number: a solver may take a second mention for an error. */
function sum(columns: readonly string[]): string {
  if (columns.length === 0) return '0 x0';
  const times = new Map<string, number>();
  for (const column of columns) times.set(column, (times.get(column) ?? 0) + 1);
  const terms = [...times].map(([column, count]) => (count === 1 ? column : `${count} ${column}`));
  const lines: string[] = [];
  for (let at = 0; at < terms.length; at += TERMS_A_LINE) lines.push(terms.slice(at, at + TERMS_A_LINE).join(' + '));
  return lines.join('\n + ');
}

/** Rows and lists that would not hold all: only these decide. */
function bindingOf({ rows, lists }: Problem): Pick<Problem, 'rows' | 'lists'> {
  const wanted = ({ bins }: Problem['lists'][number]) =>
    bins.reduce((total, { members, free, each }) => total + Math.max(0, Math.ceil((members.length - free) / each)), 0);
  return {
    rows: rows.filter(({ units, most }) => units.length > most),
    lists: lists.filter((one) => wanted(one) > one.most),
  };
}

/**
 * The column of each unit that decides: a unit that one way alone needs is that way, so that most columns go. `links`:
 * a way takes every shared unit that it needs.
 */
function columnsOf({ needs }: Problem, deciding: ReadonlySet<number>): { unit: Map<number, string>; links: string[] } {
  const users = new Map<number, Set<number>>();
  needs.forEach((own, way) => {
    for (const unit of own) if (deciding.has(unit)) users.set(unit, (users.get(unit) ?? new Set()).add(way));
  });
  const unit = new Map<number, string>();
  const links: string[] = [];
  for (const [at, ways] of users) {
    const [only] = ways;
    unit.set(at, ways.size === 1 ? `x${only}` : `y${at}`);
    if (ways.size > 1) for (const way of ways) links.push(`x${way} - y${at} <= 0`);
  }
  return { unit, links };
}

/** What holds whatever is asked for. */
function constraintsOf(problem: Problem): { lines: string[]; binary: string[]; whole: string[] } {
  const { rows, lists } = bindingOf(problem);
  const deciding = new Set([
    ...rows.flatMap(({ units }) => units),
    ...lists.flatMap(({ bins }) => bins.flatMap(({ members }) => members)),
  ]);
  const { unit, links } = columnsOf(problem, deciding);
  const lines = [...links];
  const whole: string[] = [];
  const many = (units: readonly number[]) => units.flatMap((one) => unit.get(one) ?? []);
  for (const { units, most } of rows) lines.push(`${sum(many(units))} <= ${Math.max(0, most)}`);
  lists.forEach(({ bins, most }, at) => {
    const further: string[] = [];
    bins.forEach(({ members, free, each }, place) => {
      if (members.length <= free) return;
      const column = `z${at}_${place}`;
      further.push(column);
      lines.push(`${sum(many(members))} - ${each} ${column} <= ${free}`);
    });
    whole.push(...further);
    lines.push(`${sum(further)} <= ${Math.max(0, most)}`);
  });
  for (const way of problem.fixed) lines.push(`x${way} = 1`);
  const shared = [...unit.values()].filter((column) => column.startsWith('y'));
  return { lines, binary: [...problem.needs.map((_, way) => `x${way}`), ...shared], whole };
}

function program(objective: readonly string[], { lines, binary, whole }: ReturnType<typeof constraintsOf>): string {
  return [
    'Maximize',
    ` obj: ${sum(objective)}`,
    'Subject To',
    ...lines.map((line, at) => ` c${at}: ${line}`),
    // A program without a constraint is none to some readers.
    ` c${lines.length}: x0 <= 1`,
    ...(whole.length > 0 ? ['Bounds', ...whole.map((column) => ` 0 <= ${column}`)] : []),
    'Binary',
    ` ${binary.join('\n ')}`,
    ...(whole.length > 0 ? ['General', ` ${whole.join('\n ')}`] : []),
    'End',
    '',
  ].join('\n');
}

const CLASSES: readonly (Priority | null)[] = ['first', null, 'last'];

/** The places of the ways that are taken. What has to stay is among them, even where that alone is too much. */
export async function choose(
  possible: readonly Possible[],
  problem: Problem,
  solve: Solve,
): Promise<ReadonlySet<number>> {
  const all = new Set(possible.keys());
  if (possible.length === 0 || overFor(problem, all).length === 0) return all;
  const held = constraintsOf(problem);
  const ofClass = CLASSES.map((priority) =>
    possible.flatMap(({ way }, at) => (way.priority === priority ? [`x${at}`] : [])),
  ).filter((ways) => ways.length > 0);
  const staying = possible.flatMap(({ want }, at) => (want ? [`x${at}`] : []));
  let found: Readonly<Record<string, number>> | null = null;
  for (const objective of [...ofClass, ...(staying.length > 0 ? [staying] : [])]) {
    found = await solve(program(objective, held));
    if (!found) return problem.fixed;
    const values = found;
    const reached = objective.reduce((total, column) => total + Math.round(values[column] ?? 0), 0);
    held.lines.push(`${sum(objective)} >= ${reached}`);
  }
  const values = found!;
  return new Set([...all].filter((way) => Math.round(values[`x${way}`] ?? 0) === 1));
}
