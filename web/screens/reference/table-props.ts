// The props of a reference table.
import type { ReactNode } from 'react';

/** The search text, and where to show the chosen line. */
export interface TableProps {
  readonly sought: string;
  readonly onShow: (shown: ReactNode) => void;
}
