/**
 * The sample with every mode, whose hotspot recalls five stored profiles: its base, one a mode for three modes, and
 * standby.
 */
import { setPair } from '../plan/carriage';
import { newRecallSlot } from '../plan/create';
import { edit, type Recipe } from '../plan/edit';
import { NETWORK_MODE_IDS } from '../plan/modes';
import { copyProfile } from '../plan/profile-acts';
import { editProfile } from '../plan/profiles';
import { putRow } from '../plan/table';
import type { Hotspot, NetworkModeId, Plan } from '../plan/types';
import { buildRecall } from '../builder/recall';
import { MODES } from '../registries/modes';
import { everyMode } from './sample-every-mode';

const ONE_MODE: readonly (readonly [string, string, NetworkModeId])[] = [
  ['only-dmr', 'DMR only', 'dmr'],
  ['only-dstar', 'D-STAR only', 'dstar'],
  ['only-c4fm', 'C4FM only', 'c4fm'],
];

/** Invented numbers: a real hotspot's manual says its own. */
const callsOf = (n: number) => ({
  dmr: String(990_000 + n),
  dstar: `SLOT ${n}`,
  c4fm: `77${n}`,
  p25: String(5_000 + n),
});

const furnish: Recipe = (plan) => {
  for (const [id, name, mode] of ONE_MODE) {
    copyProfile(plan, 's1', id, name);
    for (const other of NETWORK_MODE_IDS)
      if (other !== mode) editProfile(plan, 's1', (of) => setPair(of, other, other, { on: false }), id);
  }
  copyProfile(plan, 's1', 'quiet', 'Standby');
  editProfile(plan, 's1', (of) => void (of.standby = true), 'quiet');
  const site = plan.sites.byId['s1'] as Hotspot;
  ['s1', ...ONE_MODE.map(([id]) => id), 'quiet'].forEach((profileId, at) =>
    putRow(site.recall, { ...newRecallSlot(`slot${at + 1}`), profileId, calls: callsOf(at + 1) }),
  );
  for (const radio of Object.values(plan.radios.byId)) if (radio.c4fm) radio.c4fm.dtmfMemories = 5;
};

/** With the slots, and no radio that recalls any yet. */
export const slotsPlan = (change: Recipe = () => undefined): Plan => edit(edit(everyMode(), furnish).plan, change).plan;

/** With every entry that the radios can have. */
export const recallPlan = (change: Recipe = () => undefined): Plan =>
  edit(edit(slotsPlan(), (plan) => void buildRecall(plan, MODES, 's1')).plan, change).plan;
