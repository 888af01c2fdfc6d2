/** Zones that building makes: what is talked through and what the network answers itself stand apart, named so. */
import type { Id } from './types';

/** The id of the first zone for a network (or a mode that has none) at a site; further ones have a number behind it. */
export const builtZoneId = (of: string, siteId: Id, use: 'talk' | 'service'): Id => `zn-${of}-${siteId}-${use}`;

export const isBuiltZone = (id: Id): boolean => /^zn-.+-(talk|service)(-\d+)?$/.test(id);
