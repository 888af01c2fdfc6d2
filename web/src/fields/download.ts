/** Hands a text, or the bytes of a format, to the browser as a file. */
export function download(name: string, mediaType: string, content: string | Uint8Array): void {
  const url = URL.createObjectURL(new Blob([content as BlobPart], { type: `${mediaType};charset=utf-8` }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

/** `Ostrey Isles · home` → `ostrey-isles-home`. */
export function fileName(text: string): string {
  return (
    text
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'plan'
  );
}
