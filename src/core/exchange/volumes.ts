/** What one archive holds of pictures: as many bytes as a phone saves and sends in one piece, and fewer files than a zip takes (65,535). */
const VOLUME = { bytes: 512 * 1024 * 1024, pictures: 50_000 };

/** A picture that goes into an archive: the hash of its bytes, and how many they are. */
export interface Picture {
  readonly hash: string;
  readonly bytes: number;
}

/** One archive of several that hold a log's pictures between them; each holds the whole log. */
export interface Volume {
  readonly number: number;
  readonly of: number;
}

/**
 * The pictures of a log in as many archives as it takes, by their hashes: at least one, none with more than it may hold
 * unless a single picture does. The same pictures are always parted alike.
 */
export function volumesOf(
  pictures: readonly Picture[],
  most = VOLUME.bytes,
): readonly [readonly string[], ...(readonly string[])[]] {
  const parts: [string[], ...string[][]] = [[]];
  let held = 0;
  for (const { hash, bytes } of [...pictures].sort((a, b) => (a.hash < b.hash ? -1 : 1))) {
    if (held > 0 && (held + bytes > most || parts.at(-1)?.length === VOLUME.pictures)) {
      parts.push([]);
      held = 0;
    }
    parts.at(-1)?.push(hash);
    held += bytes;
  }
  return parts;
}

/** What a later archive adds to its name: `yardline-2026-05-16-2.zip`. */
export const volumeName = (name: string, { number }: Volume): string =>
  number === 1 ? name : name.replace(/\.zip$/, `-${number}.zip`);

/** What an archive holds of pictures. */
export interface VolumeSize {
  readonly photos: number;
  readonly bytes: number;
}

/** What several archives hold together. */
export const sizeOf = (sizes: readonly VolumeSize[]): VolumeSize => ({
  photos: sizes.reduce((sum, { photos }) => sum + photos, 0),
  bytes: sizes.reduce((sum, { bytes }) => sum + bytes, 0),
});
