// The part of a list that is shown: what is in use, or what is archived.
import { useMemo, useState } from 'react';

interface Shown<Row> {
  readonly shown: readonly Row[];
  readonly isAway: boolean;
  readonly hasArchived: boolean;
  readonly onSwitch: (isAway: boolean) => void;
}

/** @param archivedAt  when a row was archived; null while it is not; pass the same function each time */
export function useArchived<Row>(rows: readonly Row[], archivedAt: (row: Row) => string | null): Shown<Row> {
  const [isAway, onSwitch] = useState(false);
  const shown = useMemo(() => rows.filter((row) => (archivedAt(row) !== null) === isAway), [rows, archivedAt, isAway]);
  return { shown, isAway, hasArchived: rows.some((row) => archivedAt(row) !== null), onSwitch };
}

/** When a document was archived. */
export const documentArchivedAt = ({ archivedAt }: { readonly archivedAt: string | null }) => archivedAt;
