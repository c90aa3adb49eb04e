// F6: the focus goes from page to page of the spread, and to the header.
const PLACES = '[data-page-focus], main .leaf, main:not(.spread)';

/** Moves the focus to the next or the previous place of the screen. */
export function otherLeaf(by: 1 | -1): void {
  const places = [...document.querySelectorAll<HTMLElement>(PLACES)].filter((place) => place.offsetParent !== null || place.getClientRects().length > 0); // prettier-ignore
  if (places.length === 0) return;
  const at = places.findIndex((place) => place.contains(document.activeElement));
  const next = places[(Math.max(at, by === 1 ? -1 : 0) + by + places.length) % places.length];
  if (!next) return;
  if (!next.hasAttribute('tabindex')) next.tabIndex = -1;
  next.focus();
}
