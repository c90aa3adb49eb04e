// Photos of phones in the HEIC format: some browsers can read them, the server cannot.

const JPEG_QUALITY = 0.9;

/** @returns a photo the server reads: the file, or a JPEG of it; null where this browser cannot read it either */
export async function asReadablePhoto(file: File): Promise<File | null> {
  if (!/\.hei[cf]$/i.test(file.name) && !/hei[cf]/.test(file.type)) return file;
  try {
    const picture = await createImageBitmap(file);
    return await jpegOf(picture, { x: 0, y: 0, width: picture.width, height: picture.height }, file.name);
  } catch {
    return null;
  }
}

interface Area {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** A part of a picture as a JPEG file. @param area  px of the picture */
export async function jpegOf(picture: CanvasImageSource, area: Area, name: string): Promise<File> {
  const canvas = new OffscreenCanvas(Math.max(1, Math.round(area.width)), Math.max(1, Math.round(area.height)));
  canvas
    .getContext('2d')
    ?.drawImage(picture, area.x, area.y, area.width, area.height, 0, 0, canvas.width, canvas.height);
  const bytes = await canvas.convertToBlob({ type: 'image/jpeg', quality: JPEG_QUALITY });
  return new File([bytes], name.replace(/\.\w+$/, '.jpg'), { type: 'image/jpeg' });
}
