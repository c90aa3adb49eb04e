// The pages of a section, in one line below the header.
import { NavLink } from 'react-router';
import { stockName } from '../../core/format/variants.ts';
import { words as metalWords } from '../words/account.ts';
import { words } from '../words/components.ts';
import { words as madeWords } from '../words/made.ts';

interface Place {
  readonly to: string;
  readonly name: string;
}

const selling: readonly Place[] = [
  { to: '/prices', name: 'Price book' },
  { to: '/fairs', name: 'Fairs' },
  { to: '/quotes', name: 'Quotes' },
  { to: '/sheets', name: 'Line sheet and price tags' },
];

const planning: readonly Place[] = [
  { to: '/day', name: 'Day' },
  { to: '/plan', name: 'Plan' },
  { to: '/promise', name: 'Delivery date' },
  { to: '/what-if', name: 'What if' },
  { to: '/hours', name: 'Hours' },
];

const metal = (): readonly Place[] => [
  { to: '/shelf', name: stockName() },
  { to: '/jars', name: metalWords.jars },
  { to: '/account', name: metalWords.metalAccount },
  { to: '/buying', name: metalWords.buying },
  { to: '/studio/metal', name: metalWords.metalPrices },
];

const finished = (): readonly Place[] => [
  { to: '/made', name: madeWords.finishedPieces },
  { to: '/sales', name: madeWords.sales },
  { to: '/outlets', name: madeWords.outlets },
  { to: '/make-next', name: madeWords.makeNext },
  { to: '/review', name: madeWords.review },
];

export const FinishedNav = () => <SectionNav label={madeWords.finished} places={finished()} />;
export const MetalNav = () => <SectionNav label={metalWords.metal} places={metal()} />;
export const SellingNav = () => <SectionNav label={words.prices} places={selling} />;
export const PlanNav = () => <SectionNav label={words.schedule} places={planning} />;

function SectionNav({ label, places }: { label: string; places: readonly Place[] }) {
  return (
    <nav aria-label={label} className="chrome mb-2 flex flex-wrap gap-x-5 text-[15px]">
      {places.map(({ to, name }) => (
        <NavLink key={to} to={to} className={({ isActive }) => (isActive ? 'font-[650]' : 'text-act hover:underline')}>
          {name}
        </NavLink>
      ))}
    </nav>
  );
}
