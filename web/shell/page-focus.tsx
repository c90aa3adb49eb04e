// After navigation the focus goes to the heading of the new page, or to the place the address names, and the title is
// announced.
import { useEffect, useRef, useState } from 'react';
import { NavigationType, useLocation, useNavigationType } from 'react-router';
import { useLatest } from '../hooks/use-latest.ts';
import { notePage } from './recent-pages.ts';

/** ms to wait for a page that is still being fetched. */
const LONGEST_MS = 4000;
const STEP_MS = 60;

export function PageFocus() {
  const { pathname, hash } = useLocation();
  // Back leaves the page where it was scrolled to.
  const isBack = useNavigationType() === NavigationType.Pop;
  const [title, setTitle] = useState('');
  // The address alone tells of an arrival, not how it was reached.
  const arrive = useLatest((place: HTMLElement) => {
    arriveAt(place, hash !== '', isBack);
    setTitle(document.title);
  });
  const isFirst = useRef(true);
  useEffect(() => {
    if (/^\/[a-z-]+\/./.test(pathname)) notePage(pathname + hash);
    // Where the page opened first, the focus stays where the browser or the page has put it.
    const isOpening = isFirst.current;
    isFirst.current = false;
    if (isOpening && !hash) return;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const began = performance.now();
    const look = () => {
      const place = hash ? document.getElementById(hash.slice(1)) : document.querySelector<HTMLElement>('main h1');
      if (place) {
        arrive(place);
      } else if (performance.now() - began < LONGEST_MS) timer = setTimeout(look, STEP_MS);
    };
    timer = setTimeout(look, STEP_MS);
    return () => clearTimeout(timer);
  }, [pathname, hash, arrive]);
  return (
    <p role="status" className="sr-only">
      {title}
    </p>
  );
}

function arriveAt(place: HTMLElement, isNamed: boolean, isBack: boolean): void {
  if (isNamed) place.scrollIntoView({ block: 'center' });
  else if (!isBack) window.scrollTo(0, 0);
  // Somebody types already, or the page has put the focus where it belongs.
  const active = document.activeElement;
  if (!isNamed && (active?.closest('main, [role=dialog]') ?? active?.matches('input, textarea, select'))) return;
  if (!place.hasAttribute('tabindex')) place.tabIndex = -1;
  place.focus({ preventScroll: true });
}
