// What the rows of a piece need to know of each other: names to choose from, and what the bench check says of each.
import { createContext, useContext } from 'react';
import type { Remark } from '../../../core/piece/checks/bench-check.ts';
import type { Piece } from '../../../core/piece/piece.ts';
import type { Option } from '../../parts/choice.tsx';
import type { EditPiece } from '../../parts/remark-lines.tsx';

const NONE: readonly Remark[] = [];

/** Remarks by the row they concern. */
export class Margin {
  readonly #byRow: ReadonlyMap<string, readonly Remark[]>;

  constructor(remarks: readonly Remark[]) {
    const byRow = new Map<string, Remark[]>();
    for (const remark of remarks) byRow.set(remark.about, [...(byRow.get(remark.about) ?? []), remark]);
    this.#byRow = byRow;
  }

  /** The same empty list for every row without a remark, so that such a row is not drawn again. */
  at(id: string): readonly Remark[] {
    return this.#byRow.get(id) ?? NONE;
  }
}

const EditContext = createContext<EditPiece | null>(null);
export const EditProvider = EditContext.Provider;

/** @throws Error outside the page of a piece */
export function useEditPiece(): EditPiece {
  const edit = useContext(EditContext);
  if (!edit) throw new Error('Rows of a piece stand on the page of a piece.');
  return edit;
}

const nameOf = (name: string, otherwise: string) => name.trim() || otherwise;

/** Sub-assemblies a row may belong to. */
export function groupOptions({ groups }: Pick<Piece, 'groups'>): Option[] {
  return [
    { value: '', label: 'the piece' },
    ...groups.map(({ id, name }) => ({ value: id, label: nameOf(name, 'a sub-assembly') })),
  ];
}

/** Stones a bezel may go round. */
export function stoneOptions({ findings }: Pick<Piece, 'findings'>): Option[] {
  return findings
    .filter(({ kind }) => kind === 'stone')
    .map(({ id, name }) => ({ value: id, label: `round ${nameOf(name, 'the stone')}` }));
}

/** What a join may bring together, or a step be done to. */
export function memberOptions({ parts, findings, groups }: Pick<Piece, 'parts' | 'findings' | 'groups'>): Option[] {
  return [
    ...parts.map(({ id, name }) => ({ value: id, label: nameOf(name, 'a part') })),
    ...findings.map(({ id, name }) => ({ value: id, label: nameOf(name, 'a finding') })),
    ...groups.map(({ id, name }) => ({ value: id, label: nameOf(name, 'a sub-assembly') })),
  ];
}
