/** What the rows of a table are: channels, sites, or something that a mode keeps beside channels. */
import type { KitModes, RecordRole } from '../kit-field';
import { SITE_COLUMNS } from '../site-columns';
import { askedRole, fieldsIn } from './answers';
import { type Draft, targetOf, withoutFreeRows } from './draft';
import { channelKitFields, recordRoles, withModes } from './fields';
import { findMembers } from './find-members';
import type { Answer, Evidence } from './learnt';
import { takeTones } from './tones';
import { whichWayRound } from './way-round';

function asSites(draft: Draft, modes: KitModes, answers: readonly Answer[], confidence: number): void {
  draft.role = 'site list';
  draft.roleConfidence = confidence;
  fieldsIn(draft, withModes(SITE_COLUMNS, modes), answers);
  takeTones(draft);
}

/** Whether a table holds channels: frequencies, and what belongs to them. */
function asChannels(draft: Draft, modes: KitModes, answers: readonly Answer[]): boolean {
  const asked = askedRole(draft, answers);
  fieldsIn(draft, channelKitFields(modes), answers);
  if (asked) {
    if (asked === 'site list') asSites(draft, modes, answers, 1);
    return asked === 'channels';
  }
  const rx = draft.taken.find(({ field }) => field.id === 'rx' || field.id === 'tx');
  const others = draft.taken.filter(({ confidence }) => confidence >= 0.5).length;
  const isSites = draft.columns.some(({ plain }) =>
    /^(lat|latitude|breite|breitengrad|latitud|latitudine)/.test(plain),
  );
  if (!rx || rx.confidence < 0.5 || others < 2) return false;
  if (isSites && !draft.taken.some(({ field }) => ['ur', 'color-code', 'power'].includes(field.id))) {
    asSites(draft, modes, answers, 0.8);
    return false;
  }
  return true;
}

/** The kind of record that a table holds best; `null` where it holds none. */
function asRecords(draft: Draft, roles: readonly RecordRole[], answers: readonly Answer[]): RecordRole | null {
  const asked = askedRole(draft, answers);
  const scored = roles.flatMap((role) => {
    if (role.lists || (asked && asked !== role.role)) return [];
    fieldsIn(draft, role.fields, answers);
    const found = role.needs.map((need) => draft.taken.find(({ field }) => field.id === need)?.confidence ?? 0);
    const least = Math.min(...found);
    if (least < (asked ? 0.1 : 0.3)) return [];
    const extra = draft.taken.filter(({ field }) => !role.needs.includes(field.id) && field.id !== 'row').length * 0.1;
    return [{ role, score: least + extra + (role.called.test(draft.called) ? 0.6 : 0) }];
  });
  const best = scored.sort((a, b) => b.score - a.score)[0];
  if (!best || (!asked && best.score < 0.55)) return null;
  fieldsIn(draft, best.role.fields, answers);
  draft.roleConfidence = asked ? 1 : Math.min(1, best.score);
  return best.role;
}

/** Finds the tables of channels, and those of sites. */
export function findChannels(
  drafts: readonly Draft[],
  modes: KitModes,
  evidence: Evidence,
  answers: readonly Answer[],
): void {
  for (const draft of drafts) {
    if (!asChannels(draft, modes, answers)) continue;
    draft.role = 'channels';
    draft.roleConfidence = 1;
    withoutFreeRows(draft, () => fieldsIn(draft, channelKitFields(modes), answers));
    whichWayRound(draft, evidence);
  }
}

/** Finds the tables of contacts, rooms and codes among those that are nothing yet. */
export function findRecords(drafts: readonly Draft[], modes: KitModes, answers: readonly Answer[]): void {
  const roles = recordRoles(modes);
  const lists = roles.filter((role) => role.lists);
  for (const draft of drafts.filter(({ role }) => role === 'other')) {
    // Numbers in columns beside each other are members, not the number of a contact.
    const contacts = drafts.filter(({ role }) => role === 'contacts').map(targetOf);
    const isList = lists.some(({ called }) => called.test(draft.called)) && findMembers(draft.columns, contacts);
    const found = isList ? null : asRecords(draft, roles, answers);
    if (!found) continue;
    draft.role = found.role;
    withoutFreeRows(draft, () => fieldsIn(draft, found.fields, answers));
  }
}
