/** What a radio holds for DMR, by what it is looked up by. */
import type { PlanIndex } from '../../path/types';
import { rows } from '../../plan/table';
import type { Id } from '../../plan/types';
import { contactKey } from './contact-key';

export interface DmrHoldings {
  /** By `contactKey`. */
  contacts: ReadonlySet<string>;
  receiveLists: ReadonlyMap<Id, ReadonlySet<number>>;
}

function make({ plan }: PlanIndex, radioId: Id): DmrHoldings {
  const { contacts, receiveLists } = plan.codeplugs[radioId]!.dmr;
  return {
    contacts: new Set(rows(contacts).map((contact) => contactKey(contact.kind, contact.number))),
    receiveLists: new Map(rows(receiveLists).map((list) => [list.id, new Set(list.groups)])),
  };
}

/** The contacts and receive lists of a radio by what they are for, found once per version of the plan. */
export function holdingsOf(index: PlanIndex, radioId: Id): DmrHoldings {
  return index.look(make, radioId);
}
