// The server's clock: the only place in the server that reads the computer's time.

/** Gives the present moment each time it is called. */
export type ServerClock = () => Date;

/**
 * A clock that starts at a chosen moment, for tests and screenshots; the computer's clock when none is chosen.
 * @param start  local time as ISO 8601 without a zone, `2026-11-24T10:00`; blank or undefined for the present
 * @throws RangeError when `start` is not a time
 */
function clockFrom(start: string | undefined): ServerClock {
  if (!start) return () => new Date();
  const from = new Date(start).getTime();
  if (Number.isNaN(from))
    throw new RangeError(`NOON_NOW should be a local time such as 2026-11-24T10:00; got ${start}.`);
  const opened = Date.now();
  return () => new Date(from + Date.now() - opened);
}

/** The clock that NOON_NOW asks for. */
export const serverClock: ServerClock = clockFrom(process.env['NOON_NOW']);
