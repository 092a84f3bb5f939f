import { MAX_PHOTO_BYTES } from '@feverfew/contracts';

const QUALITIES = [0.82, 0.7, 0.55, 0.4] as const;

/**
 * A picture drawn again at a limited width and height, px: small, and without the camera's metadata (place, time,
 * device).
 * @throws when the file is no picture the browser can read, or will not get small enough
 */
export async function shrinkPhoto(file: Blob, mostSidePx = 1400): Promise<Blob> {
  const image = await createImageBitmap(file).catch(() => {
    throw new Error('This file is no picture that can be read here.');
  });
  const scale = Math.min(1, mostSidePx / Math.max(image.width, image.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(image.width * scale));
  canvas.height = Math.max(1, Math.round(image.height * scale));
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
  image.close();
  for (const quality of QUALITIES) {
    const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', quality));
    if (blob && blob.size <= MAX_PHOTO_BYTES) return blob;
  }
  throw new Error('The picture does not get small enough.');
}

export async function base64Of(blob: Blob): Promise<string> {
  const bytes = new Uint8Array(await blob.arrayBuffer());
  let text = '';
  for (let index = 0; index < bytes.length; index += 8192)
    text += String.fromCharCode(...bytes.subarray(index, index + 8192));
  return btoa(text);
}
