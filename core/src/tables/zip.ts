/** Zip archives (PKWARE APPNOTE): what is in them is looked at before anything is unpacked. */
import { type UnzipFileInfo, unzipSync } from 'fflate';
import { ListTooLarge } from './limits';
import { UnreadableFile } from './table-file';

export const ZIP_LIMITS = { files: 300, bytes: 200_000_000, ratio: 400 } as const;

export const isZip = (bytes: Uint8Array): boolean =>
  bytes[0] === 0x50 && bytes[1] === 0x4b && (bytes[2] === 3 || bytes[2] === 5);

function infosOf(bytes: Uint8Array): UnzipFileInfo[] {
  const infos: UnzipFileInfo[] = [];
  try {
    unzipSync(bytes, {
      filter: (info) => {
        infos.push(info);
        return false;
      },
    });
  } catch (error) {
    throw new UnreadableFile('The archive', error instanceof Error ? error.message : String(error), 'a whole zip file');
  }
  return infos;
}

export const namesIn = (bytes: Uint8Array): string[] => infosOf(bytes).map(({ name }) => name);

const many = (count: number) => count.toLocaleString('en-GB');

/** Refuses what would unpack to more than any radio's files. @throws ListTooLarge, UnreadableFile */
export function checkZip(bytes: Uint8Array): void {
  const infos = infosOf(bytes);
  if (infos.length > ZIP_LIMITS.files)
    throw new ListTooLarge('The archive', `${many(infos.length)} files`, `at most ${many(ZIP_LIMITS.files)}`);
  const size = infos.reduce((sum, { originalSize }) => sum + originalSize, 0);
  const isBomb = size > 1_000_000 && size > bytes.length * ZIP_LIMITS.ratio;
  if (size > ZIP_LIMITS.bytes || isBomb)
    throw new ListTooLarge(
      'The archive',
      `${many(size)} bytes packed into ${many(bytes.length)}`,
      `at most ${many(ZIP_LIMITS.bytes)}, packed no closer than ${ZIP_LIMITS.ratio} to 1`,
    );
}

/** The files of an archive, by name; folders and what systems add to archives left out. */
export function unzip(bytes: Uint8Array): { name: string; bytes: Uint8Array }[] {
  checkZip(bytes);
  try {
    // No more than an entry says that it holds is unpacked.
    const files = unzipSync(bytes, { filter: ({ name }) => !/\/$|(^|\/)(__MACOSX\/|\.)/.test(name) });
    return Object.entries(files).map(([name, content]) => ({ name, bytes: content }));
  } catch (error) {
    throw new UnreadableFile('The archive', error instanceof Error ? error.message : String(error), 'a whole zip file');
  }
}
