// A code as a picture. Shops scan Code 128; a QR code holds the same on a small tag.

/** Draws a code. @returns a PNG */
export async function codePicture(text: string, kind: 'bars' | 'square'): Promise<Buffer> {
  const { toBuffer } = await import('bwip-js/node');
  const options =
    kind === 'bars'
      ? { bcid: 'code128', text, scale: 3, height: 9, includetext: true }
      : { bcid: 'qrcode', text, scale: 4 };
  return await toBuffer(options);
}
