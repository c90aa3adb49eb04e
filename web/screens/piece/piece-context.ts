// What the rows of a piece share: names to choose from, and the findings of the bench check.
import type { Draft } from '@reduxjs/toolkit';
import { createContext, useContext } from 'react';
import type { Remark } from '../../../core/piece/checks/bench-check.ts';
import { findingSchema, type Piece } from '../../../core/piece/piece.ts';
import type { Option } from '../../components/choice.tsx';
import type { EditPiece } from '../../components/remark-lines.tsx';
import { useStable } from '../../hooks/use-stable.ts';

const NONE: readonly Remark[] = [];

/** Findings of the bench check by the row they concern. */
export class Margin {
  readonly #byRow: ReadonlyMap<string, readonly Remark[]>;

  constructor(remarks: readonly Remark[]) {
    const byRow = new Map<string, Remark[]>();
    for (const remark of remarks) byRow.set(remark.about, [...(byRow.get(remark.about) ?? []), remark]);
    this.#byRow = byRow;
  }

  /** One empty list for every row without a finding, so that such a row is not drawn again. */
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
    { value: '', label: 'the whole piece' },
    ...groups.map(({ id, name }) => ({ value: id, label: nameOf(name, 'a sub-assembly') })),
  ];
}

/** Stones a bezel may go round. */
export function stoneOptions({ findings }: Pick<Piece, 'findings'>): Option[] {
  return findings
    .filter(({ kind }) => kind === 'stone')
    .map(({ id, name }) => ({ value: id, label: `round ${nameOf(name, 'the stone')}` }));
}

/** Adds a stone for the bezel around it; its measures are edited among the findings. */
export function addStone({ parts, findings }: Draft<Piece>, part: number): void {
  const blank = parts[part]?.blank;
  if (blank?.rule !== 'bezel') return;
  const id = crypto.randomUUID();
  const count = findings.filter(({ kind }) => kind === 'stone').length;
  const name = count === 0 ? 'Stone' : `Stone ${String(count + 1)}`;
  findings.push(findingSchema.parse({ id, name, kind: 'stone', count: '1', price: '', grams: '' }));
  blank.stone = id;
}

/** Adds a sub-assembly with a part in it. */
export function addGroup({ parts, groups }: Draft<Piece>, part: number): void {
  const row = parts[part];
  if (!row) return;
  const id = crypto.randomUUID();
  groups.push({ id, name: `Sub-assembly ${String(groups.length + 1)}`, count: '1', closed: false, vents: '' });
  row.group = id;
}

/** The same list while its content is the same: a longer part is the same choice. */
export function useSameOptions(options: readonly Option[]): readonly Option[] {
  return useStable(options, sameOptions);
}

function sameOptions(before: readonly Option[], after: readonly Option[]): boolean {
  return (
    before.length === after.length &&
    before.every(({ value, label }, index) => value === after[index]?.value && label === after[index].label)
  );
}

/** What a join may join, or a step may work on. */
export function memberOptions({ parts, findings, groups }: Pick<Piece, 'parts' | 'findings' | 'groups'>): Option[] {
  return [
    ...parts.map(({ id, name }) => ({ value: id, label: nameOf(name, 'a part') })),
    ...findings.map(({ id, name }) => ({ value: id, label: nameOf(name, 'a finding') })),
    ...groups.map(({ id, name }) => ({ value: id, label: nameOf(name, 'a sub-assembly') })),
  ];
}
