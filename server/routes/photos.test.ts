// Pictures are reduced, turned upright and stripped of camera data; they are part of the file of their piece.
import type { FastifyInstance } from 'fastify';
import sharp from 'sharp';
import { afterEach, beforeEach, expect, test } from 'vitest';
import type { DocumentOf } from '../../contract/document.ts';
import { type Piece, pieceSchema } from '../../core/piece/piece.ts';
import { createApp } from '../app.ts';
import { type Ledger, openLedger } from '../store/ledger.ts';
import { openStores } from '../store/stores.ts';

let ledger: Ledger;
let app: FastifyInstance;
const host = { host: '127.0.0.1' };

const start = async () => {
  ledger = openLedger(':memory:', 'server/migrations', 'own');
  app = await createApp(openStores(ledger), { logLevel: 'silent' });
};
beforeEach(start);
afterEach(async () => {
  await app.close();
  ledger.close();
});

// A camera's picture: rotated, with camera maker and place in its EXIF data.
const fromCamera = () =>
  sharp({ create: { width: 2400, height: 1800, channels: 3, background: '#b8c0c8' } })
    .jpeg()
    .withExif({ IFD0: { Make: 'A camera', Orientation: '6' }, IFD3: { GPSLatitude: '51/1 30/1 0/1' } })
    .withMetadata({ orientation: 6 })
    .toBuffer();
const add = async (payload: Buffer, type = 'image/jpeg') =>
  await app.inject({ method: 'POST', url: '/api/photos', payload, headers: { ...host, 'content-type': type } });
const piece = (id: string) =>
  pieceSchema.parse({
    name: 'Buoy',
    note: '',
    batchSize: '1',
    parts: [],
    findings: [],
    steps: [],
    photos: [{ id, caption: 'front' }],
  });

test('a picture is stored at most 1600 px long, upright, without camera data', async () => {
  const answer = await add(await fromCamera());
  expect(answer.statusCode).toBe(201);
  const { id, widthPx, heightPx } = answer.json<{ id: string; widthPx: number; heightPx: number }>();
  expect([widthPx, heightPx]).toEqual([1200, 1600]);
  const kept = await app.inject({ url: `/api/photos/${id}`, headers: host });
  expect(kept.headers['content-type']).toBe('image/jpeg');
  const { exif, orientation, width, height } = await sharp(kept.rawPayload).metadata();
  expect({ exif, orientation, width, height }).toEqual({
    exif: undefined,
    orientation: undefined,
    width: 1200,
    height: 1600,
  });
});

test('the same picture is stored once', async () => {
  const bytes = await fromCamera();
  const [one, other] = [await add(bytes), await add(bytes)].map((answer) => answer.json<{ id: string }>().id);
  expect(one).toBe(other);
});

test.each([
  ['no picture', Buffer.from('GIF or not'), 'image/gif', 400],
  ['nothing', Buffer.alloc(0), 'image/jpeg', 400],
  ['text', Buffer.from('{}'), 'application/json', 400],
])('%s is refused in a sentence', async (_what, bytes, type, status) => {
  const answer = await add(bytes, type);
  expect(answer.statusCode).toBe(status);
  expect(answer.json<{ detail: string }>().detail).toMatch(/picture/);
});

test('a missing picture gets a sentence', async () => {
  expect((await app.inject({ url: '/api/photos/none', headers: host })).statusCode).toBe(404);
});

test('a picture in the file of its piece looks the same in another ledger', async () => {
  const { id } = (await add(await fromCamera())).json<{ id: string }>();
  const added = await app.inject({ method: 'POST', url: '/api/pieces', payload: piece(id), headers: host });
  const file = (
    await app.inject({ url: `/api/pieces/${added.json<{ id: string }>().id}/file`, headers: host })
  ).json<object>();
  await app.close();
  ledger.close();
  await start();
  const back = await app.inject({ method: 'POST', url: '/api/pieces/file', payload: file, headers: host });
  const [document] = back.json<DocumentOf<Piece>[]>();
  expect(document?.body).toEqual(piece(id));
  expect((await app.inject({ url: `/api/photos/${id}`, headers: host })).statusCode).toBe(200);
});

test('a file without one of its pictures is refused', async () => {
  const file = { format: 'noon-ledger/piece', version: 2, piece: piece('elsewhere') };
  const answer = await app.inject({ method: 'POST', url: '/api/pieces/file', payload: file, headers: host });
  expect(answer.statusCode).toBe(400);
  expect(answer.json<{ detail: string }>().detail).toMatch(/photo that is not in this file/);
});

test('a thumbnail is a small square of the same picture; other sizes are refused', async () => {
  const { id } = (await add(await fromCamera())).json<{ id: string }>();
  const get = async (px: string) =>
    await app.inject({ method: 'GET', url: `/api/photos/${id}?px=${px}`, headers: host });
  const small = await get('96');
  expect(small.headers['content-type']).toBe('image/jpeg');
  expect(await sharp(small.rawPayload).metadata()).toMatchObject({ width: 96, height: 96, format: 'jpeg' });
  expect((await get('96')).rawPayload.equals(small.rawPayload)).toBe(true);
  expect((await get('4000')).statusCode).toBe(400);
  expect((await app.inject({ method: 'GET', url: '/api/photos/none?px=96', headers: host })).statusCode).toBe(404);
});
