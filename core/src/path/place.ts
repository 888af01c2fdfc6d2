import type { PathContext } from './types';

/** Where a call comes out, short: `Lantern 417`; empty when nowhere. */
export function placeOf({ index, arrives }: Pick<PathContext, 'index' | 'arrives'>): string {
  return arrives ? `${index.plan.networks.byId[arrives.networkId]!.name} ${arrives.number}` : '';
}
