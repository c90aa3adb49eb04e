// Tables are handled like a spreadsheet, on every screen. The code loads after the first screen.
import { useEffect } from 'react';

export function useGrids(): void {
  useEffect(() => {
    let end: (() => void) | null = null;
    let isGone = false;
    void import('../grid/grid-keys.ts').then(({ listenForGrids }) => {
      if (!isGone) end = listenForGrids();
    });
    return () => {
      isGone = true;
      end?.();
    };
  }, []);
}
