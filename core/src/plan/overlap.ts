/** Whether two edits of one version touch the same thing: those that do not can follow each other as they are. */
import { fromPointer, type Patch } from './patches';

interface Node {
  /** An edit ends here. */
  isTouched: boolean;
  below: Map<string, Node>;
}

const newNode = (): Node => ({ isTouched: false, below: new Map() });

/** The way to what a patch touches: of a list, the list, since every index behind the place moves. */
function wayOf({ path }: Patch): string[] {
  const keys = fromPointer(path);
  return /^(\d+|-)$/.test(keys.at(-1) ?? '') ? keys.slice(0, -1) : keys;
}

/** Whether a patch of `mine` touches what one of `theirs` touches, holds it, or is within it. Linear in both. */
export function overlap(mine: readonly Patch[], theirs: readonly Patch[]): boolean {
  const root = newNode();
  for (const patch of theirs) {
    let node = root;
    for (const key of wayOf(patch)) {
      const next = node.below.get(key) ?? newNode();
      node.below.set(key, next);
      node = next;
    }
    node.isTouched = true;
  }
  return mine.some((patch) => {
    let node: Node | undefined = root;
    for (const key of wayOf(patch)) {
      if (node.isTouched) return true;
      node = node.below.get(key);
      if (!node) return false;
    }
    return true;
  });
}
