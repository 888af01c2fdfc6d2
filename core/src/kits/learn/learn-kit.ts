/**
 * A layout for each table of the files that a radio's own program saved, learnt from one sample: first what the rows of
 * each table are, then what its columns hold, then how tables name rows of each other. Deterministic; what somebody said
 * settles a guess, and everything that hangs on it is worked out again.
 */
import type { CellCodec, ColumnLayout, KitRole, TableLayout } from '../../plan/kit';
import { MODE_IDS } from '../../plan/modes';
import type { NamedFile } from '../../tables/open';
import type { FileTable } from '../../tables/table-file';
import { assign, type Candidate, candidates, titleScore } from './candidates';
import { CHANNEL_COLUMNS, LIST_COLUMNS, NAME, SCAN_CALLED, ZONES_CALLED } from '../channel-columns';
import { type Column, columnsOf, mostUsual, shareOf } from './column';
import { decodeCell } from '../codec';
import { infer } from './infer';
import type { KitField, KitModes, RecordRole } from '../kit-field';
import type { Draft } from './draft';
import { findMembers, type Members } from './learn-lists';
import type { Answer, Evidence, Learnt, LearntColumn, LearntTable } from './learnt';
import { limitsOf } from './limits';
import { plainTitle, plainWord } from '../plain';
import { questionsOf } from './questions';
import { SITE_COLUMNS } from '../site-columns';
import { namedCodec, namesRows, type Target } from './targets';
import { whichWayRound } from './way-round';

const recordRoles = (modes: KitModes): RecordRole[] => MODE_IDS.flatMap((mode) => modes[mode].kit.roles);

/** A column of modes knows them by what each is called. */
function withModes(fields: readonly KitField[], modes: KitModes): KitField[] {
  const named = Object.fromEntries(MODE_IDS.map((mode) => [mode, modes[mode].kit.called]));
  return fields.map((field) => (field.id === 'mode' ? { ...field, reads: { as: 'words', words: named } } : field));
}

/** Every field of a channel that a column can hold; columns of modes know the modes by name. */
export function channelKitFields(modes: KitModes): KitField[] {
  const common = withModes(CHANNEL_COLUMNS, modes);
  const seen = new Set<string>();
  return [...common, ...MODE_IDS.flatMap((mode) => modes[mode].kit.fields)].filter(
    ({ id }) => !seen.has(id) && seen.add(id),
  );
}

/** The fields that a table of a role can have. */
export function fieldsOf(role: KitRole, modes: KitModes): readonly KitField[] {
  if (role === 'channels') return channelKitFields(modes);
  if (role === 'zones' || role === 'scan lists') return LIST_COLUMNS;
  if (role === 'site list') return withModes(SITE_COLUMNS, modes);
  return recordRoles(modes).find((one) => one.role === role)?.fields ?? [];
}

/** Rows that hold a number and nothing that a channel needs are free places. */
function freeRowsOf(table: FileTable, taken: readonly Candidate[]): (row: number) => boolean {
  const keys = taken.filter(({ field }) => field.id === 'name' || field.id === 'rx' || field.id === 'number');
  const columns = keys.map(({ column }) => column.at);
  const isNone = (text: string) => /^[0.,\s]*$/.test(text);
  return (row) => columns.length > 0 && columns.every((at) => isNone(table.rows[row]!.cells[at] ?? ''));
}

function draftOf(name: string, table: FileTable): Draft {
  return {
    file: name,
    table,
    columns: columnsOf(table),
    called: plainTitle(`${name.replace(/\.[a-z0-9]{2,5}$/i, '')} ${table.part.split('/').slice(-2).join(' ')}`),
    role: 'other',
    roleConfidence: 0,
    all: [],
    taken: [],
    members: null,
    mode: null,
    freeRows: false,
  };
}

const said = (draft: Draft, answers: readonly Answer[]) =>
  answers.filter((one) => one.file === draft.file && one.part === draft.table.part);

/** What somebody said about columns and words of a table, as candidates that nothing outweighs. */
function settled(draft: Draft, fields: readonly KitField[], answers: readonly Answer[]): Candidate[] {
  const words = said(draft, answers).filter((one) => one.is === 'word');
  return said(draft, answers).flatMap((answer): Candidate[] => {
    if (answer.is !== 'column' || answer.field === null) return [];
    const [column, field] = [draft.columns[answer.column], fields.find(({ id }) => id === answer.field)];
    if (!column || !field) return [];
    const found = infer(field, column);
    const own: CellCodec = { as: 'text', capitals: false, pad: 0 };
    const isRef = field.reads.as === 'named' || field.reads.as === 'members';
    if (!found && field.reads.as !== 'text' && !isRef) {
      if (field.reads.as !== 'words') return [];
      const pairs = words
        .filter((one) => one.column === column.at)
        .map((one): [string, string] => [one.word, one.meaning]);
      return [
        {
          column,
          field,
          codec: { as: 'words', words: pairs },
          confidence: 1,
          because: 'you said so',
          unknown: column.texts.map(({ text }) => text),
        },
      ];
    }
    return [
      {
        column,
        field,
        codec: found?.codec ?? own,
        confidence: 1,
        because: 'you said so',
        unknown: found?.unknown ?? [],
      },
    ];
  });
}

/** Columns of which somebody said that they are carried along. */
const carriedOf = (draft: Draft, answers: readonly Answer[]) =>
  new Set(said(draft, answers).flatMap((one) => (one.is === 'column' && one.field === null ? [one.column] : [])));

function fieldsIn(draft: Draft, fields: readonly KitField[], answers: readonly Answer[]): void {
  const carried = carriedOf(draft, answers);
  draft.all = candidates(draft.columns, fields).filter(({ column }) => !carried.has(column.at));
  draft.taken = assign(draft.all, settled(draft, fields, answers));
}

function asSites(draft: Draft, modes: KitModes, answers: readonly Answer[], confidence: number): void {
  draft.role = 'site list';
  draft.roleConfidence = confidence;
  fieldsIn(draft, withModes(SITE_COLUMNS, modes), answers);
}

/** Whether a table holds channels: frequencies, and what belongs to them. */
function asChannels(draft: Draft, modes: KitModes, answers: readonly Answer[]): boolean {
  const asked = said(draft, answers).find((one) => one.is === 'role');
  fieldsIn(draft, channelKitFields(modes), answers);
  if (asked) {
    if (asked.role === 'site list') asSites(draft, modes, answers, 1);
    return asked.role === 'channels';
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
  const asked = said(draft, answers).find((one) => one.is === 'role');
  const scored = roles.flatMap((role) => {
    if (role.lists || (asked && asked.role !== role.role)) return [];
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

function targetOf(draft: Draft): Target {
  const column = (id: string) => draft.taken.find(({ field }) => field.id === id)?.column.at ?? -1;
  const [name, number, key] = [column('name'), column('number'), column('row')];
  const of = (at: number, read: (text: string) => string = (text) => text.trim()) =>
    new Set(at < 0 ? [] : draft.table.rows.map((row) => read(row.cells[at] ?? '')).filter((text) => text !== ''));
  // What a channel calls is no name for it.
  const numberCodec = draft.taken.find(({ field }) => field.id === 'number')?.codec;
  return {
    role: draft.role,
    names: of(name),
    numbers: of(draft.role === 'channels' ? -1 : number, (text) =>
      numberCodec ? (decodeCell(numberCodec, text) ?? '') : text,
    ),
    keys: of(key),
    rows: draft.table.rows.length,
  };
}

/** Takes members into a draft as the columns of a list. */
function takeMembers(draft: Draft, members: Members, answers: readonly Answer[], fields: readonly KitField[]): void {
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

/** Columns of channels that name contacts or lists. */
function takeLinks(draft: Draft, targets: readonly Target[], modes: KitModes, answers: readonly Answer[]): void {
  const carried = carriedOf(draft, answers);
  const links = MODE_IDS.flatMap((mode) => modes[mode].kit.fields).filter(({ reads }) => reads.as === 'named');
  const found = links.flatMap((field) => {
    const { reads } = field;
    if (reads.as !== 'named') return [];
    return draft.columns.flatMap((column): Candidate[] => {
      const target = targets.find(({ role }) => role === reads.role);
      const title = titleScore(field, column);
      const there = draft.taken.find((one) => one.column.at === column.at);
      if (!target || carried.has(column.at) || title === -1 || there?.because === 'you said so') return [];
      const named = namesRows(column, target);
      if (!named || (named.telling < 0.6 && title !== 1)) return [];
      // A title that names rows which are there says more than one that could be a number of its own.
      const distinct = column.texts.length > 2 ? 1 : 0.6;
      const confidence = title === 1 ? 0.97 + 0.02 * named.share : 0.85 * named.share * named.telling * distinct;
      return [
        {
          column,
          field,
          codec: namedCodec(named),
          confidence,
          because: title === 1 ? 'title and cells' : 'relation',
          unknown: [],
        },
      ];
    });
  });
  // Small numbers that no contact has are places of contacts, not the numbers that are called.
  const contacts = targets.find(({ role }) => role === 'contacts');
  for (const one of draft.all) {
    if (one.field.id !== 'number' || !contacts || contacts.rows === 0) continue;
    const isCalled = shareOf(one.column, (text) => contacts.numbers.has(decodeCell(one.codec, text) ?? ''));
    if (isCalled < 0.5 && namesRows(one.column, contacts)) one.confidence = Math.min(one.confidence, 0.5);
  }
  const known = draft.taken.filter(({ because }) => because === 'you said so');
  const settledNames = known.flatMap((one): Candidate[] => {
    const { reads } = one.field;
    const target = reads.as === 'named' ? targets.find(({ role }) => role === reads.role) : undefined;
    const named = target ? namesRows(one.column, target) : null;
    return named ? [{ ...one, codec: namedCodec(named) }] : [];
  });
  const kept = known.filter((one) => one.field.reads.as !== 'named');
  draft.all = [...draft.all, ...found].sort((a, b) => b.confidence - a.confidence);
  draft.taken = assign(draft.all, [...kept, ...settledNames]);
}

const GENERIC_DIGITAL = /^(digital\w*|d|dig|numerique|digi)$/;

/** The mode of rows that do not say it, and whose word “digital” is. */
function takeMode(draft: Draft, modes: KitModes): void {
  const shown = MODE_IDS.filter((mode) =>
    modes[mode].kit.shownBy.some((id) =>
      draft.taken.some(({ field, confidence }) => field.id === id && confidence >= 0.5),
    ),
  );
  const digital = shown.filter((mode) => mode !== 'fm');
  const only = digital.length === 1 ? digital[0]! : null;
  const mode = draft.taken.find(({ field }) => field.id === 'mode');
  if (mode?.codec.as === 'words' && only) {
    const words = mode.codec.words.map(([word, meaning]): [string, string] => [
      word,
      GENERIC_DIGITAL.test(plainWord(word)) ? only : meaning,
    ]);
    mode.codec = { as: 'words', words };
  }
  draft.mode = mode ? null : (only ?? (digital.length === 0 ? 'fm' : null));
}

const blankFor: Readonly<Record<string, string>> = {
  tx: 'rx',
  shift: '0',
  direction: '0',
  'tone-tx': 'none',
  'tone-rx': 'none',
  'tx-off': 'no',
  contact: '',
  'receive-list': '',
};

function columnLayout(column: Column, one: Candidate | undefined): ColumnLayout {
  const isUnique = column.texts.length > Math.max(2, column.filled * 0.5);
  const blanks = column.cells.length - column.filled;
  return {
    title: column.title,
    field: one?.field.id ?? null,
    codec: one?.codec ?? null,
    blank: one ? (blankFor[one.field.id] ?? null) : null,
    usual: isUnique || blanks > column.filled ? '' : mostUsual(column),
    confidence: one?.confidence ?? 0,
  };
}

function learntColumn(draft: Draft, column: Column, layout: ColumnLayout, one: Candidate | undefined): LearntColumn {
  const others = draft.all
    .filter(({ column: { at }, field }) => at === column.at && field.id !== one?.field.id)
    .map(({ field }) => ({ field: field.id, title: field.title }));
  return {
    at: column.at,
    title: column.title,
    examples: column.texts.slice(0, 4).map(({ text }) => text),
    field: layout.field,
    fieldTitle: one?.field.title ?? '',
    codec: layout.codec,
    confidence: layout.confidence,
    because: one?.because ?? null,
    others: others.filter((other, at) => others.findIndex(({ field }) => field === other.field) === at).slice(0, 4),
  };
}

function layoutOf(draft: Draft): LearntTable {
  const of = (at: number) => draft.taken.find(({ column }) => column.at === at);
  const isFree = freeRowsOf(draft.table, draft.taken);
  const free = draft.table.rows.filter((_, at) => isFree(at)).length;
  const columns = draft.columns.map((column) => columnLayout(column, of(column.at)));
  const layout: TableLayout = {
    file: draft.file,
    part: draft.table.part,
    role: draft.role,
    headed: draft.table.header !== null,
    rowPerMember: draft.members?.rowPerMember ?? false,
    columns,
    mode: draft.role === 'channels' ? draft.mode : null,
    ...limitsOf(draft.table, draft.taken.find(({ field }) => field.id === 'name')?.column ?? null, free),
  };
  return {
    layout,
    table: draft.table,
    columns: draft.columns.map((column, at) => learntColumn(draft, column, columns[at]!, of(column.at))),
    rows: draft.table.rows.length - free,
  };
}

/** Learns the columns again from rows that are no free places. */
function withoutFreeRows(draft: Draft, learn: () => void): void {
  const isFree = freeRowsOf(draft.table, draft.taken);
  if (!draft.table.rows.some((_, at) => isFree(at))) return;
  draft.freeRows = true;
  draft.columns = columnsOf(draft.table, (at) => !isFree(at));
  learn();
}

/** What each table is and each column holds; with what could not be settled as questions, the most telling first. */
export function learnKit(
  files: readonly NamedFile[],
  modes: KitModes,
  evidence: Evidence,
  answers: readonly Answer[] = [],
): Learnt {
  const drafts = files.flatMap(({ name, file }) => file.tables.map((table) => draftOf(name, table)));
  const roles = recordRoles(modes);
  for (const draft of drafts) {
    if (!asChannels(draft, modes, answers)) continue;
    draft.role = 'channels';
    draft.roleConfidence = 1;
    withoutFreeRows(draft, () => fieldsIn(draft, channelKitFields(modes), answers));
    whichWayRound(draft, evidence);
  }
  const channels = drafts.filter(({ role }) => role === 'channels').map(targetOf);
  const lists = roles.filter((role) => role.lists);
  for (const draft of drafts.filter(({ role }) => role === 'other')) {
    const asked = said(draft, answers).find((one) => one.is === 'role')?.role;
    // Channels and contacts may have the same names: what the file is called says which are listed.
    const isOther = lists.some(({ called }) => called.test(draft.called)) && !ZONES_CALLED.test(draft.called);
    if (isOther && !asked) continue;
    const members = asked && asked !== 'zones' && asked !== 'scan lists' ? null : findMembers(draft.columns, channels);
    if (
      members &&
      (members.telling > 0.5 || ZONES_CALLED.test(draft.called) || SCAN_CALLED.test(draft.called) || asked)
    ) {
      const isScan = SCAN_CALLED.test(draft.called);
      draft.role = asked ?? (isScan ? 'scan lists' : 'zones');
      draft.roleConfidence = asked ? 1 : isScan || ZONES_CALLED.test(draft.called) ? 0.95 : 0.5;
      takeMembers(draft, members, answers, LIST_COLUMNS);
    }
  }
  for (const draft of drafts.filter(({ role }) => role === 'other')) {
    // Numbers in columns beside each other are members, not the number of a contact.
    const isList =
      lists.some(({ called }) => called.test(draft.called)) &&
      findMembers(draft.columns, drafts.filter(({ role }) => role === 'contacts').map(targetOf));
    const found = isList ? null : asRecords(draft, roles, answers);
    if (!found) continue;
    draft.role = found.role;
    withoutFreeRows(draft, () => fieldsIn(draft, found.fields, answers));
  }
  const records = drafts.filter(({ role }) => roles.some((one) => one.role === role));
  const targets = records.map(targetOf);
  for (const draft of drafts) {
    const asked = said(draft, answers).find((one) => one.is === 'role')?.role;
    for (const role of lists) {
      if (
        asked
          ? asked !== role.role
          : draft.role !== 'other' && !(role.called.test(draft.called) && draft.role === role.lists)
      )
        continue;
      const members = findMembers(
        draft.columns,
        targets.filter((one) => one.role === role.lists && one.names !== targetOf(draft).names),
      );
      if (!members || (members.telling <= 0.5 && !role.called.test(draft.called) && !asked)) continue;
      draft.role = role.role;
      draft.roleConfidence = asked ? 1 : role.called.test(draft.called) ? 0.95 : 0.75;
      takeMembers(draft, members, answers, role.fields);
    }
  }
  const all = drafts.filter(({ role }) => role !== 'channels' && role !== 'other').map(targetOf);
  for (const draft of drafts.filter(({ role }) => role === 'channels')) {
    takeLinks(draft, all, modes, answers);
    whichWayRound(draft, evidence);
    takeMode(draft, modes);
    takeTones(draft);
  }
  for (const draft of drafts) {
    takeWords(draft, answers);
    // What is not understood as a whole is carried along as a whole.
    if (draft.role === 'other') draft.taken = draft.all = [];
  }
  return {
    tables: drafts.map(layoutOf),
    questions: questionsOf(drafts, answers),
    faults: files.flatMap(({ name, file }) => file.faults.map((fault) => ({ ...fault, file: name }))),
  };
}

/** A tone column that holds none yet is written as the other one is. */
function takeTones(draft: Draft): void {
  const tones = draft.taken.filter(({ codec }) => codec.as === 'tone');
  const written = tones.find(({ column, codec }) =>
    column.texts.some(({ text }) => codec.as === 'tone' && text !== codec.none),
  );
  if (written?.codec.as !== 'tone') return;
  const { hertz, code } = written.codec;
  for (const one of tones)
    if (one !== written && one.codec.as === 'tone' && one.column.texts.length === 1)
      one.codec = { ...one.codec, hertz, code };
}

/** Words that somebody explained. */
function takeWords(draft: Draft, answers: readonly Answer[]): void {
  for (const answer of said(draft, answers)) {
    if (answer.is !== 'word') continue;
    const one = draft.taken.find(({ column }) => column.at === answer.column);
    if (one?.codec.as !== 'words') continue;
    one.codec = {
      as: 'words',
      words: [...one.codec.words.filter(([word]) => word !== answer.word), [answer.word, answer.meaning]],
    };
    one.unknown = one.unknown.filter((word) => word !== answer.word);
  }
}
