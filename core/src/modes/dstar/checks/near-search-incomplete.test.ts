import { testCheck } from '../../../testing/check-tester';
import { dstarPlan } from '../../../testing/sample-dstar';
import type { Recipe } from '../../../plan/edit';
import type { Plan } from '../../../plan/types';
import { nearSearchIncomplete } from './near-search-incomplete';

const listed =
  (change: Recipe = () => undefined) =>
  (plan: Plan): void => {
    plan.radios.byId['r2']!.dstar!.siteList = { sites: 100, groups: 10, nameLength: 16, nearSearch: true };
    change(plan);
  };

testCheck(nearSearchIncomplete, {
  plan: dstarPlan,
  valid: [
    { name: 'a radio without a site list' },
    { name: 'all is said', change: listed() },
    {
      name: 'it does not look for near sites',
      change: listed((plan) => {
        plan.radios.byId['r2']!.dstar!.siteList!.nearSearch = false;
        plan.sites.byId['rp4']!.dstar!.utcOffsetMin = null;
      }),
    },
  ],
  invalid: [
    {
      name: 'no offset',
      change: listed((plan) => void (plan.sites.byId['rp4']!.dstar!.utcOffsetMin = null)),
      findings: [
        {
          message: 'offset',
          pointer: '/sites/byId/rp4/dstar/utcOffsetMin',
          says: 'Merrin Ridge has no offset from UTC; Pilot looks for near sites.',
        },
      ],
    },
    {
      name: 'no position',
      change: listed((plan) => void (plan.station.position = null)),
      findings: [
        {
          message: 'position',
          pointer: '/sites/byId/s1/dstar/utcOffsetMin',
          says: 'Home has no position; Pilot looks for near sites.',
        },
      ],
    },
    {
      name: 'neither',
      change: listed((plan) => {
        plan.station.position = null;
        plan.sites.byId['s1']!.dstar!.utcOffsetMin = null;
      }),
      findings: [{ message: 'both', pointer: '/sites/byId/s1/dstar/utcOffsetMin' }],
    },
  ],
});
