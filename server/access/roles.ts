// What a device may do, by its role. The computer itself is the owner.
import type { DeviceRole } from '../../contract/access.ts';

/** Safe-keeping, settings and access: the owner's. */
const OWNERS = /^\/api\/(?:backups|access|ledger|studio)(?:[/.?]|$)/;
/** Owner's places that every device may read: the settings of the studio, and what it may do itself. */
const READABLE = /^\/api\/(?:studio(?:[/?]|$)|access\/me(?:\?|$))/;
const BENCH = /^\/api\/bench(?:\/photos)?(?:\?|$)/;

/** Whether a role may make a request. */
export function mayAsk(role: DeviceRole, method: string, url: string): boolean {
  if (role === 'owner') return true;
  const isRead = method === 'GET' || method === 'HEAD';
  if (OWNERS.test(url)) return isRead && READABLE.test(url);
  if (role === 'maker' || isRead) return true;
  return method === 'POST' && BENCH.test(url);
}
