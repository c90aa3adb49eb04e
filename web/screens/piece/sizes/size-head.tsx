// The heads of the table of sizes: a measure that varies is named, added and removed here.
import { Plus, X } from 'lucide-react';
import type { Issue } from '../../../../core/measure/issue.ts';
import { withMeasure, withMeasureNamed, withoutMeasure } from '../../../../core/piece/edit-sizes.ts';
import type { Sizes } from '../../../../core/piece/sizes.ts';
import { Field } from '../../../components/field.tsx';
import { issuesAt } from '../../../state/basis.ts';
import { words } from '../../../words/piece.ts';
import type { ChangeSizes } from './change-sizes.ts';

interface SizeHeadProps {
  /** Head of the first column. */
  readonly first: string;
  readonly parameters: Sizes['parameters'];
  readonly problems: readonly Issue[];
  readonly change: ChangeSizes;
}

export function SizeHead({ first, parameters, problems, change }: SizeHeadProps) {
  return (
    <thead>
      <tr>
        <th scope="col">{first}</th>
        {parameters.map(({ id, name }, index) => (
          <th key={id} scope="col">
            <Field
              small
              open
              value={name}
              label={`Measure ${String(index + 1)}, name`}
              maxLength={20}
              problem={issuesAt(problems, `sizes.parameters.${String(index)}`)['name']}
              problemId={`measure-${id}`}
              onChange={(value) => change(`sizes.${id}`, (sizes) => withMeasureNamed(sizes, id, value))}
            />
            <button
              type="button"
              className="chrome ml-1 align-middle text-soft hover:text-ink"
              aria-label={`Remove measure ${name}`}
              onClick={() => change('', (sizes) => withoutMeasure(sizes, id))}
            >
              <X size={13} />
            </button>
          </th>
        ))}
        <th className="chrome">
          <button
            type="button"
            className="link flex items-center"
            aria-label={words.addAMeasure}
            onClick={() => change('', (sizes) => withMeasure(sizes, () => crypto.randomUUID()))}
          >
            <Plus size={14} />
          </button>
        </th>
        <th scope="col" className="end">
          {words.weightG}
        </th>
        <th scope="col" className="end">
          {words.benchTimeMin}
        </th>
        <th scope="col" className="end">
          {words.cost}
        </th>
        <th scope="col" className="end">
          {words.wholesale}
        </th>
        <th scope="col" className="end">
          {words.retail}
        </th>
      </tr>
    </thead>
  );
}
