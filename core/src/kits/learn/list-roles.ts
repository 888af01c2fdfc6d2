/** Which tables list rows of others: zones and scan lists of channels, lists of contacts. */
import { LIST_COLUMNS, NAME, SCAN_CALLED, ZONES_CALLED } from '../channel-columns';
import type { KitField, KitModes } from '../kit-field';
import { askedRole, carriedOf, settled } from './answers';
import { assign, type Candidate, candidates, titleScore } from './candidates';
import { type Draft, targetOf } from './draft';
import { recordRoles } from './fields';
import { findMembers, type Members } from './find-members';
import type { Answer } from './learnt';

/** Takes members into a draft as the columns of a list. */
export function takeMembers(
  draft: Draft,
  members: Members,
  answers: readonly Answer[],
  fields: readonly KitField[],
): void {
  const memberField = fields.find(({ id }) => id === 'member')!;
  const inside = new Set(members.columns.map(({ column }) => column.at));
  draft.members = members;
  const carried = carriedOf(draft, answers);
  draft.all = candidates(
    draft.columns.filter(({ at }) => !inside.has(at)),
    fields,
  ).filter(({ column }) => !carried.has(column.at));
  // In rows for each member the name of the list is not unique: it is the column that repeats.
  const others = draft.columns.filter(({ at }) => !inside.has(at) && !carried.has(at));
  const repeated = members.rowPerMember
    ? others.filter(({ texts, filled }) => filled > 0 && texts.length < filled * 0.7)
    : [];
  const named = repeated.map((column): Candidate => {
    const score = titleScore(NAME, column);
    return {
      column,
      field: NAME,
      codec: { as: 'text', capitals: false, pad: 0 },
      confidence: score === null ? 0.75 : score > 0 ? 0.95 : 0.6,
      because: 'relation',
      unknown: [],
    };
  });
  const [name] = named.sort((a, b) => b.confidence - a.confidence);
  draft.taken = assign(draft.all, [...settled(draft, fields, answers), ...(name ? [name] : [])]);
  for (const { column, codec } of members.columns)
    draft.taken.push({
      column,
      field: memberField,
      codec,
      confidence: Math.min(0.97, 0.6 * members.share + 0.4 * Math.min(1, members.telling)),
      because: 'relation',
      unknown: [],
    });
}

/** Finds zones and scan lists among the tables that are nothing yet. */
export function findChannelLists(drafts: readonly Draft[], modes: KitModes, answers: readonly Answer[]): void {
  const channels = drafts.filter(({ role }) => role === 'channels').map(targetOf);
  const others = recordRoles(modes).filter((role) => role.lists);
  for (const draft of drafts.filter(({ role }) => role === 'other')) {
    const asked = askedRole(draft, answers);
    const [isZones, isScan] = [ZONES_CALLED.test(draft.called), SCAN_CALLED.test(draft.called)];
    // Channels and contacts may have the same names: what the file is called says which are listed.
    const isOther = others.some(({ called }) => called.test(draft.called)) && !isZones;
    if (asked ? asked !== 'zones' && asked !== 'scan lists' : isOther) continue;
    const members = findMembers(draft.columns, channels);
    if (!members || (members.telling <= 0.5 && !isZones && !isScan && !asked)) continue;
    draft.role = asked ?? (isScan ? 'scan lists' : 'zones');
    draft.roleConfidence = asked ? 1 : isScan || isZones ? 0.95 : 0.5;
    takeMembers(draft, members, answers, LIST_COLUMNS);
  }
}

/** Finds lists of contacts and of other rows that a mode keeps. */
export function findRecordLists(drafts: readonly Draft[], modes: KitModes, answers: readonly Answer[]): void {
  const roles = recordRoles(modes);
  const records = drafts.filter(({ role }) => roles.some((one) => one.role === role));
  const targets = records.map((draft) => ({ draft, target: targetOf(draft) }));
  for (const draft of drafts) {
    const asked = askedRole(draft, answers);
    for (const role of roles.filter(({ lists }) => lists)) {
      const isCalled = role.called.test(draft.called);
      const mayBe = asked ? asked === role.role : draft.role === 'other' || (isCalled && draft.role === role.lists);
      if (!mayBe) continue;
      const listed = targets.filter((one) => one.draft !== draft && one.target.role === role.lists);
      const members = findMembers(
        draft.columns,
        listed.map(({ target }) => target),
      );
      if (!members || (members.telling <= 0.5 && !isCalled && !asked)) continue;
      draft.role = role.role;
      draft.roleConfidence = asked ? 1 : isCalled ? 0.95 : 0.75;
      takeMembers(draft, members, answers, role.fields);
    }
  }
}
