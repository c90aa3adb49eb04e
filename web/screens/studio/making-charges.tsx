// Fabrication charges: what a gram costs above its metal, by family and form.
import type { Issue } from '../../../core/measure/issue.ts';
import { alloyFamilies, type AlloyFamily } from '../../../core/metal/alloys.ts';
import type { MakingCharge } from '../../../core/studio/studio.ts';
import { Choice } from '../../components/choice.tsx';
import { Field } from '../../components/field.tsx';
import { ProblemLine } from '../../components/problem-line.tsx';
import { RowTools } from '../../components/row-tools.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { changeRows } from '../../hooks/use-row-moves.ts';
import { useRowProblems } from '../../hooks/use-row-problems.ts';
import { issuesAt } from '../../state/basis.ts';
import { words } from '../../words/studio.ts';
import type { SettingProps } from './setting-props.ts';

const forms = ['wire', 'shaped', 'sheet', 'tube'] as const;
const COLUMNS = 6;

export function MakingCharges({ body, edit, problems }: SettingProps & { problems: readonly Issue[] }) {
  const families = alloyFamilies.map((family) => {
    const isThere = body.makingCharges.some((row) => row.family === family);
    return { value: family, label: `${family.replace('-', ' ')}${isThere ? ', another thickness' : ''}` };
  });
  return (
    <section aria-labelledby="charges" className="mt-6">
      <h2 id="charges">{words.fabricationChargesPerGram}</h2>
      <p className="aside">{words.addedToTheMetalPrice}</p>
      <table className="rows">
        <TableHeader
          of={[
            'metal',
            { end: 'up to' },
            { end: 'wire, strip' },
            { end: 'shaped wire' },
            { end: 'sheet' },
            { end: 'tube' },
          ]}
        />
        {body.makingCharges.map((row, index) => (
          <ChargeRow
            key={row.id}
            row={row}
            index={index}
            last={body.makingCharges.length - 1}
            edit={edit}
            problems={issuesAt(problems, `makingCharges.${String(index)}`)}
          />
        ))}
        <tbody className="blank-row">
          <tr>
            <td className="first" colSpan={COLUMNS}>
              <Choice
                value=""
                label={words.addAMetal}
                options={[{ value: '', label: words.addAMetal }, ...families]}
                onChange={(value) =>
                  edit(
                    '',
                    (studio) =>
                      void studio.makingCharges.push({
                        id: crypto.randomUUID(),
                        family: value as AlloyFamily,
                        upTo: '',
                        wire: '',
                        shaped: '',
                        sheet: '',
                        tube: '',
                      }),
                  )
                }
              />
            </td>
          </tr>
        </tbody>
      </table>
    </section>
  );
}

interface ChargeRowProps {
  readonly row: MakingCharge;
  readonly index: number;
  readonly last: number;
  readonly edit: SettingProps['edit'];
  readonly problems: Readonly<Record<string, string>>;
}

function ChargeRow({ row, index, last, edit, problems: sentences }: ChargeRowProps) {
  const problems = useRowProblems(sentences);
  const family = row.family.replace('-', ' ');
  const set = (key: 'upTo' | (typeof forms)[number], value: string) =>
    edit(`makingCharges.${row.id}.${key}`, (studio) => {
      const changed = studio.makingCharges[index];
      if (changed) changed[key] = value;
    });
  return (
    <tbody>
      <tr>
        <td className="first">
          <RowTools
            name={family}
            index={index}
            last={last}
            onMove={(at, by) =>
              edit('', (studio) => changeRows(studio.makingCharges, at, by, (id) => ({ ...row, id })))
            }
            onRemove={(at) => edit('', (studio) => void studio.makingCharges.splice(at, 1))}
          />
          {family}
        </td>
        <td className="end num">
          <Field
            end
            value={row.upTo}
            label={`${family}, up to which thickness`}
            unit="mm"
            placeholder={words.any}
            column="charge-upTo"
            onChange={(value) => set('upTo', value)}
            {...problems.at('upTo')}
          />
        </td>
        {forms.map((form) => (
          <td key={form} className="end num">
            <Field
              end
              value={row[form]}
              label={`${family}, ${form}`}
              placeholder={form === 'shaped' ? words.asWire : '0'}
              column={`charge-${form}`}
              onChange={(value) => set(form, value)}
              {...problems.at(form)}
            />
          </td>
        ))}
      </tr>
      <ProblemLine problems={problems} columns={COLUMNS} />
    </tbody>
  );
}
