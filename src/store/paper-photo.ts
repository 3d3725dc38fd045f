/** The longer side of a picture on paper (px). */
const ON_PAPER = 800;

/** A kept picture as a paper shows it: smaller, as a data address; undefined where it cannot be read. */
export async function paperPhoto(blob: Blob): Promise<string | undefined> {
  const bitmap = await createImageBitmap(blob).catch(() => undefined);
  if (!bitmap) return undefined;
  const scale = Math.min(1, ON_PAPER / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(bitmap.width * scale));
  canvas.height = Math.max(1, Math.round(bitmap.height * scale));
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  return canvas.toDataURL('image/jpeg', 0.8);
}
