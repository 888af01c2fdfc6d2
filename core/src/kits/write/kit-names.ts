/** Names as a radio takes them: its length, its letters; numbers and call signs stay whole. */
import { inLetters, plainLetters } from '../../codeplug/letters';
import { cutName, nameFitter, shortenName } from '../../codeplug/names';
import type { TableLayout } from '../../plan/kit';
import { rows } from '../../plan/table';
import type { Codeplug, Id } from '../../plan/types';
import { canEncode, type Encoded } from '../../tables/encoding';

const MOST = 60;

/** What names of one table have to keep to. */
export interface NameRules {
  /** Characters. */
  length: number;
  letters: TableLayout['letters'];
  /** How the file is written; `null`: it has every letter. */
  encoded: Encoded | null;
  /** What stands between names where another table lists them in one cell. */
  separators: readonly string[];
}

/** `all`: the tables of the kit. */
export function nameRules(layout: TableLayout, all: readonly TableLayout[], encoded: Encoded | null): NameRules {
  const separators = all
    .flatMap(({ columns }) => columns)
    .flatMap(({ codec }) =>
      codec?.as === 'members' && codec.role === layout.role && codec.by === 'name' && codec.separator !== 'list'
        ? [codec.separator.trim() || codec.separator]
        : [],
    );
  return { length: layout.nameLength ?? MOST, letters: layout.letters, encoded, separators };
}

/** Letters that the radio, or the encoding of its file, does not have become the nearest that it has. */
function asWritten(name: string, { letters, encoded, separators }: NameRules): string {
  const shown = encoded && !canEncode(name, encoded) ? plainLetters(name) : inLetters(name, letters);
  const whole = separators.reduce((text, separator) => text.replaceAll(separator, '-'), shown);
  return letters === 'capitals' ? whole.toUpperCase() : whole;
}

/** What a name becomes by itself, whatever other names there are. */
export function fittedName(rules: NameRules, name: string): string {
  return shortenName(asWritten(name, rules), rules.length);
}

/** What a kit would call each channel, whatever other names there are, by its id. */
export function channelNames(layouts: readonly TableLayout[], codeplug: Codeplug): ReadonlyMap<Id, string> {
  const tables = layouts.filter(({ role }) => role === 'channels');
  const rules = new Map(tables.map((layout) => [layout, nameRules(layout, layouts, null)]));
  return new Map(
    rows(codeplug.channels).map(({ id, name, mode }) => {
      const own = tables.find((one) => one.mode === null || one.mode === mode) ?? tables[0];
      return [id, own ? fittedName(rules.get(own)!, name) : name];
    }),
  );
}

/**
 * Gives a fitting name after the other, each once. `own`: names of the table, to which each name is added; `all`: names
 * of every table of its role, of which no new name is one.
 */
export function kitNames(
  rules: NameRules,
  own = new Set<string>(),
  all = own,
): (name: string, before?: string) => string {
  const fit = nameFitter(rules.length, all);
  return (name, before) => {
    const wish = asWritten(name, rules);
    // A name that stands there already stays, also where the radio's own program has cut it.
    const stays =
      before !== undefined &&
      !own.has(before) &&
      (before === name || before === wish || before === cutName(wish, rules.length).trim());
    let fitted = stays ? before : fit({ name: wish, qualifier: '' });
    // The fitter does not know names that were given elsewhere meanwhile.
    while (!stays && all.has(fitted)) fitted = fit({ name: wish, qualifier: '' });
    own.add(fitted);
    all.add(fitted);
    return fitted;
  };
}
