import type { PathContext } from './types';

/** Where a call comes out, short: `Lantern 417`; empty when nowhere, or when it stays at the site. */
export function placeOf({ index, arrives }: Pick<PathContext, 'index' | 'arrives'>): string {
  return arrives?.networkId ? `${index.plan.networks.byId[arrives.networkId]!.name} ${arrives.short}` : '';
}
