/** Every destination under a name of its own: where two networks use the same, the network is added. */
import { destinationKey } from '@relay/core/plan/destination-key';
import { MODE_IDS } from '@relay/core/plan/modes/index';
import { rows } from '@relay/core/plan/table';
import type { Destination, Network, Plan } from '@relay/core/plan/types';
import { modeOf } from '@relay/core/registries/modes';

interface Named {
  name: string;
  network: string;
  value: Destination;
  key: string;
}

/** What a network holds stays the same while the network does: thousands need not be gone through at each edit. */
const held = new WeakMap<Network, readonly Named[]>();

function heldBy(network: Network): readonly Named[] {
  let known = held.get(network);
  if (!known) {
    known = modeOf(network.mode)
      .destinations(network)
      .map(({ name, destination }) => ({
        name,
        network: network.name,
        value: destination,
        key: destinationKey(destination),
      }));
    held.set(network, known);
  }
  return known;
}

function allOf(plan: Plan): Named[] {
  const local = MODE_IDS.flatMap((id) => modeOf(id).withoutNetwork(plan)).map(({ name, destination }) => ({
    name,
    network: '',
    value: destination,
    key: destinationKey(destination),
  }));
  return [...rows(plan.networks).flatMap(heldBy), ...local];
}

function namedApart(all: readonly Named[]): { name: string; one: Named }[] {
  const count = new Map<string, number>();
  const keyOf = ({ name }: Named) => name.toLowerCase();
  for (const one of all) count.set(keyOf(one), (count.get(keyOf(one)) ?? 0) + 1);
  return all.map((one) => ({ name: count.get(keyOf(one))! > 1 ? `${one.name} · ${one.network}` : one.name, one }));
}

export function destinationChoices(plan: Plan): { name: string; value: Destination }[] {
  return namedApart(allOf(plan)).map(({ name, one }) => ({ name, value: one.value }));
}

/** The same names, by the key of the destination. */
export function destinationNames(plan: Plan): ReadonlyMap<string, string> {
  return new Map(namedApart(allOf(plan)).map(({ name, one }) => [one.key, name]));
}
