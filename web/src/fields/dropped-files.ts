/** The files of a drop, folders opened. */
function readAll(reader: FileSystemDirectoryReader): Promise<FileSystemEntry[]> {
  return new Promise((resolve, reject) => reader.readEntries(resolve, reject));
}

async function filesIn(entry: FileSystemEntry): Promise<File[]> {
  if (entry.isFile)
    return [await new Promise<File>((resolve, reject) => (entry as FileSystemFileEntry).file(resolve, reject))];
  const reader = (entry as FileSystemDirectoryEntry).createReader();
  const found: File[] = [];
  // A folder is told in pieces; an empty piece is the last.
  for (let part = await readAll(reader); part.length > 0; part = await readAll(reader))
    for (const one of part) found.push(...(await filesIn(one)));
  return found;
}

export async function droppedFiles({ dataTransfer }: DragEvent): Promise<File[]> {
  const entries = [...(dataTransfer?.items ?? [])].map((item) => item.webkitGetAsEntry()).filter((one) => one !== null);
  if (entries.length === 0) return [...(dataTransfer?.files ?? [])];
  return (await Promise.all(entries.map(filesIn))).flat();
}
