import { MAX_PHOTO_BYTES } from '@feverfew/contracts';
import { ServerError } from '../problems/serverError.js';

/** Longest side a kept picture may have, px; the device draws it at most half so wide. */
const MAX_SIDE_PX = 4096;
/** A progressive picture has about ten scans; more would only slow its viewers down. */
const MAX_SCANS = 32;

// Marker codes as in ITU-T T.81 (1992), table B.1.
const SOI = 0xd8;
const EOI = 0xd9;
const SOS = 0xda;
const DQT = 0xdb;
const DRI = 0xdd;
const DHT = 0xc4;
/** Frames that every browser draws: baseline, extended, progressive. */
const FRAMES = new Set([0xc0, 0xc1, 0xc2]);
const APP0 = 0xe0;
const APP14 = 0xee;
/** Metadata segments: APP0 to APP15 and comments. Only these two are needed to draw the picture. */
const isNote = (marker: number): boolean => (marker >= APP0 && marker <= 0xef) || marker === 0xfe;
const isRestart = (code: number): boolean => code >= 0xd0 && code <= 0xd7;

/**
 * A JPEG copied segment by segment, with only the segments that draw it: no place, time or device (Exif, XMP,
 * comments, small pictures inside), and nothing behind its end. Structure after ITU-T T.81 (1992), annex B, and JFIF
 * 1.02. What the compressed points themselves say is not read.
 * @param bytes at most 400 kB
 * @returns the clean picture; a clean one comes back as it was
 * @throws ServerError pictureRefused where it is no whole JPEG of at most 4096 px
 */
export function cleanJpeg(bytes: Buffer): Buffer {
  if (bytes.length > MAX_PHOTO_BYTES) refuse(`A picture may weigh ${MAX_PHOTO_BYTES / 1000} kB at most.`);
  if (bytes.length < 4 || bytes[0] !== 0xff || bytes[1] !== SOI) refuse('This is not a JPEG picture.');
  const kept: Buffer[] = [bytes.subarray(0, 2)];
  const seen = { frames: 0, scans: 0, tables: 0 };
  let index = 2;
  for (;;) {
    if (bytes[index] !== 0xff) broken();
    while (bytes[index] === 0xff) index += 1;
    const marker = bytes[index] ?? broken();
    index += 1;
    if (marker === EOI) break;
    const length = index + 2 <= bytes.length ? bytes.readUInt16BE(index) : broken();
    const body = bytes.subarray(index + 2, index + length);
    if (length < 2 || body.length !== length - 2) broken();
    index += length;
    if (isNote(marker)) {
      const note = neededNote(marker, body);
      if (note) kept.push(segment(marker, note));
      continue;
    }
    if (FRAMES.has(marker)) {
      seen.frames += 1;
      requireFrame(body);
    } else if (marker === DQT) seen.tables += requireQuantities(body);
    else if (marker === DHT) requireCodes(body);
    else if (marker === DRI) requireThat(body.length === 2);
    else if (marker === SOS) {
      seen.scans += 1;
      requireThat(seen.frames === 1 && seen.tables > 0 && seen.scans <= MAX_SCANS);
      requireThat(body.length === 4 + 2 * (body[0] ?? 0));
    } else broken();
    kept.push(segment(marker, body));
    if (marker !== SOS) continue;
    const end = endOfScan(bytes, index);
    kept.push(bytes.subarray(index, end));
    index = end;
  }
  requireThat(seen.frames === 1 && seen.scans > 0);
  return Buffer.concat([...kept, Buffer.from([0xff, EOI])]);
}

/** What of a note the picture needs: its shape of points, and how its colours were turned (Adobe). */
function neededNote(marker: number, body: Buffer): Buffer | null {
  if (marker === APP0 && body.length >= 14 && body.toString('latin1', 0, 5) === 'JFIF\0')
    return Buffer.concat([body.subarray(0, 12), Buffer.alloc(2)]);
  if (marker === APP14 && body.length >= 12 && body.toString('latin1', 0, 5) === 'Adobe')
    return body.subarray(0, 12);
  return null;
}

/** Eight bits a point, grey or three colours, a size that can be drawn. */
function requireFrame(body: Buffer): void {
  requireThat(body.length >= 6);
  const [height, width, colours] = [body.readUInt16BE(1), body.readUInt16BE(3), body[5] ?? 0];
  requireThat(body[0] === 8 && (colours === 1 || colours === 3) && body.length === 6 + 3 * colours);
  if (height < 1 || width < 1 || height > MAX_SIDE_PX || width > MAX_SIDE_PX)
    refuse(`A picture may be ${MAX_SIDE_PX} points wide and high at most.`);
}

/** @returns how many tables of quantities there are */
function requireQuantities(body: Buffer): number {
  let tables = 0;
  let index = 0;
  while (index < body.length) {
    const [precision, id] = [(body[index] ?? 0) >> 4, (body[index] ?? 0) & 15];
    requireThat(precision <= 1 && id <= 3);
    index += 1 + 64 * (precision + 1);
    tables += 1;
  }
  requireThat(index === body.length);
  return tables;
}

/** Tables of codes: how many of each length, and as many symbols. */
function requireCodes(body: Buffer): void {
  let index = 0;
  while (index < body.length) {
    const [kind, id] = [(body[index] ?? 0) >> 4, (body[index] ?? 0) & 15];
    requireThat(kind <= 1 && id <= 3 && index + 17 <= body.length);
    const symbols = body.subarray(index + 1, index + 17).reduce((sum, count) => sum + count, 0);
    requireThat(symbols <= 256);
    index += 17 + symbols;
  }
  requireThat(index === body.length);
}

/** Where the compressed points end: the next marker that is neither stuffing nor a restart. */
function endOfScan(bytes: Buffer, from: number): number {
  for (let index = bytes.indexOf(0xff, from); index >= 0; index = bytes.indexOf(0xff, index + 1)) {
    const code = bytes[index + 1] ?? broken();
    if (code !== 0 && code !== 0xff && !isRestart(code)) return index;
  }
  return refuse('This JPEG picture is cut off.');
}

function segment(marker: number, body: Buffer): Buffer {
  const head = Buffer.from([0xff, marker, 0, 0]);
  head.writeUInt16BE(body.length + 2, 2);
  return Buffer.concat([head, body]);
}

function requireThat(holds: boolean): void {
  if (!holds) broken();
}

function broken(): never {
  return refuse('This JPEG picture is broken.');
}

function refuse(message: string): never {
  throw new ServerError('pictureRefused', { message, path: 'jpeg' });
}
