/** Hands a file to the browser to be saved under a name. */
export function saveFile(parts: BlobPart, type: string, name: string): void {
  const url = URL.createObjectURL(new Blob([parts], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // The download has taken its own hold of the bytes by then.
  setTimeout(() => URL.revokeObjectURL(url), 60_000);
}
