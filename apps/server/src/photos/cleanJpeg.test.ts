import { describe, expect, it } from 'vitest';
import { POINT } from '../test/testApp.js';
import { cleanJpeg } from './cleanJpeg.js';

const point = Buffer.from(POINT, 'base64');
const segment = (marker: number, text: string | Buffer) => {
  const body = Buffer.from(text as string, 'latin1');
  return Buffer.concat([Buffer.from([0xff, marker, (body.length + 2) >> 8, (body.length + 2) & 255]), body]);
};
/** The point with something put in at a place. */
const withIn = (at: number, ...more: Buffer[]) =>
  Buffer.concat([point.subarray(0, at), ...more, point.subarray(at)]);
const SCAN = point.indexOf(Buffer.from([0xff, 0xda]));
const FRAME = point.indexOf(Buffer.from([0xff, 0xc0]));
const changed = (at: number, ...bytes: number[]) => {
  const copy = Buffer.from(point);
  copy.set(bytes, at);
  return copy;
};

describe('a picture that is kept', () => {
  it('comes back as it was where there is nothing in it but the picture', () => {
    expect(cleanJpeg(point).equals(point)).toBe(true);
  });
  it.each([
    ['Exif', withIn(20, segment(0xe1, 'Exif\0\0where'))],
    ['XMP', withIn(20, segment(0xe1, 'http://ns.adobe.com/xap/1.0/\0where'))],
    ['the fields of the press', withIn(20, segment(0xed, 'where'))],
    ['a comment', withIn(20, segment(0xfe, 'where'))],
    ['a note of any kind', withIn(20, segment(0xe7, 'where'))],
    ['Exif behind the tables', withIn(SCAN, segment(0xe1, 'Exif\0\0where'))],
    ['Exif behind the points', withIn(point.length - 2, segment(0xe1, 'Exif\0\0where'))],
    ['something behind its end', Buffer.concat([point, Buffer.from('<script>where</script>')])],
    ['a second picture behind its end', Buffer.concat([point, withIn(20, segment(0xe1, 'Exif\0\0where'))])],
    ['fill before a marker', withIn(20, Buffer.from([0xff, 0xff]), segment(0xe1, 'where'))],
  ])('loses %s', (_what, given) => {
    const clean = cleanJpeg(given);
    expect(clean.includes('where')).toBe(false);
    expect(clean.equals(point)).toBe(true);
    expect(cleanJpeg(clean).equals(clean)).toBe(true);
  });
  it('loses the small picture inside its head, and keeps how its colours were turned', () => {
    const head = segment(0xe0, `JFIF\0\x01\x01\x01\0H\0H\x01\x01where`);
    const adobe = segment(0xee, 'Adobe\0d\0\0\0\0\x01');
    const clean = cleanJpeg(Buffer.concat([point.subarray(0, 2), head, adobe, point.subarray(20)]));
    expect(clean.includes('where')).toBe(false);
    expect(clean.includes('Adobe')).toBe(true);
  });
});

describe('what is no picture is refused', () => {
  it.each([
    ['another file', Buffer.from('GIF89a……'), /not a JPEG/],
    ['nothing', Buffer.alloc(0), /not a JPEG/],
    ['too large', Buffer.concat([point, Buffer.alloc(400_001)]), /400 kB/],
    ['cut off in its points', point.subarray(0, point.length - 2), /cut off/],
    ['65 535 points wide', changed(FRAME + 5, 0xff, 0xff, 0xff, 0xff), /4096/],
    ['no points high', changed(FRAME + 5, 0, 0), /4096/],
    ['twelve bits', changed(FRAME + 4, 12), /broken/],
    ['four colours', changed(FRAME + 9, 4), /broken/],
    ['a table that runs over', changed(22, 0, 0x42), /broken/],
    ['no table', Buffer.concat([point.subarray(0, 20), point.subarray(FRAME)]), /broken/],
    ['two frames', withIn(FRAME, point.subarray(FRAME, SCAN)), /broken/],
    ['no frame', Buffer.concat([point.subarray(0, FRAME), point.subarray(SCAN)]), /broken/],
    ['a length of nothing', withIn(20, Buffer.from([0xff, 0xe1, 0, 0])), /broken/],
    ['words between its parts', withIn(20, Buffer.from('where')), /broken/],
    ['a marker nobody needs', withIn(20, segment(0xdc, '\0\x01')), /broken/],
  ])('%s', (_what, given, words) => {
    expect(() => cleanJpeg(given)).toThrow(expect.objectContaining({ code: 'pictureRefused' }));
    try {
      cleanJpeg(given);
    } catch (error) {
      expect((error as { details: { message: string } }).details.message).toMatch(words);
    }
  });
  it('cut anywhere, it is refused or whole, and nothing else happens', () => {
    for (let length = 0; length < point.length; length += 1)
      expect(() => cleanJpeg(point.subarray(0, length))).toThrow(
        expect.objectContaining({ code: 'pictureRefused' }),
      );
  });
});
