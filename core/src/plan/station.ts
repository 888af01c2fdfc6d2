/** The operator's own numbers. */
import type { Plan } from './types';

/** Whether an ID is registered to the operator: the station's, or a further one of theirs. */
export function isOwnId({ station }: Pick<Plan, 'station'>, id: number | null): boolean {
  return id !== null && (id === station.dmrId || station.otherIds.includes(id));
}
