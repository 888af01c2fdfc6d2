import { describe, expect, it } from 'vitest';
import { newRadio } from '../plan/create';
import { edit } from '../plan/edit';
import { MODE_IDS } from '../plan/modes';
import { putRow, rows } from '../plan/table';
import { validatePlan } from '../plan/validate';
import { newChannel } from '../registries/builder';
import { planIndex } from '../registries/modes';
import { everyMode } from '../testing/sample-every-mode';

const { plan } = edit(everyMode(), (draft) => {
  for (const mode of MODE_IDS) putRow(draft.radios, newRadio(`only-${mode}`, mode, [mode]));
});

describe('a channel that is added by hand', () => {
  it.each(MODE_IDS)('is of the mode that a radio of %s has, through a site that has it', (mode) => {
    const channel = newChannel(plan, `only-${mode}`, { id: 'new', purpose: 'talk' });
    expect(channel.mode).toBe(mode);
    const site = rows(plan.sites).find((one) => one[mode] !== null);
    expect(channel.siteId).toBe(site?.id ?? null);
    if (site) expect([channel.rxHz, channel.txHz]).toEqual([site.txHz, site.rxHz]);
  });

  it.each(MODE_IDS)('is direct in %s without a site, where that was asked for', (mode) => {
    const channel = newChannel(plan, `only-${mode}`, { id: 'new', purpose: 'direct' });
    expect(channel).toMatchObject({ mode, siteId: null, purpose: 'direct' });
    expect(channel.rxHz).toBe(channel.txHz);
    const { plan: with1 } = edit(plan, (draft) => putRow(draft.codeplugs[`only-${mode}`]!.channels, channel));
    expect(validatePlan(with1).problems).toEqual([]);
    expect(
      planIndex(with1)
        .paths()
        .find(({ path }) => path.channelId === 'new')!.context.purpose,
    ).toBe('direct');
  });

  it('is like the channel that it is added beside, under a name of its own', () => {
    const [radioId, codeplug] = Object.entries(plan.codeplugs).find(([, one]) => one.channels.order.length > 0)!;
    const like = rows(codeplug.channels).at(-1)!;
    const first = newChannel(plan, radioId, { id: 'a', purpose: 'talk', like });
    expect(first).toMatchObject({ mode: like.mode, siteId: like.siteId });
    const { plan: then } = edit(plan, (draft) => putRow(draft.codeplugs[radioId]!.channels, first));
    expect(newChannel(then, radioId, { id: 'b', purpose: 'talk', like }).name).toBe(`${first.name} 2`);
  });
});
