/**
 * Every change of a plan, whoever makes it (user, builder, fix, import, undo), is a recipe that yields
 * patches and inverse patches.
 */
import { enablePatches, type Patch as ImmerPatch, produceWithPatches } from 'immer';
import { listPatches } from './diff';
import { movedHotspots } from './frequencies';
import { dataOf, MODE_IDS } from './modes';
import { applyInPlace, type Patch, type PathKey, toPointer } from './patches';
import { editProfile } from './profiles';
import { brokenReferences, repairReferences } from './references';
import type { Plan } from './types';

enablePatches();

export interface Edit {
  plan: Plan;
  patches: Patch[];
  inverse: Patch[];
}

/** Changes the draft in place; plans have no readonly parts, so a draft is typed as a plan. */
export type Recipe = (draft: Plan) => void;

function at(document: unknown, path: readonly PathKey[]): unknown {
  return path.reduce<unknown>((here, key) => (here as Record<PathKey, unknown> | undefined)?.[key], document);
}

type Steps = Record<PathKey, unknown>;

/** Depth at which a path enters a list that exists before and after, −1 when it enters none. */
function listDepth(from: unknown, to: unknown, path: readonly PathKey[]): number {
  let [before, after] = [from, to] as [Steps | undefined, Steps | undefined];
  for (let depth = 1; depth < path.length; depth += 1) {
    const key = path[depth - 1]!;
    [before, after] = [before?.[key] as Steps | undefined, after?.[key] as Steps | undefined];
    if (Array.isArray(before) && Array.isArray(after)) return depth;
  }
  return -1;
}

/**
 * Immer speaks of lists index by index; others must be able to read and merge it, so lists become inserts and
 * removals.
 */
function toWire(from: unknown, to: unknown, immerPatches: readonly ImmerPatch[]): Patch[] {
  const wire: Patch[] = [];
  const listsDone = new Set<string>();
  for (const { op, path, value } of immerPatches) {
    const depth = listDepth(from, to, path);
    if (depth < 0) {
      wire.push(op === 'remove' ? { op, path: toPointer(path) } : { op, path: toPointer(path), value });
      continue;
    }
    const listPath = path.slice(0, depth);
    const pointer = toPointer(listPath);
    if (!listsDone.has(pointer))
      wire.push(...listPatches(listPath, at(from, listPath) as unknown[], at(to, listPath) as unknown[]));
    listsDone.add(pointer);
  }
  return wire;
}

/** `made`: what was changed, path by path. */
function editOnce(plan: Plan, recipe: Recipe): { edit: Edit; made: readonly ImmerPatch[] } {
  const [next, made, inverse] = produceWithPatches(plan, (draft) => void recipe(draft as Plan));
  return { edit: { plan: next, patches: toWire(plan, next, made), inverse: toWire(next, plan, inverse) }, made };
}

/** Plans in which no link is known to lead nowhere. */
const sound = new WeakSet<Plan>();

const PLAIN_FIELDS: ReadonlySet<PathKey> = new Set(['name', 'rxHz', 'txHz', 'power', 'timeOutS', 'purpose', 'built']);

/** Whether a patch sets one value of a channel that names nothing. */
function namesNothing({ op, path: [root, , table, part, , field, inner] }: ImmerPatch): boolean {
  if (op !== 'replace' || root !== 'codeplugs' || table !== 'channels' || part !== 'byId') return false;
  if (field !== undefined && PLAIN_FIELDS.has(field)) return true;
  const mode = MODE_IDS.find((id) => id === field);
  return mode !== undefined && inner !== undefined && !dataOf(mode).references.channelLinks.includes(String(inner));
}

/**
 * Runs a recipe, then repairs references, so that no edit can leave a link to something gone. Where a hotspot was moved
 * at its site, the profile that it runs takes its frequencies.
 */
export function edit(plan: Plan, recipe: Recipe): Edit {
  const first = editOnce(plan, recipe);
  // By far the commonest edit types values into channels: thousands of links need not be gone through after it.
  const isSound = (sound.has(plan) && first.made.every(namesNothing)) || brokenReferences(first.edit.plan).length === 0;
  if (isSound) {
    sound.add(first.edit.plan);
    return first.edit;
  }
  const moved = movedHotspots(plan, first.edit.plan);
  const repaired = editOnce(first.edit.plan, (draft) => {
    for (const siteId of moved) {
      const { rxHz, txHz } = draft.sites.byId[siteId]!;
      editProfile(draft, siteId, (values) => void (values.frequencies = { rxHz, txHz }));
    }
    repairReferences(draft);
  }).edit;
  sound.add(repaired.plan);
  return {
    plan: repaired.plan,
    patches: [...first.edit.patches, ...repaired.patches],
    inverse: [...repaired.inverse, ...first.edit.inverse],
  };
}

/** An edit given as patches (a fix, an undo, another window's work). @throws PatchError */
export function editByPatches(plan: Plan, patches: readonly Patch[]): Edit {
  return edit(plan, (draft) => applyInPlace(draft, patches));
}
