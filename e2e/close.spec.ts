import { once } from 'node:events';
import { connect } from 'node:net';
import { expect, test } from './fixtures.ts';

test('the ledger closes while an idle connection is open', async ({ own }) => {
  const { hostname, port } = new URL(own.url);
  const ahead = connect(Number(port), hostname);
  // The server may end the connection abruptly.
  ahead.on('error', () => undefined);
  await once(ahead, 'connect');
  const closed = new Promise((resolve) => ahead.once('close', resolve));
  await own.stop();
  await closed;
  expect(ahead.destroyed).toBe(true);
});
