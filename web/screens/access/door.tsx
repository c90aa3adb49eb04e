// The card of a page before the ledger is open: its mark, what stands in the way, and a form.
import type { ReactNode } from 'react';
import { Mark } from '../../components/mark.tsx';

/** @param says  what to do, below the title; left out where the form says it */
export function Door({ title, says, children }: { title: string; says?: string; children: ReactNode }) {
  return (
    <main className="mx-auto mt-[10vh] max-w-[460px] bg-page px-8 py-8">
      <p className="flex items-center gap-2 text-[18px] font-bold">
        <Mark /> Noon Ledger
      </p>
      <h1 className="mt-5">{title}</h1>
      {says && <p className="mt-1 text-soft">{says}</p>}
      {children}
    </main>
  );
}
