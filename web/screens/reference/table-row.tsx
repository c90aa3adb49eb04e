// A line of a table that can be chosen. Each has its own body, so that only it is highlighted.
import type { ReactNode } from 'react';

export function TableRow({ label, onShow, children }: { label: string; onShow: () => void; children: ReactNode }) {
  return (
    <tbody>
      <tr className="cursor-pointer" onClick={onShow}>
        <td className="first">
          <button type="button" className="text-left font-semibold" onClick={onShow}>
            {label}
          </button>
        </td>
        {children}
      </tr>
    </tbody>
  );
}
