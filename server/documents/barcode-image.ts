// A code as a picture. Code 128 is what shops' readers know; a QR square holds the same on a small tag.

export async function codePicture(text: string, kind: 'bars' | 'square'): Promise<Buffer> {
  const { toBuffer } = await import('bwip-js/node');
  const options =
    kind === 'bars'
      ? { bcid: 'code128', text, scale: 3, height: 9, includetext: true }
      : { bcid: 'qrcode', text, scale: 4 };
  return await toBuffer(options);
}
