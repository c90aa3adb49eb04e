// A list of settings: each with its name, its field and its value.
import type { ReactNode } from 'react';
import { local } from '../../../core/format/variants.ts';
import type { Issue } from '../../../core/measure/issue.ts';
import type { Studio } from '../../../core/studio/studio.ts';
import { TableHeader } from '../../components/table-header.tsx';
import { SettingLine } from './setting-line.tsx';
import { problemAt, type SettingProps } from './setting-props.ts';

/** Settings that are one line of text. */
type TextKey = {
  [Key in keyof Studio]: Studio[Key] extends string ? (string extends Studio[Key] ? Key : never) : never;
}[keyof Studio];

interface Setting {
  readonly key: TextKey;
  readonly label: string;
  readonly help: string;
  readonly comesTo?: ReactNode;
}

interface SettingLinesProps extends SettingProps {
  readonly problems: readonly Issue[];
  readonly of: readonly Setting[];
}

export function SettingLines({ body, edit, problems, of }: SettingLinesProps) {
  return (
    <table className="rows">
      <TableHeader className="sr-only" of={['setting', 'entered', 'value']} />
      {of.map(({ key, label, help, ...setting }) => (
        <SettingLine
          key={key}
          {...setting}
          note={{ of: key, body }}
          label={local(label)}
          help={local(help)}
          value={body[key]}
          problem={problemAt(problems, key)}
          onChange={(value) => edit(key, (studio) => void (studio[key] = value))}
        />
      ))}
    </table>
  );
}
