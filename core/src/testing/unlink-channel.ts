import { newZone } from '../plan/create';
import { putRow } from '../plan/table';
import type { Channel, Plan } from '../plan/types';

/** A channel that leaves what is linked at the hotspot of the sample, and a zone of its own for it unless it has none. */
export function putUnlink(plan: Plan, hasZone = true): void {
  const { channels, zones } = plan.codeplugs['r1']!;
  const copy = JSON.parse(JSON.stringify(channels.byId['ch-w-echo']!)) as Channel;
  if (copy.mode === 'dmr') copy.dmr.call = { kind: 'group', number: 4000 };
  putRow(channels, {
    ...copy,
    id: 'unlink',
    name: 'Unlink',
    wantId: null,
    destination: { mode: 'dmr', kind: 'special', networkId: 'n1', special: 'unlink' },
    built: null,
  } as Channel);
  if (hasZone) putRow(zones, newZone('out', 'Out', ['unlink']));
}
