// A figure that changed is highlighted when typing pauses: a highlight at every key would cost more than the count
// itself.

const REST_MS = 150;
const GLOW_MS = 140;

const changed = new Set<HTMLElement>();
let isWaiting = false;
let lastChange = 0;

/**
 * Marks an element whose figure changed. All changed figures are highlighted together once no more have changed for a
 * moment.
 */
export function glowSoon(element: HTMLElement): void {
  changed.add(element);
  lastChange = performance.now();
  // One timer for all: a key changes a dozen figures.
  if (isWaiting) return;
  isWaiting = true;
  setTimeout(glowAtRest, REST_MS);
}

function glowAtRest(): void {
  const rested = performance.now() - lastChange;
  if (rested < REST_MS) {
    setTimeout(glowAtRest, REST_MS - rested);
    return;
  }
  isWaiting = false;
  const still = matchMedia('(prefers-reduced-motion: reduce)').matches;
  for (const element of still ? [] : changed) {
    const colour = getComputedStyle(element).getPropertyValue('--glow');
    element.animate([{ background: colour }, { background: 'transparent' }], { duration: GLOW_MS, easing: 'ease-out' });
  }
  changed.clear();
}
