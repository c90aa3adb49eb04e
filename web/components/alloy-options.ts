// Alloys to choose from, by family; the studio's own first.
import { weakMapMemoize } from '@reduxjs/toolkit';
import { local } from '../../core/format/variants.ts';
import { type Alloy, builtInAlloys } from '../../core/metal/alloys.ts';
import type { Option } from './choice.tsx';

interface OptionGroup {
  readonly group: string;
  readonly options: readonly Option[];
}

const builtInIds = new Set<string>(builtInAlloys.map(({ id }) => id));

/** @param chosen  stays in the list even after the studio removed it */
export const alloyOptions = weakMapMemoize(
  (alloys: ReadonlyMap<string, Alloy>, chosen: string): readonly OptionGroup[] => {
    const groups = new Map<string, Option[]>();
    const add = (group: string, option: Option) => groups.set(group, [...(groups.get(group) ?? []), option]);
    if (!alloys.has(chosen)) add('deleted alloy', { value: chosen, label: 'deleted alloy' });
    for (const alloy of alloys.values()) {
      if (!builtInIds.has(alloy.id)) add('own alloys', { value: alloy.id, label: alloy.name });
    }
    for (const alloy of builtInAlloys)
      add(local(alloy.family.replace('-', ' ')), { value: alloy.id, label: local(alloy.name) });
    return [...groups].map(([group, options]) => ({ group, options }));
  },
);
