/**
 * Profiles of the hotspot on the Ostrey Isles, recalled from the radio by invented numbers: a real hotspot’s manual
 * says its own.
 */
import { setPair } from '@relay/core/plan/carriage';
import { newRecallSlot } from '@relay/core/plan/create';
import type { Recipe } from '@relay/core/plan/edit';
import { NETWORK_MODE_IDS } from '@relay/core/plan/modes/index';
import { copyProfile } from '@relay/core/plan/profile-acts';
import { editProfile } from '@relay/core/plan/profiles';
import { putRow } from '@relay/core/plan/table';
import type { Hotspot, NetworkModeId, Plan } from '@relay/core/plan/types';
import { buildRecall } from '@relay/core/registries/builder';

const ONE_MODE: readonly (readonly [string, string, NetworkModeId])[] = [
  ['home-dmr', 'DMR only', 'dmr'],
  ['home-dstar', 'D-STAR only', 'dstar'],
  ['home-c4fm', 'C4FM only', 'c4fm'],
];
const BASE = { radioS: 20, networkS: 20 };

/** What each mode sends for a slot of this invented hotspot. */
const callsOf = (n: number): Record<NetworkModeId, string> => ({
  dmr: String(770_300 + n),
  dstar: `STORE ${n}`,
  c4fm: `3${n}`,
  p25: String(7_300 + n),
});

/** A base for every mode, one profile a mode for three of them, and one that is silent until a radio calls. */
export const withProfiles: Recipe = (plan) => {
  editProfile(plan, 'home', (of) => {
    of.hang = { ...BASE };
    of.announcements = true;
    of.hostName = 'qo3ves-03';
    of.timeZone = 'Etc/GMT+2';
    of.language = 'English';
    of.pagePublic = false;
    of.rxOffsetHz = -475;
    of.txOffsetHz = -475;
    of.powerPercent = 10;
    of.wifi = {
      byId: { lamp: { id: 'lamp', place: 'home', name: 'Lamp Room', password: 'practice-only' } },
      order: ['lamp'],
    };
  });
  const site = plan.sites.byId['home'] as Hotspot;
  site.labelOffsetHz = -475;
  for (const [id, name, mode] of ONE_MODE) {
    copyProfile(plan, 'home', id, name);
    for (const other of NETWORK_MODE_IDS)
      if (other !== mode) editProfile(plan, 'home', (of) => setPair(of, other, other, { on: false }), id);
  }
  copyProfile(plan, 'home', 'home-quiet', 'Standby');
  editProfile(
    plan,
    'home',
    (of) => {
      of.standby = true;
      of.announcements = false;
    },
    'home-quiet',
  );
  const radio = plan.radios.byId['rambler']!;
  radio.c4fm!.dtmfMemories = 5;
  ['home', ...ONE_MODE.map(([id]) => id), 'home-quiet'].forEach((profileId, at) =>
    putRow(site.recall, { ...newRecallSlot(`slot-${at + 1}`), profileId, calls: callsOf(at + 1) }),
  );
};

/** The entries by which its radios recall them. */
export const withRecallEntries = (plan: Plan): void => void buildRecall(plan, 'home');
