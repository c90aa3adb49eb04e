// The heads of a table: a word a column, numbers at the end of theirs.

type Head = string | { readonly end: string } | { readonly hidden: string; readonly width?: string };

/** @param of  column by column; `end` for a column of numbers, `hidden` for one whose head is only heard */
export function Heads({ of }: { of: readonly Head[] }) {
  return (
    <thead>
      <tr>
        {of.map((head, index) => {
          const first = index === 0 ? 'first' : '';
          if (typeof head === 'string')
            return (
              <th key={head} scope="col" className={first}>
                {head}
              </th>
            );
          if ('end' in head)
            return (
              <th key={head.end} scope="col" className={`${first} end`}>
                {head.end}
              </th>
            );
          return (
            <th key={head.hidden} scope="col" className={`${first} ${head.width ?? ''}`}>
              <span className="sr-only">{head.hidden}</span>
            </th>
          );
        })}
      </tr>
    </thead>
  );
}
