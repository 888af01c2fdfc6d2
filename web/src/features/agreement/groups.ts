/** Findings in two orders: by the path they break, or by the place where they are mended. */
import type { Agreement, ExplainedFinding } from '@relay/core/agreement/agreement';
import type { Plan } from '@relay/core/plan/types';

export interface FindingGroup {
  key: string;
  title: string;
  detail: string;
  findings: ExplainedFinding[];
}

function grouped(
  findings: readonly ExplainedFinding[],
  keyOf: (finding: ExplainedFinding) => Omit<FindingGroup, 'findings'>,
): FindingGroup[] {
  const groups = new Map<string, FindingGroup>();
  for (const finding of findings) {
    const { key, title, detail } = keyOf(finding);
    const group = groups.get(key) ?? { key, title, detail, findings: [] };
    group.findings.push(finding);
    groups.set(key, group);
  }
  return [...groups.values()];
}

/** Paths in the order of the codeplug first, then what concerns many paths at once. */
export function byPath(plan: Plan, agreement: Agreement): FindingGroup[] {
  const groups = grouped(agreement.findings, ({ subject }) => {
    const { radioId, channelId, siteId } = subject;
    if (radioId && channelId)
      return {
        key: `${radioId}/${channelId}`,
        title: plan.codeplugs[radioId]?.channels.byId[channelId]?.name ?? channelId,
        detail: plan.radios.byId[radioId]?.name ?? '',
      };
    if (radioId)
      return { key: radioId, title: plan.radios.byId[radioId]?.name ?? radioId, detail: 'every path of this radio' };
    if (siteId)
      return {
        key: siteId,
        title: plan.sites.byId[siteId]?.name ?? siteId,
        detail: `every path through this ${plan.sites.byId[siteId]?.kind ?? 'site'}`,
      };
    return { key: 'station', title: 'Station', detail: 'every path' };
  });
  const order = new Map(agreement.channels.map((one, at) => [`${one.radioId}/${one.channelId}`, at]));
  return groups.sort((a, b) => (order.get(a.key) ?? -1) - (order.get(b.key) ?? -1));
}

const PLACES: readonly [RegExp, string][] = [
  [/^\/station/, 'Station'],
  [/^\/radios/, 'Radios'],
  [/^\/networks/, 'Networks'],
  [/^\/sites/, 'Sites'],
  [/^\/(sites|profiles)/, 'Hotspots'],
  [/^\/codeplugs/, 'Codeplugs'],
];

export function byPlace(plan: Plan, agreement: Agreement): FindingGroup[] {
  const place = ({ pointer, subject }: ExplainedFinding) =>
    PLACES.findIndex(([pattern, title]) =>
      // One's own hotspots are looked after at Hotspots, repeaters at Sites.
      title === 'Sites' && plan.sites.byId[subject.siteId ?? '']?.kind === 'hotspot' ? false : pattern.test(pointer),
    );
  return grouped(agreement.findings, (finding) => ({
    key: `${place(finding)}/${finding.check}`,
    title: `${PLACES[place(finding)]?.[1] ?? 'Plan'}: ${finding.title}`,
    detail: '',
  })).sort((a, b) => a.key.localeCompare(b.key));
}
