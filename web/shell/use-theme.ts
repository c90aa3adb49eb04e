// Light or dark theme. The first choice is the system's; public/theme.js sets it before the first paint.
import { useSyncExternalStore } from 'react';

type Theme = 'light' | 'lamp';

const listeners = new Set<() => void>();
const themeNow = (): Theme => (document.documentElement.dataset['theme'] === 'lamp' ? 'lamp' : 'light');

/** Changes the theme of this device. */
export function toggleTheme(): void {
  const next = themeNow() === 'lamp' ? 'light' : 'lamp';
  document.documentElement.dataset['theme'] = next;
  localStorage.setItem('noon-theme', next);
  for (const listener of listeners) listener();
}

export function useTheme(): Theme {
  return useSyncExternalStore((listener) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  }, themeNow);
}
