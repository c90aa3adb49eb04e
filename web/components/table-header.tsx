// The head of a table: one label a column; labels of number columns are right-aligned.
import { local } from '../../core/format/variants.ts';
import { TableMenu } from '../grid/table-menu.tsx';
import type { ListSorting } from '../hooks/sort-rows.ts';
import { SortHead } from './sort-head.tsx';

export type Head =
  | string
  | { readonly start: string; readonly title?: string; readonly className?: string }
  | { readonly end: string | number; readonly title?: string }
  | { readonly hidden: string; readonly width?: string };

interface HeadsProps {
  /** By column: `end` for a column of numbers, `hidden` for a label that only screen readers hear. */
  readonly of: readonly Head[];
  /** A table laid out as a grid loses its roles, so they stand in the markup. */
  readonly isGrid?: boolean;
  readonly className?: string;
  /** Of a list that is sorted by its heads: the key of each column, null where it sorts nothing. */
  readonly sorts?: ListSorting & { readonly keys: readonly (string | null)[] };
}

export function TableHeader({ of, isGrid = false, className, sorts }: HeadsProps) {
  const role = (name: string) => (isGrid ? name : undefined);
  return (
    <thead role={role('rowgroup')} className={className}>
      <tr role={role('row')}>
        {of.map((head, index) => {
          const key = sorts?.keys[index] ?? null;
          const { text, looks, title, isHidden } = readHead(head);
          return (
            <th
              // Two columns may share a label: two revisions of one piece.
              key={`${String(index)} ${text}`}
              scope={isGrid ? undefined : 'col'}
              role={role('columnheader')}
              className={`${index === 0 ? 'first' : ''} ${looks}`}
              title={title}
              aria-sort={key === null ? undefined : ariaSortOf(key, sorts?.sort ?? '')}
            >
              {isHidden ? (
                <span className="sr-only">{text}</span>
              ) : key !== null && sorts ? (
                <SortHead
                  text={text}
                  isOn={sorts.sort.replace(/^-/, '') === key}
                  isDown={sorts.sort.startsWith('-')}
                  onPress={() => sorts.onSort(key)}
                />
              ) : (
                text
              )}
              {index === 0 && <TableMenu />}
            </th>
          );
        })}
      </tr>
    </thead>
  );
}

function ariaSortOf(key: string, sort: string) {
  if (sort === key) return 'ascending';
  return sort === `-${key}` ? 'descending' : 'none';
}

interface ReadHead {
  readonly text: string;
  readonly looks: string;
  readonly title?: string | undefined;
  readonly isHidden?: boolean;
}

function readHead(head: Head): ReadHead {
  if (typeof head === 'string') return { text: local(head), looks: '' };
  if ('end' in head) return { text: local(String(head.end)), looks: 'end', title: head.title };
  if ('start' in head) return { text: local(head.start), looks: head.className ?? '', title: head.title };
  return { text: head.hidden, looks: head.width ?? '', isHidden: true };
}
