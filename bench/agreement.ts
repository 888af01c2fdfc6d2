/** Tracing and checking everything, as a ratio to `structuredClone` of the same plan. Goal: at most 1.5 at 4,000 channels; growth linear from 500 to 16,000 channels. */
import { agreementOf } from '@relay/core/agreement/agreement';
import { planIndex } from '@relay/core/registries/modes';
import { edit } from '@relay/core/plan/edit';
import { generatedPlan } from './generated-plan';
import { medianMs } from './measure';

const GOAL = 1.5;

export function benchAgreement(): void {
  console.log('trace and check; 60 sites, 2,000 talk groups');
  console.log(
    `${'channels'.padStart(8)}  ${'trace+check'.padStart(12)}  ${'clone'.padStart(10)}  ${'ratio'.padStart(6)}  ${'µs/channel'.padStart(10)}  ${'one edit'.padStart(9)}  findings`,
  );
  const perChannel: number[] = [];
  let worst = 0;
  for (const channels of [500, 1000, 2000, 4000, 8000, 16_000]) {
    const plan = generatedPlan({ channels, sites: 60, groups: 2000 });
    let findings = 0;
    const checkMs = medianMs(() => (findings = agreementOf(plan, planIndex(plan)).findings.length));
    const cloneMs = medianMs(() => structuredClone(plan));
    let flip = 0;
    const editMs = medianMs(() =>
      edit(plan, (draft) => void (draft.sites.byId['s0']!.dmr!.colorCode = (flip += 1) % 16)),
    );
    perChannel.push((1000 * checkMs) / channels);
    if (channels === 4000) worst = checkMs / cloneMs;
    console.log(
      `${String(channels).padStart(8)}  ${`${checkMs.toFixed(1)} ms`.padStart(12)}  ${`${cloneMs.toFixed(1)} ms`.padStart(10)}  ${(checkMs / cloneMs).toFixed(2).padStart(6)}  ${((1000 * checkMs) / channels).toFixed(1).padStart(10)}  ${`${editMs.toFixed(1)} ms`.padStart(9)}  ${findings}`,
    );
  }
  console.log(
    `at 4,000 channels: ${worst.toFixed(2)} × structuredClone (goal at most ${GOAL}); cost per channel at 16,000 is ${(perChannel.at(-1)! / perChannel[1]!).toFixed(2)} × that at 1,000`,
  );
}
