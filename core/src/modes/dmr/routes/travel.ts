/** Where one number goes when it is typed or called, said whole: both numbers, the place, the way back, and a doubt. */
import { rows } from '../../../plan/table';
import type { PlanIndex } from '../../../path/types';
import type { Id } from '../../../plan/types';
import { formatId } from '../addresses';
import { routesOf, whatIsAt } from '../links';
import { idsInUse } from './prefixes';
import { answer, type Call, forward, numberFor, type Routed } from './table';
import { rulePosition, ruleWords } from './words';

export interface Travel {
  sent: Call;
  /** `null` when the call stops at the gateway. */
  routed: Routed | null;
  /** Position of the rule that takes it, from 1; `null` when none does or none is asked. */
  position: number | null;
  networkName: string;
  /** What is at the number it comes out at; `null` when nothing is known. */
  name: string | null;
  /** One sentence: where it goes. */
  words: string;
  /** One sentence: which number shows where, and how the answer comes back. */
  shown: string;
  /** Why it is probably not what is meant; `null` when nothing speaks against it. */
  doubt: string | null;
  /** The number that was probably meant. */
  meant: number | null;
}

/** Other networks of the hotspot that know the number as typed: whoever types it bare probably means one of them. */
function knownElsewhere(
  index: PlanIndex,
  siteId: Id,
  sent: Call,
  here: Id | null,
): { words: string; meant: number } | null {
  const table = routesOf(index, siteId);
  for (const network of rows(index.plan.networks)) {
    if (network.id === here || !table.networkIds.includes(network.id)) continue;
    const name = whatIsAt(index, network.id, sent.kind, sent.number);
    const meant = name === null ? null : numberFor(table, network.id, sent.kind, sent.number, sent.slot);
    if (meant !== null)
      return {
        words: `${network.name} has ${sent.kind} ${sent.number}, ${name}: on the radio that is ${meant}.`,
        meant,
      };
  }
  return null;
}

function doubtOf(
  index: PlanIndex,
  siteId: Id,
  sent: Call,
  routed: Routed | null,
  name: string | null,
): { doubt: string | null; meant: number | null } {
  if (name !== null) return { doubt: null, meant: null };
  const other = knownElsewhere(index, siteId, sent, routed?.networkId ?? null);
  if (other) return { doubt: `Probably not meant: ${other.words}`, meant: other.meant };
  const id =
    sent.kind === 'group' && routed !== null && routed.number !== sent.number
      ? idsInUse(index.plan).get(sent.number)
      : undefined;
  if (id !== undefined)
    return {
      doubt: `Probably not meant: ${formatId(sent.number)} is ${id}, and the rule takes it apart.`,
      meant: null,
    };
  return { doubt: routed ? `Nothing is known at ${routed.kind} ${routed.number} there.` : null, meant: null };
}

/** `number` 1 to 16,776,415. @throws Error for an unknown site */
export function travel(index: PlanIndex, siteId: Id, sent: Call): Travel {
  const { plan } = index;
  const profile = index.profile(siteId);
  if (!profile) throw new Error(`The plan has no hotspot “${siteId}”.`);
  const table = routesOf(index, siteId);
  const routed = forward(table, sent);
  const name = routed && whatIsAt(index, routed.networkId, routed.kind, routed.number);
  const networkName = routed ? plan.networks.byId[routed.networkId]!.name : '';
  const back = routed && answer(routed);
  const page = `The hotspot’s own page shows ${sent.number}`;
  return {
    sent,
    routed,
    position: routed?.rule ? rulePosition(profile, routed.rule) : null,
    networkName,
    name,
    words: routed
      ? `To ${networkName}, ${routed.kind} ${routed.number}${name === null ? '' : `, ${name}`}${routed.rule ? ` (${ruleWords(profile, routed.rule)})` : ''}.`
      : table.networkIds.length === 0
        ? 'Nowhere: the hotspot is logged in to no network.'
        : `Nowhere: no rule takes ${sent.kind} ${sent.number}.`,
    shown: routed
      ? `${page}, the network’s ${routed.number}; the answer ${back ? `comes back as ${back.number}` : 'does not come back'}.`
      : `${page} and nothing follows.`,
    ...doubtOf(index, siteId, sent, routed, name),
  };
}
