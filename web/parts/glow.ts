// A figure that changed glows once the hand rests: during typing a glow at every key would cost more than the count itself.

const REST_MS = 150;
const GLOW_MS = 140;

const changed = new Set<HTMLElement>();
let timer = 0;

/** Marks what shows a changed figure; all that changed glow together when no more has changed for a moment. */
export function glowSoon(element: HTMLElement): void {
  changed.add(element);
  clearTimeout(timer);
  timer = window.setTimeout(glow, REST_MS);
}

function glow(): void {
  const still = matchMedia('(prefers-reduced-motion: reduce)').matches;
  for (const element of still ? [] : changed) {
    const colour = getComputedStyle(element).getPropertyValue('--glow');
    element.animate([{ background: colour }, { background: 'transparent' }], { duration: GLOW_MS, easing: 'ease-out' });
  }
  changed.clear();
}
