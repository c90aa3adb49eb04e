// A line of a table that can be taken in hand.
import type { ReactNode } from 'react';

export function TableRow({ label, onShow, children }: { label: string; onShow: () => void; children: ReactNode }) {
  return (
    <tr className="cursor-pointer" onClick={onShow}>
      <td>
        <button type="button" className="text-left font-semibold" onClick={onShow}>
          {label}
        </button>
      </td>
      {children}
    </tr>
  );
}
