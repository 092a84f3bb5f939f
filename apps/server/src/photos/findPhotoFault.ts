import { MOST_PHOTO_BYTES } from '@feverfew/contracts';

const SOI = 0xffd8;
const SCAN = 0xffda;
/** APP1 holds Exif and XMP, APP13 the press fields: where, when, with what it was taken. */
const TELLING = new Set([0xffe1, 0xffed]);

/** Why a picture may not be kept: not a JPEG, too big, or with metadata still in it. null when it may. */
export function findPhotoFault(bytes: Buffer): string | null {
  if (bytes.length > MOST_PHOTO_BYTES) return `A picture may weigh ${MOST_PHOTO_BYTES / 1000} kB at most.`;
  if (bytes.length < 4 || bytes.readUInt16BE(0) !== SOI) return 'This is not a JPEG picture.';
  let index = 2;
  while (index + 4 <= bytes.length) {
    const marker = bytes.readUInt16BE(index);
    if (marker === SCAN) return null;
    if (marker < 0xff00) return 'This JPEG picture is broken.';
    if (TELLING.has(marker))
      return 'The picture still tells where and when it was taken. Take that out first.';
    index += 2 + bytes.readUInt16BE(index + 2);
  }
  return 'This JPEG picture is cut off.';
}
