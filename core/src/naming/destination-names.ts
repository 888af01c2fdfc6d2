/** Every destination under a name of its own: where two networks use the same, the network is added. */
import { destinationKey } from '../plan/destination-key';
import { MODE_IDS } from '../plan/modes';
import { networkIdOf } from '../plan/networks';
import { rows } from '../plan/table';
import type { Destination, Network, Plan } from '../plan/types';
import type { BuildModes, DestinationInfo } from '../builder/mode-build';

interface Named {
  name: string;
  network: string;
  value: Destination;
  key: string;
}

/** Each mode knows the networks of its own. */
const offerOf = (modes: BuildModes, network: Network): DestinationInfo[] =>
  (modes[network.mode].destinations as (of: Network) => DestinationInfo[])(network);

/** What a network holds stays the same while the network does: thousands need not be gone through at each edit. */
const held = new WeakMap<Network, readonly Named[]>();

function heldBy(modes: BuildModes, network: Network): readonly Named[] {
  let known = held.get(network);
  if (!known) {
    known = offerOf(modes, network).map(({ name, destination }) => ({
      name,
      network: network.name,
      value: destination,
      key: destinationKey(destination),
    }));
    held.set(network, known);
  }
  return known;
}

function localOf(modes: BuildModes, plan: Plan): Named[] {
  return MODE_IDS.flatMap((id) => modes[id].withoutNetwork(plan)).map(({ name, destination }) => ({
    name,
    network: plan.networks.byId[networkIdOf(destination) ?? '']?.name ?? '',
    value: destination,
    key: destinationKey(destination),
  }));
}

function namedApart(all: readonly Named[]): { name: string; one: Named }[] {
  const count = new Map<string, number>();
  const plain = ({ name }: Named) => name.toLowerCase();
  for (const one of all) count.set(plain(one), (count.get(plain(one)) ?? 0) + 1);
  return all.map((one) => ({ name: count.get(plain(one))! > 1 ? `${one.name} · ${one.network}` : one.name, one }));
}

/** Everything that can be called, each under a name of its own. */
export function destinationChoices(modes: BuildModes, plan: Plan): { name: string; value: Destination }[] {
  return namedApart([...rows(plan.networks).flatMap((one) => heldBy(modes, one)), ...localOf(modes, plan)]).map(
    ({ name, one }) => ({
      name,
      value: one.value,
    }),
  );
}

const keys = new WeakMap<Destination, string>();

/** The key of a destination, worked out once. */
function keyOf(destination: Destination): string {
  let known = keys.get(destination);
  if (known === undefined) keys.set(destination, (known = destinationKey(destination)));
  return known;
}

interface Names {
  networks: Plan['networks'];
  /** By the key of the destination. */
  held: ReadonlyMap<string, string>;
}

let last: Names | null = null;

const byKey = (all: readonly Named[]) => new Map(namedApart(all).map(({ name, one }) => [one.key, name]));

/**
 * Tells the same names. What networks hold is kept while they stay as they are; what is called without one is worked
 * out only where a channel calls such a thing.
 */
export function destinationNamer(modes: BuildModes, plan: Plan): (destination: Destination) => string {
  if (last?.networks !== plan.networks)
    last = { networks: plan.networks, held: byKey(rows(plan.networks).flatMap((one) => heldBy(modes, one))) };
  const { held } = last;
  let others: ReadonlyMap<string, string> | null = null;
  return (destination) => {
    const key = keyOf(destination);
    const name = held.get(key);
    if (name !== undefined) return name;
    others ??= byKey(localOf(modes, plan));
    return others.get(key) ?? '';
  };
}
