/** All files of a kit in one zip, with a list of what is in it and what was changed. */
import { zipSync } from 'fflate';
import type { NamedBytes } from '../../tables/open';
import { fingerprintFiles } from '../../units/fingerprint';
import type { WrittenKit } from './write-kit';

export const MANIFEST = 'manifest.json';

export interface Archived {
  zip: Uint8Array;
  fingerprint: string;
}

/** `at`: RFC 3339, UTC. */
export function archiveOf(
  written: WrittenKit,
  about: { plan: string; radio: string; kit: string; at: string },
): Archived {
  const fingerprint = fingerprintFiles(written.files);
  const { tables, renamed, leftOut, losses } = written;
  const manifest = {
    format: 'yellow-relay-kit-manifest',
    formatVersion: 1,
    ...about,
    fingerprint,
    files: written.files.map(({ name, bytes }) => ({
      name,
      bytes: bytes.length,
      fingerprint: fingerprintFiles([{ name, bytes }]),
    })),
    tables,
    renamed,
    leftOut,
    losses,
  };
  const entries: NamedBytes[] = [
    ...written.files,
    { name: MANIFEST, bytes: new TextEncoder().encode(`${JSON.stringify(manifest, null, 2)}\n`) },
  ];
  // The time of entries is the time of the manifest: the same plan gives the same bytes.
  const options = { level: 6, mtime: new Date(about.at) } as const;
  return { zip: zipSync(Object.fromEntries(entries.map(({ name, bytes }) => [name, bytes])), options), fingerprint };
}
