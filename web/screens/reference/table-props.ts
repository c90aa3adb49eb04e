// What a reference table is given.
import type { ReactNode } from 'react';

/** What a table is given: the words sought, and where to show the line in hand. */
export interface TableProps {
  readonly sought: string;
  readonly onShow: (shown: ReactNode) => void;
}
