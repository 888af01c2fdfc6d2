/** The commonest check: one value of a channel is not what its other end expects, and one press sets it. */
import { isRule } from '../path/fact-types';
import { pairWords } from '../path/fact-words';
import type { FactKey, FactOf, HopId, Verdict } from '../path/types';
import type { Patch, PathKey } from '../plan/patches';
import type { ModeId } from '../plan/types';
import { type Check, type CheckDocs, type Data, defineCheck, type Severity } from './check';
import { SITE_WAY, siteWayBySaid } from './site-way';
import { channelPointer, channelSubject, type ContextOf, disagreementsIn, notesIn, set } from './walk';

export interface ValueCheck<M extends ModeId, K extends FactKey> {
  id: string;
  severity: Severity;
  title: string;
  docs: CheckDocs;
  mode: M;
  fact: K;
  /** Where the pair is looked at: it stands at the hop where a call ends, and calls end at different ones. */
  hops: readonly HopId[];
  /** Where the value stands in the channel. */
  field: readonly PathKey[];
  /**
   * By id. `{has}` and `{expects}` are the pair in words, `{channel}` and `{site}` names; `data` adds more, or says
   * it otherwise.
   */
  messages: Readonly<Record<string, string>>;
  /** Which message tells it; `null`: not this check's to tell. Without, the first. */
  which?(context: ContextOf<M>, fact: FactOf<K>): string | null;
  /** Only pairs in this state are this check's to tell. */
  only?: Verdict | 'noted';
  data?(context: ContextOf<M>, fact: FactOf<K>): Data;
  /** A hotspot can be set instead: the mode says where (`saidAt`). */
  bothWays?: true;
  /** What the press says. */
  press: string;
  /** The patches of the press, where it takes more than setting the value. */
  patches?(context: ContextOf<M>, fact: FactOf<K>): Patch[];
  /** What the press sets; without, what is expected. `undefined`: no press. */
  to?(context: ContextOf<M>, fact: FactOf<K>): unknown;
}

/** A check of one value, from what is its own. */
export function valueCheck<M extends ModeId, K extends FactKey>(spec: ValueCheck<M, K>): Check {
  const { id, severity, title, docs, fact: key, hops, field, messages, only, press } = spec;
  const each = spec.only === 'noted' ? notesIn(spec.mode) : disagreementsIn(spec.mode);
  const [first] = Object.keys(messages);
  return defineCheck<string, string>({
    id,
    severity,
    title,
    docs,
    fact: key,
    messages,
    fixes: { set: press, ...(spec.bothWays && { site: SITE_WAY }) },
    check(index, report) {
      for (const hop of hops) {
        each(index, key, hop, (context, fact) => {
          if (only && only !== 'noted' && fact.state !== only) return;
          const message = spec.which ? spec.which(context, fact) : first!;
          if (message === null) return;
          const { has, expects } = pairWords(context, fact);
          const data = {
            channel: context.channel.name,
            site: context.site?.name ?? '',
            has,
            expects,
            ...spec.data?.(context, fact),
          };
          const to = spec.to ? spec.to(context, fact) : isRule(fact.expects) ? undefined : fact.expects;
          const pointer = channelPointer(context, ...field);
          const other = spec.bothWays && siteWayBySaid(context, fact, String(data.has));
          const fixes = [
            ...(to === undefined ? [] : [{ id: 'set', patches: spec.patches?.(context, fact) ?? [set(pointer, to)] }]),
            ...(other ? [{ id: 'site', ...other }] : []),
          ];
          report({ message, data, pointer, subject: channelSubject(context), fixes });
        });
      }
    },
  });
}
