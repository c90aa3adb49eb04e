// How old the last copy of the ledger is, in words.

import type { Backups } from '../../contract/backups.ts';

const MS_AN_HOUR = 3_600_000;
const HOURS_A_DAY = 24;
/** A copy is made daily: an older one means that something is wrong. */
const OLD_HOURS = 72;

const hoursSince = (at: string, now: string) => (Date.parse(now) - Date.parse(at)) / MS_AN_HOUR;

/** Whether the last copy is missing or older than three days. */
export function isBackupOld(at: string | undefined, now: string): boolean {
  return at === undefined || hoursSince(at, now) > OLD_HOURS;
}

/** What is wrong with the copies; null where nothing is. Without a copy the first one is being made, or has failed. */
export function backupTrouble({ isDaily, problem, copies, now }: Backups): 'failed' | 'old' | null {
  if (!isDaily) return null;
  if (problem) return 'failed';
  const [latest] = copies;
  return latest && isBackupOld(latest.at, now) ? 'old' : null;
}

/** `Last backup 3 hours ago, checked`. */
export function backupAge(at: string | undefined, now: string): string {
  if (at === undefined) return 'No backup yet.';
  const hours = Math.max(0, hoursSince(at, now));
  if (hours < 1) return 'Last backup less than an hour ago, checked.';
  const [many, unit] = hours < 2 * HOURS_A_DAY ? [Math.floor(hours), 'hour'] : [Math.floor(hours / HOURS_A_DAY), 'day'];
  return `Last backup ${String(many)} ${unit}${many === 1 ? '' : 's'} ago, checked.`;
}
