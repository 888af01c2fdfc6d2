/** D-STAR fields: eight characters, spaces counted, the eighth set apart; and what a UR field asks for. */
import type { Refusal } from '../../codeplug/channel-field';
import { refused } from '../../codeplug/reading';
import {
  CALL_TO_ALL,
  DIRECT_FIELD,
  FIELD_CHARACTERS,
  FIELD_LENGTH,
  GATEWAY_LETTER,
} from '../../plan/modes/dstar/limits';

/** A text padded to a field; longer ones are cut nowhere: they come back as they are, and `fieldProblem` says so. */
export function padField(text: string, length = FIELD_LENGTH): string {
  return text.padEnd(length, ' ');
}

/** A call sign with a letter in the eighth place: `QO3VES B`. */
export function withModule(callSign: string, module: string): string {
  return `${callSign
    .toUpperCase()
    .trim()
    .slice(0, FIELD_LENGTH - 1)
    .padEnd(FIELD_LENGTH - 1, ' ')}${module || ' '}`;
}

/** The letter in the eighth place of a call-sign field; empty where there is none. */
export function moduleOf(field: string): string {
  return field[FIELD_LENGTH - 1] ?? ' ';
}

/** A call-sign field without the eighth place and the spaces before it. */
export function callSignOf(field: string): string {
  return field.slice(0, FIELD_LENGTH - 1).trim();
}

/** Whether a call-sign field names a gateway: G in the eighth place. */
export function isGateway(field: string): boolean {
  return moduleOf(field) === GATEWAY_LETTER && callSignOf(field) !== '';
}

/** What is wrong with a field as it was typed, and the form that was probably meant; `null` when nothing is. */
export function fieldProblem(text: string, length = FIELD_LENGTH): Refusal | null {
  const upper = text.toUpperCase();
  if (!FIELD_CHARACTERS.test(upper)) return refused(`“${text}”`, 'letters A to Z, digits, spaces and “/” only');
  if (text.trim() === '' || length !== FIELD_LENGTH)
    return text.length > length
      ? refused(`${text.length} characters`, `at most ${length}`, upper.slice(0, length))
      : null;
  // A call sign and one letter: the letter belongs into the eighth place, wherever it was put.
  const spaced = /^([A-Z0-9]{3,7}) +([A-Z])\s*$/.exec(upper);
  if (spaced) {
    const meant = withModule(spaced[1]!, spaced[2]!);
    return upper.padEnd(FIELD_LENGTH, ' ') === meant
      ? null
      : refused(`“${text}” with the letter in place ${upper.lastIndexOf(spaced[2]!) + 1}`, 'it in the eighth', meant);
  }
  return text.length > FIELD_LENGTH ? refused(`${text.length} characters`, `at most ${FIELD_LENGTH}`) : null;
}

/** A field for reading: what stands before the end, its spaces made visible; `empty` for nothing but spaces. */
export function fieldText(field: string): string {
  return field.trim() === '' ? 'empty' : field.trimEnd().replaceAll(' ', '·');
}

/** What is wrong with RPT1 or RPT2 as it was typed: there, a call sign is nothing without its letter. */
export function accessProblem(text: string): Refusal | null {
  const upper = text.toUpperCase().trimEnd();
  const problem = fieldProblem(text);
  if (problem || upper === '' || upper === DIRECT_FIELD || upper.length === FIELD_LENGTH) return problem;
  const early = /^([A-Z0-9/]{3,6})([A-Z])$/.exec(upper);
  if (early && upper.length === FIELD_LENGTH - 1)
    return refused(`“${text}” with the letter in place 7`, 'it in the eighth', withModule(early[1]!, early[2]!));
  return refused(
    `“${text}” without a letter in the eighth place`,
    `a module such as B, or ${GATEWAY_LETTER} for the gateway`,
  );
}

/** What is wrong with UR as it was typed: letters, length, or a command that no gateway takes. */
export function urProblem(text: string): Refusal | null {
  const upper = text.toUpperCase();
  const problem = fieldProblem(text);
  // A link command may look like a call sign with its letter: what it asks for decides.
  if (problem && !REFLECTOR.test(upper.slice(0, 6))) return problem;
  const command = readCommand(upper);
  if (command.kind !== 'malformed') return upper.length > FIELD_LENGTH ? fieldProblem(text) : null;
  return refused(`“${text}”`, `eight characters: ${command.why}`, meantCommand(upper.trim()));
}

function meantCommand(plain: string): string | undefined {
  const single = SINGLE[plain];
  if (single && plain.length === 1) return plain.padStart(FIELD_LENGTH, ' ');
  const link = /^([A-Z]{3}\d{3}) *([A-Z]) *L?$/.exec(plain);
  return link ? `${link[1]}${link[2]}L` : undefined;
}

/** What a UR field does when a radio sends it. */
export type Command =
  | { kind: 'call to all' }
  | { kind: 'link'; reflector: string; module: string }
  | { kind: 'unlink' }
  | { kind: 'status' }
  | { kind: 'echo' }
  /** To the area of a repeater, by its call sign and module. */
  | { kind: 'repeater'; callSign: string; module: string }
  | { kind: 'station'; callSign: string }
  /** A link command that no gateway takes, and why. */
  | { kind: 'malformed'; why: string };

/** A reflector: three letters of its family, three digits. Common practice. */
export const REFLECTOR = /^[A-Z]{3}\d{3}$/;

const SINGLE: Readonly<Record<string, Command>> = { U: { kind: 'unlink' }, I: { kind: 'status' }, E: { kind: 'echo' } };

/** `text` as it stands in the field, spaces included. Common practice. */
export function readCommand(text: string): Command {
  const field = padField(text.toUpperCase());
  const plain = field.trimEnd();
  if (plain === CALL_TO_ALL) return { kind: 'call to all' };
  const single = SINGLE[plain.trim()];
  if (single && plain.trim().length === 1)
    return plain.length === FIELD_LENGTH
      ? single
      : { kind: 'malformed', why: `the letter ${plain.trim()} stands in place ${plain.length}, not in the eighth` };
  const link = /^([A-Z]{3}\d{3})(.)?(.)?$/.exec(plain);
  if (link) {
    const [, reflector, module, letter] = link;
    if (!module || !/[A-Z]/.test(module))
      return { kind: 'malformed', why: `the module of ${reflector} is missing or no letter from A to Z` };
    if (letter !== 'L') return { kind: 'malformed', why: 'the L in the eighth place is missing' };
    return { kind: 'link', reflector: reflector!, module };
  }
  if (plain.startsWith('/'))
    return { kind: 'repeater', callSign: plain.slice(1, FIELD_LENGTH - 1).trim(), module: moduleOf(field).trim() };
  return plain === '' ? { kind: 'malformed', why: 'nothing is asked for' } : { kind: 'station', callSign: plain };
}

/** The UR field of a command, exactly eight characters. */
export function writeCommand(command: Exclude<Command, { kind: 'malformed' }>): string {
  switch (command.kind) {
    case 'call to all':
      return padField(CALL_TO_ALL);
    case 'link':
      return `${command.reflector}${command.module}L`;
    case 'unlink':
    case 'status':
    case 'echo':
      return ({ unlink: 'U', status: 'I', echo: 'E' } as const)[command.kind].padStart(FIELD_LENGTH, ' ');
    case 'repeater':
      return withModule(`/${command.callSign}`, command.module);
    case 'station':
      return padField(command.callSign);
  }
}
