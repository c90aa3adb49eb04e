// The part of a list that is shown: what is in use, or what is archived.
import { useState } from 'react';

interface Shown<Row> {
  readonly shown: readonly Row[];
  readonly isAway: boolean;
  readonly hasArchived: boolean;
  readonly onSwitch: (isAway: boolean) => void;
}

/** @param archivedAt  when a row was archived; null while it is not */
export function useArchived<Row>(rows: readonly Row[], archivedAt: (row: Row) => string | null): Shown<Row> {
  const [isAway, onSwitch] = useState(false);
  return {
    shown: rows.filter((row) => (archivedAt(row) !== null) === isAway),
    isAway,
    hasArchived: rows.some((row) => archivedAt(row) !== null),
    onSwitch,
  };
}
