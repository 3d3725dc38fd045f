import { fail, ok, type Result } from '@/core/base';
import { sha256Of, type PhotoRow } from '@/keeper';

/** A picture ready to be kept, with its size. */
export interface Photo extends PhotoRow {
  readonly bytes: number;
  readonly width: number;
  readonly height: number;
}

/** Why a file was not taken as a picture; what was there stays. */
export type PhotoProblem =
  | { readonly code: 'too-large'; readonly bytes: number }
  | { readonly code: 'not-an-image'; readonly type: string }
  | { readonly code: 'empty' };

/** More than any camera of a phone makes, less than what brings its browser down when it is unpacked. */
const MOST_PHOTO = 30_000_000;
/** The longer side of a picture that is kept (px): a crack is still seen, a thousand of them fit a phone. */
const LONGEST = 1600;
const QUALITY = 0.82;

async function toJpeg(
  bitmap: ImageBitmap,
): Promise<{ blob: Blob; width: number; height: number } | undefined> {
  const scale = Math.min(1, LONGEST / Math.max(bitmap.width, bitmap.height));
  const width = Math.max(1, Math.round(bitmap.width * scale));
  const height = Math.max(1, Math.round(bitmap.height * scale));
  const canvas = document.createElement('canvas');
  canvas.width = width;
  canvas.height = height;
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, width, height);
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/jpeg', QUALITY));
  return blob ? { blob, width, height } : undefined;
}

/**
 * A file as a picture to keep: turned upright, scaled down and drawn anew, so that nothing of the file but what is
 * seen remains: no place, no camera, no time.
 */
export async function takePhoto(file: Blob): Promise<Result<Photo, PhotoProblem>> {
  if (file.size === 0) return fail({ code: 'empty' });
  if (file.size > MOST_PHOTO) return fail({ code: 'too-large', bytes: file.size });
  let bitmap: ImageBitmap;
  try {
    bitmap = await createImageBitmap(file);
  } catch {
    return fail({ code: 'not-an-image', type: file.type });
  }
  const drawn = await toJpeg(bitmap);
  bitmap.close();
  if (!drawn) return fail({ code: 'not-an-image', type: file.type });
  const hash = await sha256Of(new Uint8Array(await drawn.blob.arrayBuffer()));
  return ok({ ...drawn, hash, bytes: drawn.blob.size });
}
