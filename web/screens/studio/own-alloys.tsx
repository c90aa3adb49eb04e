// The studio's own alloys: what the book does not hold, as weighed here or as its maker says.
import { alloyFamilies } from '../../../core/metal/alloys.ts';
import { fixMetalNames, fixMetals } from '../../../core/metal/fix.ts';
import type { Problem } from '../../../core/studio/rates.ts';
import type { OwnAlloy } from '../../../core/studio/studio.ts';
import { problemsAt } from '../../app/reckoning.ts';
import { Choice } from '../../parts/choice.tsx';
import { Field } from '../../parts/field.tsx';
import { ProblemLine } from '../../parts/problem-line.tsx';
import { RowTools, moveRow } from '../../parts/row-tools.tsx';
import { useGhost } from '../../parts/use-ghost.ts';
import { useRowProblems } from '../../parts/use-problems.ts';
import type { SettingProps } from './setting-props.ts';
import { Heads } from '../../parts/heads.tsx';

const COLUMNS = 5;
const familyOptions = alloyFamilies.map((family) => ({ value: family, label: family.replace('-', ' ') }));
const fineOptions = [
  { value: '', label: 'none' },
  ...fixMetals.map((metal) => ({ value: metal, label: fixMetalNames[metal] })),
];

export function OwnAlloys({ body, edit, problems }: SettingProps & { problems: readonly Problem[] }) {
  const ghost = useGhost(body.ownAlloys, (_previous, id): OwnAlloy => ({
    id,
    name: '',
    family: 'bronze',
    fineMetal: '',
    fineness: '',
    density: '',
  }));
  return (
    <section aria-labelledby="own" className="mt-6">
      <h2 id="own">Our own alloys</h2>
      <p className="aside">
        Density as a number, as the metals in it (Cu 70, Zn 30), or as weighed: 12.41 g in air, 11.22 in water at 21 C.
      </p>
      <table className="rows">
        <Heads of={['alloy', 'like', 'fine metal', { end: 'fineness ‰' }, { end: 'density g/cm³' }]} />
        {[...body.ownAlloys, ghost].map((row, index) => (
          <OwnAlloyRow
            key={row.id}
            row={row}
            index={index}
            last={body.ownAlloys.length - 1}
            isGhost={row === ghost}
            edit={edit}
            problems={row === ghost ? {} : problemsAt(problems, `ownAlloys.${String(index)}`)}
          />
        ))}
      </table>
    </section>
  );
}

interface OwnAlloyRowProps {
  readonly row: OwnAlloy;
  readonly index: number;
  readonly last: number;
  readonly isGhost: boolean;
  readonly edit: SettingProps['edit'];
  readonly problems: Readonly<Record<string, string>>;
}

function OwnAlloyRow({ row, index, last, isGhost, edit, problems: sentences }: OwnAlloyRowProps) {
  const problems = useRowProblems(sentences);
  const name = row.name || 'the alloy';
  const set = (field: keyof OwnAlloy, value: string) =>
    edit(`ownAlloys.${row.id}.${field}`, (studio) => {
      studio.ownAlloys[index] = { ...(studio.ownAlloys[index] ?? row), [field]: value };
    });
  return (
    <tbody className={isGhost ? 'blank-row' : undefined}>
      <tr>
        <td className="first">
          {!isGhost && (
            <RowTools
              name={name}
              index={index}
              last={last}
              onMove={(at, by) => edit('', (studio) => moveRow(studio.ownAlloys, at, by))}
              onRemove={(at) => edit('', (studio) => void studio.ownAlloys.splice(at, 1))}
            />
          )}
          <Field
            wide
            value={row.name}
            label={isGhost ? 'Add an alloy' : `Alloy ${String(index + 1)}, name`}
            placeholder={isGhost ? 'Add an alloy' : 'unnamed'}
            column="own"
            maxLength={120}
            onChange={(value) => set('name', value)}
          />
        </td>
        {isGhost ? (
          <td colSpan={COLUMNS - 1} />
        ) : (
          <>
            <td>
              <Choice
                value={row.family}
                options={familyOptions}
                label={`${name}, is like`}
                onChange={(value) => set('family', value)}
              />
            </td>
            <td>
              <Choice
                value={row.fineMetal}
                options={fineOptions}
                label={`${name}, fine metal`}
                onChange={(value) => set('fineMetal', value)}
              />
            </td>
            <td className="end num">
              <Field
                end
                value={row.fineness}
                label={`${name}, fineness`}
                placeholder="0"
                column="own-fineness"
                onChange={(value) => set('fineness', value)}
                {...problems.at('fineness')}
              />
            </td>
            <td className="end num">
              <Field
                end
                value={row.density}
                label={`${name}, density`}
                placeholder="g/cm³"
                column="own-density"
                onChange={(value) => set('density', value)}
                {...problems.at('density')}
              />
            </td>
          </>
        )}
      </tr>
      <ProblemLine problems={problems} columns={COLUMNS} />
    </tbody>
  );
}
