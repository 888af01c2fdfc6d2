import { daysBetween } from '../path/common-facts';
import { defineCheck } from './check';
import { eachRepeater } from './walk';

/** Common practice: after this many days a list of repeaters is looked at with care. */
const FRESH_DAYS = 90;

export const listOutdated = defineCheck({
  id: 'list-outdated',
  severity: 'note',
  title: 'The list is older than 90 days',
  docs: {
    summary: 'Repeaters of the plan come from a list that is more than 90 days old.',
    why: 'Tones, color codes and groups change; an old list is right about most of them, and you cannot see about which.',
    remedy: 'Get the list anew and import it under Sites; your corrections stay.',
    source: { kind: 'common practice', name: 'a repeater list ages: warn after 90 days' },
  },
  messages: { old: '{count} taken from “{list}” of {has}, {days} days old; expected at most {most}.' },
  fixes: {},
  check(index, report) {
    const { today } = index;
    if (today === null) return;
    const found = new Map<
      string,
      { pointer: string; name: string; issuedOn: string; sites: string[]; siteId: string }
    >();
    eachRepeater(index.plan, (site, pointer) => {
      const { list } = site.listing;
      if (!list?.issuedOn || daysBetween(list.issuedOn, today) <= FRESH_DAYS) return;
      const key = `${list.name} ${list.issuedOn}`;
      const one = found.get(key) ?? {
        pointer: `${pointer}/listing/list`,
        name: list.name,
        issuedOn: list.issuedOn,
        sites: [],
        siteId: site.id,
      };
      one.sites.push(site.name);
      found.set(key, one);
    });
    for (const { pointer, name, issuedOn, sites, siteId } of found.values()) {
      const count = sites.length === 1 ? `${sites[0]} is` : `${sites.length} repeaters are`;
      report({
        message: 'old',
        data: { count, list: name, has: issuedOn, days: daysBetween(issuedOn, today), most: FRESH_DAYS },
        pointer,
        subject: { siteId },
      });
    }
  },
});
