/** The networks of a plan by their mode. */
import { rows } from './table';
import type { Destination, Id, Network, NetworkModeId, NetworkOf, Plan } from './types';

/** Whether a network is of a mode. */
export function isNetworkOf<M extends NetworkModeId>(network: Network, mode: M): network is NetworkOf<M> & Network {
  return network.mode === mode;
}

/** Every network of one mode, in the plan's order. */
export function networksOf<M extends NetworkModeId>(plan: Plan, mode: M): NetworkOf<M>[] {
  return rows(plan.networks).filter((network): network is NetworkOf<M> & Network => isNetworkOf(network, mode));
}

/** `undefined` when the plan has none of that id, or it is of another mode. */
export function networkOf<M extends NetworkModeId>(plan: Plan, mode: M, id: Id | null): NetworkOf<M> | undefined {
  const network = id === null ? undefined : plan.networks.byId[id];
  return network && isNetworkOf(network, mode) ? network : undefined;
}

/** The network a destination is on; `null` for one that needs none. */
export function networkIdOf(destination: Destination | null): Id | null {
  return destination && 'networkId' in destination ? destination.networkId : null;
}

/** Calls `visit` for what each want and each channel of a plan is meant for; the same may come several times. */
export function eachDestination({ wants, codeplugs }: Plan, visit: (destination: Destination) => void): void {
  for (const id of wants.order) visit(wants.byId[id]!.destination);
  for (const { channels } of Object.values(codeplugs))
    for (const id of channels.order) {
      const { destination } = channels.byId[id]!;
      if (destination) visit(destination);
    }
}

/** Whether a destination is whoever hears the site itself. */
export function isLocal(destination: Destination | null): boolean {
  return destination?.kind === 'local';
}

/** The name of a network, `none` for an id that the plan does not hold. */
export function networkName(plan: Plan, id: Id | null): string {
  return (id === null ? undefined : plan.networks.byId[id]?.name) ?? 'none';
}
