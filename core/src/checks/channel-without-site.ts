import { rows } from '../plan/table';
import { defineCheck } from './check';
import { channelPointer, channelSubject, eachDisagreement, set } from './walk';

export const channelWithoutSite = defineCheck({
  id: 'channel-without-site',
  severity: 'doubtful',
  title: 'Channel linked to no site',
  fact: 'site',
  docs: {
    summary: 'A channel is not linked to a site, so nothing can be held against it.',
    why: 'Whether it works cannot be proved.',
    remedy:
      'Link it to the hotspot or repeater it is meant for, say that it is direct or only for receiving, or take it out.',
  },
  messages: { unlinked: 'The channel is linked to no site.' },
  fixes: {
    link: 'Link it to {site}',
    direct: 'It is for talk from radio to radio',
    receive: 'It is only for receiving',
  },
  check(index, report) {
    const sites = rows(index.plan.sites);
    eachDisagreement(index, 'site', 'site', (context) => {
      const pointer = channelPointer(context, 'siteId');
      const near =
        sites.find((site) => site.txHz === context.channel.rxHz) ?? (sites.length === 1 ? sites[0] : undefined);
      const { rxHz, txHz } = context.channel;
      const purpose = channelPointer(context, 'purpose');
      report({
        message: 'unlinked',
        pointer,
        subject: channelSubject(context),
        fixes: [
          ...(near
            ? [
                {
                  id: 'link' as const,
                  data: { site: near.name },
                  patches: [
                    set(pointer, near.id),
                    ...(rxHz === near.txHz ? [] : [set(channelPointer(context, 'rxHz'), near.txHz)]),
                    ...(txHz === near.rxHz ? [] : [set(channelPointer(context, 'txHz'), near.rxHz)]),
                  ],
                },
              ]
            : []),
          ...(rxHz === txHz ? [{ id: 'direct' as const, patches: [set(purpose, 'direct')] }] : []),
          { id: 'receive', patches: [set(purpose, 'receive only')] },
        ],
      });
    });
  },
});
