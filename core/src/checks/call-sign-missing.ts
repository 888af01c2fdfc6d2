import { isCallSign, tidyCallSign } from '../units/call-signs';
import { set } from './walk';
import { defineCheck } from './check';

export const callSignMissing = defineCheck({
  id: 'call-sign-missing',
  severity: 'broken',
  title: 'Call sign missing or malformed',
  fact: 'call-sign',
  docs: {
    summary: 'The station has no call sign, or one that is not made of letters and digits.',
    why: 'Every transmission must be identified; sites and networks refuse a station without a call sign.',
    remedy: 'Enter the call sign of your licence under Station.',
    source: { kind: 'published', name: 'ITU Radio Regulations, Article 19 (identification of stations)' },
  },
  messages: {
    missing: 'The station has no call sign.',
    malformed:
      'The call sign is “{has}”; expected 3 to 8 letters and digits with at least one of each, with / before or behind for what is added.',
  },
  fixes: { tidy: 'Set it to {expects}' },
  check(index, report) {
    const { callSign } = index.plan.station;
    const pointer = '/station/callSign';
    if (callSign === '') report({ message: 'missing', pointer });
    else if (!isCallSign(callSign)) {
      const tidy = tidyCallSign(callSign);
      const fixes =
        tidy === null ? [] : [{ id: 'tidy' as const, data: { expects: tidy }, patches: [set(pointer, tidy)] }];
      report({ message: 'malformed', data: { has: callSign }, pointer, fixes });
    }
  },
});
