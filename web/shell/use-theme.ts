// Light or dark theme. The first choice is the system's; public/theme.js sets it before the first paint.
import { useState } from 'react';

type Theme = 'light' | 'lamp';

export function useTheme(): { theme: Theme; toggle: () => void } {
  const [theme, setTheme] = useState<Theme>(document.documentElement.dataset['theme'] === 'lamp' ? 'lamp' : 'light');
  const toggle = () => {
    const next = theme === 'lamp' ? 'light' : 'lamp';
    document.documentElement.dataset['theme'] = next;
    localStorage.setItem('noon-theme', next);
    setTheme(next);
  };
  return { theme, toggle };
}
