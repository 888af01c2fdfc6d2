/** Lines of which each is taken unless its tick is removed. */
import { computed, type ComputedRef, shallowRef } from 'vue';

export interface LeftOut<T> {
  chosen: ComputedRef<T[]>;
  isLeft(id: string): boolean;
  /** As the change of a tick box says. */
  tick(id: string, event: Event): void;
  /** From the start: all are taken but these. */
  begin(left?: Iterable<string>): void;
}

export function useLeftOut<T>(lines: () => readonly T[], idOf: (line: T) => string): LeftOut<T> {
  const left = shallowRef<ReadonlySet<string>>(new Set());
  return {
    chosen: computed(() => lines().filter((one) => !left.value.has(idOf(one)))),
    isLeft: (id) => left.value.has(id),
    tick(id, event) {
      const next = new Set(left.value);
      if ((event.target as HTMLInputElement).checked) next.delete(id);
      else next.add(id);
      left.value = next;
    },
    begin: (ids = []) => void (left.value = new Set(ids)),
  };
}
