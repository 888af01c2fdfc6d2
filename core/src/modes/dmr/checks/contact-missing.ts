import { contactKey } from '../contact-key';
import { defineCheck } from '../../../checks/check';
import { calledNumber, whatIsAt } from '../links';
import { channelPointer, channelSubject } from '../../../checks/walk';
import { eachDisagreement } from './walk';
import { shortenName } from '../../../codeplug/names';
import { toPointer } from '../../../plan/patches';
import { freeId } from '../../../plan/table';
import { nameRules } from '../../../codeplug/room';

export const contactMissing = defineCheck({
  id: 'contact-missing',
  severity: 'doubtful',
  title: 'Contact missing',
  fact: 'contact',
  docs: {
    summary: 'A channel calls a number that is not among the radio’s contacts.',
    why: 'Most radios take a channel’s call from their contacts: without one the channel cannot be written.',
    remedy: 'Add the contact.',
    source: { kind: 'common practice', name: 'channels call through a contact' },
  },
  messages: { missing: 'The channel calls {kind} {number}; {radio} has no such contact.' },
  fixes: { add: 'Add contact “{name}”' },
  check(index, report) {
    eachDisagreement(index, 'contact', 'radio', (context) => {
      const { radio, channel, codeplug, arrives } = context;
      const { kind, number } = channel.dmr.call;
      const key = contactKey(kind, number);
      const id = freeId(`ct-${key}`, (taken) => taken in codeplug.dmr.contacts.byId);
      const name = shortenName(
        (arrives?.networkId != null ? whatIsAt(index, arrives.networkId, arrives.kind, arrives.number) : null) ??
          channel.name,
        nameRules(index.plan, radio),
      );
      const base = toPointer(['codeplugs', radio.id, 'dmr', 'contacts']);
      const patches = [
        { op: 'add' as const, path: `${base}/byId/${id}`, value: { id, name, kind, number } },
        { op: 'add' as const, path: `${base}/order/-`, value: id },
      ];
      report({
        message: 'missing',
        data: { kind, number: calledNumber(context), radio: radio.name, name },
        pointer: channelPointer(context, 'dmr', 'call'),
        subject: channelSubject(context),
        fixes: [{ id: 'add', patches }],
      });
    });
  },
});
