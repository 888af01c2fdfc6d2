/** What can be held against each other: codeplugs as planned, as last written, and those of files. */
import type { Side } from '@relay/core/compare/meaning';
import { rows } from '@relay/core/plan/table';
import type { Codeplug, Plan } from '@relay/core/plan/types';
import { messageOf } from '../../sync/message-of';

export interface NamedSide {
  id: string;
  name: string;
  side: Side;
}

const day = (at: string) => new Date(at).toLocaleDateString('en', { dateStyle: 'medium' });

export function sidesOf(plan: Plan, read: readonly { name: string; codeplug: Codeplug }[]): NamedSide[] {
  const planned = rows(plan.radios).map(({ id, name }) => ({ id: `plan/${id}`, name, side: plan.codeplugs[id]! }));
  const written = rows(plan.radios).flatMap(({ id, name }): NamedSide[] => {
    const one = plan.written[id];
    return one ? [{ id: `written/${id}`, name: `${name}, as written ${day(one.at)}`, side: one }] : [];
  });
  const files = read.map(({ name, codeplug }, at) => ({ id: `file/${at}`, name, side: codeplug }));
  return [...planned, ...written, ...files];
}

/** The codeplugs in a file of ours: a table of one, or the radios of a plan file. */
export async function codeplugsIn(file: File): Promise<{ name: string; codeplug: Codeplug }[] | string> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  if (file.name.endsWith('.json')) {
    const { parseJson } = await import('@relay/core/formats/json');
    const { upgradePlan } = await import('@relay/core/plan/upgrade');
    const { value, finding } = parseJson(new TextDecoder().decode(bytes));
    try {
      const plan = finding ? null : (upgradePlan(value) as Plan);
      if (!plan) return `${file.name} is no plan file.`;
      return rows(plan.radios).map(({ id, name }) => ({
        name: `${name} of ${file.name}`,
        codeplug: plan.codeplugs[id]!,
      }));
    } catch (error) {
      return `${file.name} is no plan file: ${messageOf(error)}`;
    }
  }
  const [{ codeplugCsv }, { describeReadFinding }] = await Promise.all([
    import('@relay/core/registries/codeplug-csv'),
    import('@relay/core/formats/format'),
  ]);
  const { value, findings } = codeplugCsv.read(bytes);
  return value
    ? [{ name: file.name, codeplug: value }]
    : `${file.name} is no codeplug table: ${findings.slice(0, 3).map(describeReadFinding).join(' ')}`;
}
