import { writeFileSync } from 'node:fs';
import { deflateSync } from 'node:zlib';

/** A file as it is chosen. */
export interface Chosen {
  readonly name: string;
  readonly mimeType: string;
  readonly buffer: Buffer;
}

function chunk(type: string, data: Buffer): Buffer {
  const body = Buffer.concat([Buffer.from(type, 'latin1'), data]);
  const crcTable = Array.from({ length: 256 }, (_, n) => {
    let c = n;
    for (let k = 0; k < 8; k++) c = c & 1 ? 0xedb88320 ^ (c >>> 1) : c >>> 1;
    return c >>> 0;
  });
  const crc = body.reduce((c, byte) => (crcTable[(c ^ byte) & 255] ?? 0) ^ (c >>> 8), 0xffffffff);
  const head = Buffer.alloc(4);
  head.writeUInt32BE(data.length);
  const tail = Buffer.alloc(4);
  tail.writeUInt32BE((crc ^ 0xffffffff) >>> 0);
  return Buffer.concat([head, body, tail]);
}

/** A picture (PNG) larger than what is kept, in one color, with words beside it that tell where it was taken. */
export function largePicture(width = 2400, height = 1800, shade = 120): Chosen {
  const header = Buffer.alloc(13);
  header.writeUInt32BE(width, 0);
  header.writeUInt32BE(height, 4);
  header.set([8, 0, 0, 0, 0], 8);
  const rows = Buffer.alloc((width + 1) * height, shade);
  for (let y = 0; y < height; y++) rows[y * (width + 1)] = 0;
  const buffer = Buffer.concat([
    Buffer.from([137, 80, 78, 71, 13, 10, 26, 10]),
    chunk('IHDR', header),
    chunk('tEXt', Buffer.from('Comment\0GPSLatitude 44.0 GPSLongitude 93.0', 'latin1')),
    chunk('IDAT', deflateSync(rows)),
    chunk('IEND', Buffer.alloc(0)),
  ]);
  return { name: 'crack.png', mimeType: 'image/png', buffer };
}

/** A file that says it is a picture and is none. */
export const NO_PICTURE: Chosen = {
  name: 'notes.txt',
  mimeType: 'text/plain',
  buffer: Buffer.from('not a picture'),
};

/** Writes a file of 40 MB, and gives its path. */
export function huge(path: string): string {
  writeFileSync(path, Buffer.alloc(40_000_000, 7));
  return path;
}
