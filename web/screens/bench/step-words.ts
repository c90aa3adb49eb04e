// A step in the words of the bench view.
import type { BenchStep } from '../../../core/bench/batch-steps.ts';
import { showHours } from '../../../core/figure/show.ts';

/** `Pickle, 40 (load 1 of 2)` */
export function stepTitle({ name, load }: Pick<BenchStep, 'name' | 'load'>): string {
  return load ? `${name}, load ${String(load[0])} of ${String(load[1])}` : name;
}

/** `6 min`, `6 min, then 20 min unattended`. */
export function minutesInWords({
  attendedMin,
  unattendedMin,
}: Pick<BenchStep, 'attendedMin' | 'unattendedMin'>): string {
  const alone = unattendedMin > 0 ? `${showHours(unattendedMin)} unattended` : '';
  if (attendedMin === 0) return alone;
  return alone ? `${showHours(attendedMin)}, then ${alone}` : showHours(attendedMin);
}

/** `1:04:20`, `4:07`; a time that is over has a minus sign. */
export function countdownOf(minutes: number): string {
  const seconds = Math.round(Math.abs(minutes) * 60);
  const [hours, rest] = [Math.floor(seconds / 3600), seconds % 3600];
  const pad = (value: number) => String(value).padStart(2, '0');
  const text = hours > 0 ? `${String(hours)}:${pad(Math.floor(rest / 60))}:${pad(rest % 60)}` : `${String(Math.floor(rest / 60))}:${pad(rest % 60)}`; // prettier-ignore
  return minutes < 0 && seconds > 0 ? `−${text}` : text;
}

/** `8 min 50`, `45 s`: minutes of one piece. */
export function shortMinutes(minutes: number): string {
  const seconds = Math.round(minutes * 60);
  if (seconds < 60) return `${String(seconds)} s`;
  const rest = seconds % 60;
  return rest === 0
    ? `${String(seconds / 60)} min`
    : `${String(Math.floor(seconds / 60))} min ${String(rest).padStart(2, '0')}`;
}
