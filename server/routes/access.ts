// Access: other devices are let in and shut out, and the passcode of this computer.
import type { FastifyInstance } from 'fastify';
import { type Access, accessRoutes } from '../../contract/access.ts';
import type { AccessKeeper } from '../access/access-keeper.ts';
import { DEVICE_COOKIE, isRemote, SESSION_COOKIE } from '../access/guard.ts';
import type { Devices } from '../store/devices.ts';
import { NotAcceptable, NotThere } from '../store/refusals.ts';
import { answerRoute, sendRoute } from './register.ts';

const YEAR_S = 365 * 86_400;
const once = { countsOnce: false } as const;
/** Guesses from one address: more are refused before they are compared. */
const FEW = { max: 10, timeWindow: 60_000 } as const;

/** Registers the routes of access. */
export function registerAccess(app: FastifyInstance, access: AccessKeeper, devices: Devices): void {
  const state = (): Access => access.state();
  answerRoute(app, accessRoutes.state, state);
  answerRoute(app, accessRoutes.me, (_asked, _reply, _once, request) => ({
    role: request.device?.role ?? 'owner',
    name: request.device?.name ?? '',
  }));
  answerRoute(
    app,
    accessRoutes.setOn,
    async ({ body }) => {
      await access.setOn(body.isOn);
      return state();
    },
    once,
  );
  answerRoute(
    app,
    accessRoutes.newCode,
    ({ body }) => {
      if (!access.state().isOn) throw new NotAcceptable('Let other devices in first.', []);
      access.code.make(body.role);
      return state();
    },
    once,
  );
  sendRoute(app, accessRoutes.qr, async (_asked, reply) => {
    const shown = access.code.shown();
    const [address] = access.addresses();
    if (!shown || !address) throw new NotThere('There is no code. Make one first.');
    const { default: bwip } = await import('bwip-js/node');
    const svg = bwip.toSVG({ bcid: 'qrcode', text: `${address}/pair#${shown.digits}`, scale: 3 });
    return reply.type('image/svg+xml').send(svg);
  });
  answerRoute(
    app,
    accessRoutes.pair,
    ({ body }, reply, _once, request) => {
      if (!isRemote(request)) throw new NotAcceptable('This computer needs no code.', []);
      const paired = access.pair(body.digits, body.name);
      if (!paired) {
        const sentence = 'This code is wrong or has ended. Make a new one on the computer.';
        throw new NotAcceptable(sentence, [{ path: 'digits', sentence }]);
      }
      void reply.setCookie(DEVICE_COOKIE, paired.key, { httpOnly: true, secure: true, sameSite: 'strict', path: '/', maxAge: YEAR_S }); // prettier-ignore
      return { role: paired.role, name: body.name };
    },
    { ...once, rateLimit: FEW },
  );
  answerRoute(app, accessRoutes.revoke, ({ params }) => {
    devices.revoke(params.id);
    app.endStreams(params.id);
    return state();
  });
  registerPasscode(app, access);
}

function registerPasscode(app: FastifyInstance, access: AccessKeeper): void {
  answerRoute(
    app,
    accessRoutes.setPasscode,
    ({ body }, reply) => {
      try {
        access.setPasscode(body.present, body.passcode, body.idleMinutes);
      } catch (error) {
        if (!(error instanceof RangeError)) throw error;
        throw new NotAcceptable(error.message, [{ path: 'passcode', sentence: error.message }]);
      }
      // The page that sets it is unlocked.
      const session = access.unlock(body.passcode);
      if (session) void reply.setCookie(SESSION_COOKIE, session, { httpOnly: true, sameSite: 'strict', path: '/' });
      return access.state();
    },
    once,
  );
  answerRoute(
    app,
    accessRoutes.unlock,
    ({ body }, reply) => {
      const session = access.unlock(body.passcode);
      if (session === null) {
        const sentence = 'This is not the passcode. After five wrong ones each try waits half a minute.';
        throw new NotAcceptable(sentence, [{ path: 'passcode', sentence }]);
      }
      void reply.setCookie(SESSION_COOKIE, session, { httpOnly: true, sameSite: 'strict', path: '/' });
      return { role: 'owner' as const, name: '' };
    },
    { ...once, rateLimit: FEW },
  );
}
