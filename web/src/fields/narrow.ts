import { computed, type ComputedRef, ref, type Ref } from 'vue';

/** Long lists are narrowed down by words, in any order and without regard to case. */
export function narrowed<T>(all: readonly T[], typed: string, textOf: (one: T) => string): T[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  if (words.length === 0) return [...all];
  return all.filter((one) => {
    const text = textOf(one).toLowerCase();
    return words.every((word) => text.includes(word));
  });
}

/** A list, the words that narrow it down, and what is left of it. */
export function useNarrowed<T>(
  all: () => readonly T[],
  textOf: (one: T) => string,
): { words: Ref<string>; shown: ComputedRef<T[]> } {
  const words = ref('');
  return { words, shown: computed(() => narrowed(all(), words.value, textOf)) };
}
