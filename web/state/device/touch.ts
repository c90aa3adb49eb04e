// When the maker last touched this page: a locked computer is one that nobody touches.
const LATELY_MS = 60_000;
const EVENTS = ['pointerdown', 'keydown', 'wheel', 'touchstart'] as const;

let last = Number.NEGATIVE_INFINITY;

/** Notes every touch of the page. */
export function noteTouches(): void {
  last = performance.now();
  for (const event of EVENTS) window.addEventListener(event, () => (last = performance.now()), { passive: true });
}

/** Whether somebody touched the page in the last minute. */
export function isTouched(): boolean {
  return performance.now() - last < LATELY_MS;
}
