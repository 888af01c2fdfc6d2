/** What a hotspot carries: one list of pairs, the air mode and the mode of the network that takes its calls. */
import type { Carriage, NetworkModeId, ProfileValues } from './types';

const NEITHER = { able: false, on: false };

/** The pair as the list has it; one that it does not name can neither be done nor is it on. */
export function pairOf(
  { carriage }: { carriage: readonly Carriage[] },
  air: NetworkModeId,
  network: NetworkModeId,
): Carriage {
  return carriage.find((one) => one.air === air && one.network === network) ?? { air, network, ...NEITHER };
}

/** Whether the hotspot listens for a mode. */
export function listensFor(values: Pick<ProfileValues, 'carriage'>, mode: NetworkModeId): boolean {
  const own = pairOf(values, mode, mode);
  return own.able && own.on;
}

/** The cross-mode pairs of a list, in its order. */
export function crossPairs({ carriage }: Pick<ProfileValues, 'carriage'>): Carriage[] {
  return carriage.filter((one) => one.air !== one.network);
}

/** Whether calls of an air mode are carried to another mode's network now, so that its own may be out of reach. */
export function isCrossing(values: Pick<ProfileValues, 'carriage'>, air: NetworkModeId): boolean {
  return crossPairs(values).some((one) => one.air === air && one.on);
}

/** Whether an air mode's calls reach the networks of its own mode. */
export function reachesOwn(values: Pick<ProfileValues, 'carriage' | 'ownWhileCrossing'>, air: NetworkModeId): boolean {
  return values.ownWhileCrossing || !isCrossing(values, air);
}

/** Sets a pair in a draft. A cross-mode pair that can neither be done nor is on leaves the list. */
export function setPair(
  values: Pick<ProfileValues, 'carriage'>,
  air: NetworkModeId,
  network: NetworkModeId,
  change: Partial<Pick<Carriage, 'able' | 'on'>>,
): void {
  const pair = { ...pairOf(values, air, network), ...change };
  const at = values.carriage.findIndex((one) => one.air === air && one.network === network);
  const kept = air === network || pair.able || pair.on;
  if (at >= 0) values.carriage.splice(at, 1, ...(kept ? [pair] : []));
  else if (kept) values.carriage.push(pair);
}
