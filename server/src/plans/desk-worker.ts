/** The thread of the plan desk. */
import { workerData } from 'node:worker_threads';
import { serveThread } from '../threads/serve';
import { PlanDesk } from './desk';

export const deskOperations = (desk: PlanDesk) => ({
  make: (argument: Parameters<PlanDesk['make']>[0]) => desk.make(argument),
  copy: (argument: Parameters<PlanDesk['copy']>[0]) => desk.copy(argument),
  load: (argument: Parameters<PlanDesk['load']>[0]) => desk.load(argument),
  open: (argument: Parameters<PlanDesk['open']>[0]) => desk.open(argument),
  openRows: (argument: Parameters<PlanDesk['openRows']>[0]) => desk.openRows(argument),
  snapshot: (argument: Parameters<PlanDesk['snapshot']>[0]) => desk.snapshot(argument),
  apply: (argument: Parameters<PlanDesk['apply']>[0]) => desk.apply(argument),
  settle: (argument: Parameters<PlanDesk['settle']>[0]) => desk.settle(argument),
  checkScenario: (argument: Parameters<PlanDesk['checkScenario']>[0]) => desk.checkScenario(argument),
  forget: (argument: Parameters<PlanDesk['forget']>[0]) => desk.forget(argument),
});

export type DeskOperations = ReturnType<typeof deskOperations>;

serveThread(deskOperations(new PlanDesk((workerData as { key: Uint8Array }).key)));
