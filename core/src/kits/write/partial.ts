/** A codeplug of which only some differences go into the files: what is not chosen stays as the files have it. */
import type { ChannelMatch } from '../../compare/meaning';
import { takeFrom } from '../../compare/take-over';
import type { Codeplug, Id } from '../../plan/types';
import type { KitModes } from '../kit-field';
import type { KitContent } from '../read-kit';

export interface Mixed {
  codeplug: Codeplug;
  /** Channels of the files that are to go. */
  remove: ReadonlySet<Id>;
}

const keyOf = ({ hereId, thereId }: ChannelMatch) => `${hereId ?? ''}/${thereId ?? ''}`;

/** `chosen`: those of `matches` that go into the files as the plan has them. */
export function partialCodeplug(
  modes: KitModes,
  codeplug: Codeplug,
  content: KitContent,
  matches: readonly ChannelMatch[],
  chosen: readonly ChannelMatch[],
): Mixed {
  const wanted = new Set(chosen.map(keyOf));
  const mixed = structuredClone(codeplug);
  const left = matches.filter((one) => !wanted.has(keyOf(one)) && one.kind !== 'same' && one.hereId !== null);
  takeFrom(modes, mixed, left, content);
  const remove = chosen.flatMap(({ kind, thereId }) => (kind === 'only there' && thereId !== null ? [thereId] : []));
  return { codeplug: mixed, remove: new Set(remove) };
}
