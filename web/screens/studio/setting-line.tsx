// One setting: its name, its field, and what it is for.
import type { ReactNode } from 'react';
import type { Studio } from '../../../core/studio/studio.ts';
import { Field } from '../../components/field.tsx';
import { NoteButton } from './note-button.tsx';

interface SettingLineProps {
  /** The setting with a note on what it does, and the settings it stands in. */
  readonly note?: { readonly of: keyof Studio; readonly body: Studio } | undefined;
  readonly label: string;
  readonly help: string;
  readonly value: string;
  readonly problem: string | undefined;
  readonly onChange: (value: string) => void;
  readonly placeholder?: string;
  /** Words instead of a number. */
  readonly isWords?: boolean;
  /** The value of the typed sum. */
  readonly comesTo?: ReactNode;
}

export function SettingLine({
  note,
  label,
  help,
  value,
  problem,
  onChange,
  placeholder = '0',
  isWords = false,
  comesTo,
}: SettingLineProps) {
  const id = `setting-${label.replace(/\W+/g, '-')}`;
  return (
    <tbody>
      <tr>
        <td className="first">
          {label}
          {note && <NoteButton {...note} label={label} />}
          {help && <span className="aside block">{help}</span>}
        </td>
        <td className={isWords ? 'w-[16em]' : 'end num w-[16em]'}>
          <Field
            open
            end={!isWords}
            value={value}
            label={label}
            placeholder={placeholder}
            column="setting"
            problem={problem}
            problemId={id}
            onChange={onChange}
          />
        </td>
        <td className="end num w-[5.5em]">{comesTo}</td>
      </tr>
      {problem && (
        <tr>
          <td colSpan={3} id={id} className="problem">
            {problem}
          </td>
        </tr>
      )}
    </tbody>
  );
}
