// Several items of a list, chosen in place: reads as their names, opens as a list of checkboxes.
import { clsx } from 'clsx';
import { Check } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { words } from '../words/components.ts';
import type { Option } from './choice.tsx';
import { useInHand } from './row.tsx';

interface PickManyProps {
  readonly chosen: readonly string[];
  readonly options: readonly Option[];
  readonly label: string;
  readonly placeholder: string;
  readonly problem?: string | undefined;
  readonly problemId?: string | undefined;
  readonly onChange: (chosen: string[]) => void;
}

export function PickMany({ chosen, options, label, placeholder, problem, problemId, onChange }: PickManyProps) {
  const inHand = useInHand();
  const names = chosen.map((id) => options.find(({ value }) => value === id)?.label ?? 'gone');
  const text = names.join(' + ');
  const looks = clsx('field field-choice text-left!', !text && 'text-soft');
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger
        className={looks}
        aria-label={`${label}: ${text || words.none}`}
        aria-invalid={problem ? true : undefined}
        aria-describedby={problem ? problemId : undefined}
        data-in-hand={inHand}
      >
        {text || placeholder}
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content className="menu max-h-[50vh] overflow-y-auto" align="start" sideOffset={2}>
          {options.length === 0 && <p className="px-[10px] py-[6px] text-soft">{words.addPartsFirst}</p>}
          {options.map(({ value, label: name }) => (
            <DropdownMenu.CheckboxItem
              key={value}
              className="menu-item justify-start!"
              checked={chosen.includes(value)}
              onSelect={(event) => event.preventDefault()}
              onCheckedChange={(checked) =>
                onChange(checked ? [...chosen, value] : chosen.filter((other) => other !== value))
              }
            >
              <span className="w-[18px]">{chosen.includes(value) && <Check size={16} />}</span>
              {name}
            </DropdownMenu.CheckboxItem>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
