/** A kit as a file to hand on (docs/formats.md): layouts and empty patterns, without anybody's codeplug. */
import type { Kit } from '../plan/kit';
import { bytesOf, type Format, sniffJson, textOf } from './format';
import { parseJson, problemsOf, type Wanted } from './json';

export const KIT_FORMAT = 'yellow-relay-kit';
export const KIT_VERSION = 1;

/** What is shared of a kit. */
export type SharedKit = Omit<Kit, 'id' | 'radioId' | 'secretFiles'>;

interface KitDocument extends SharedKit {
  format: typeof KIT_FORMAT;
  formatVersion: typeof KIT_VERSION;
}

const isText = (value: unknown) => typeof value === 'string';
const isList = (value: unknown) => Array.isArray(value);

/** What keeps a document from being a kit at all; the plan's schema tells the rest when it is taken into a plan. */
const WANTED: readonly Wanted[] = [
  ['format', (value) => value === KIT_FORMAT, `“${KIT_FORMAT}”`],
  ['formatVersion', (value) => value === KIT_VERSION, String(KIT_VERSION)],
  ['name', isText, 'a name'],
  ['files', isList, 'a list of files'],
  ['tables', isList, 'a list of tables'],
];

export const kitJson: Format<SharedKit> = {
  id: 'kit-json',
  name: 'Kit of layouts',
  extensions: ['kit.json', 'json'],
  mediaType: 'application/json',
  sniff: (bytes) => sniffJson(bytes, KIT_FORMAT),
  write({ name, files, tables }) {
    const document: KitDocument = { format: KIT_FORMAT, formatVersion: KIT_VERSION, name, files, tables };
    return bytesOf(`${JSON.stringify(document, null, 2)}\n`);
  },
  read(bytes) {
    const { value, finding } = parseJson(textOf(bytes));
    const findings = finding ? [finding] : problemsOf(value, WANTED);
    if (findings.length > 0) return { value: null, findings };
    const { name, files, tables } = value as KitDocument;
    return { value: { name, files, tables }, findings };
  },
};
