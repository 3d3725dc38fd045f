/** The longer side (px) of a smaller copy, and how well it is drawn (0–1). */
const LONGEST = 640;
const QUALITY = 0.6;

/** A smaller copy of a picture; undefined where this device cannot draw off the page. */
export async function shrink(picture: Blob): Promise<Blob | undefined> {
  if (typeof OffscreenCanvas === 'undefined') return undefined;
  try {
    const bitmap = await createImageBitmap(picture);
    const scale = Math.min(1, LONGEST / Math.max(bitmap.width, bitmap.height));
    const canvas = new OffscreenCanvas(
      Math.max(1, Math.round(bitmap.width * scale)),
      Math.max(1, Math.round(bitmap.height * scale)),
    );
    canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
    bitmap.close();
    return await canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY });
  } catch {
    return undefined;
  }
}
