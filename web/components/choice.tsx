// A choice edited in place: it reads as a word and opens as a list.
import { clsx } from 'clsx';
import { memo } from 'react';
import { goDown } from './field.tsx';
import { Resting, useRest } from './resting-field.tsx';

export interface Option {
  readonly value: string;
  readonly label: string;
}

interface ChoiceProps {
  readonly value: string;
  readonly options: readonly Option[] | readonly { readonly group: string; readonly options: readonly Option[] }[];
  readonly onChange: (value: string) => void;
  readonly label: string;
  readonly problem?: string | undefined;
  readonly problemId?: string | undefined;
  readonly column?: string;
  readonly small?: boolean;
  readonly open?: boolean;
}

export function Choice({ value, options, onChange, label, problem, problemId, column, small, open }: ChoiceProps) {
  const { rests, wake, field } = useRest({
    text: labelOf(options, value),
    write: (text) => {
      const found = valueOf(options, text);
      if (found !== undefined) onChange(found);
    },
  });
  const looks = clsx('field field-choice', small && 'field-small', open && 'field-open');
  if (rests) {
    const shown = { text: labelOf(options, value), label, problem, problemId, column };
    return <Resting role="combobox" className={looks} onFocus={wake} innerRef={field} {...shown} />;
  }
  return (
    <select
      ref={field}
      className={looks}
      value={value}
      aria-label={label}
      aria-invalid={problem ? true : undefined}
      aria-describedby={problem ? problemId : undefined}
      data-column={column}
      onChange={(event) => onChange(event.target.value)}
      onKeyDown={goDown}
    >
      <Options options={options} />
    </select>
  );
}

function labelOf(options: ChoiceProps['options'], value: string): string {
  return allOf(options).find((option) => option.value === value)?.label ?? '';
}

/** The value of a label or of a value as it is written elsewhere. */
function valueOf(options: ChoiceProps['options'], text: string): string | undefined {
  const asked = text.trim().toLowerCase();
  return allOf(options).find(({ value, label }) => [label, value].some((one) => one.toLowerCase() === asked))?.value;
}

function allOf(options: ChoiceProps['options']): readonly Option[] {
  return options.flatMap((option): readonly Option[] => ('group' in option ? option.options : [option]));
}

// A list of all alloys is long. It is drawn again only when the list changes, not at each key.
const Options = memo(function Options({ options }: Pick<ChoiceProps, 'options'>) {
  return options.map((option) =>
    'group' in option ? (
      <optgroup key={option.group} label={option.group}>
        {option.options.map(item)}
      </optgroup>
    ) : (
      item(option)
    ),
  );
});

function item({ value, label }: Option) {
  return (
    <option key={value} value={value}>
      {label}
    </option>
  );
}
