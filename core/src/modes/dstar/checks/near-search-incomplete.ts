import { defineCheck } from '../../../checks/check';
import { rows } from '../../../plan/table';
import { positionOf } from '../../../plan/site-position';
import { eachDstarRadio } from './walk';

export const nearSearchIncomplete = defineCheck({
  id: 'near-search-incomplete',
  severity: 'note',
  title: 'A site cannot be found by near search',
  docs: {
    summary: 'A radio is to look for the nearest site, and a site of its list has no position or no time offset.',
    why: 'The radio leaves the site out of its near search, or shows the wrong time.',
    remedy: 'Enter the position and the offset from UTC of the site.',
    source: { kind: 'common practice', name: 'site lists hold position and time offset' },
  },
  messages: {
    position: '{site} has no position; {radio} looks for near sites.',
    offset: '{site} has no offset from UTC; {radio} looks for near sites.',
    both: '{site} has neither position nor offset from UTC; {radio} looks for near sites.',
  },
  fixes: {},
  check(index, report) {
    const { plan } = index;
    eachDstarRadio(index, (radio, { siteList }) => {
      if (!siteList?.nearSearch) return;
      for (const site of rows(plan.sites)) {
        if (!site.dstar || site.dstar.cable) continue;
        const lacks = [
          positionOf(plan, site) === null ? 'position' : '',
          site.dstar.utcOffsetMin === null ? 'offset' : '',
        ].filter(Boolean);
        if (lacks.length === 0) continue;
        report({
          message: lacks.length === 2 ? 'both' : (lacks[0] as 'position' | 'offset'),
          data: { site: site.name, radio: radio.name },
          pointer: `/sites/byId/${site.id}/dstar/utcOffsetMin`,
          subject: { radioId: radio.id, siteId: site.id },
        });
      }
    });
  },
});
