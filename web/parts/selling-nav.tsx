// What belongs together about selling, one line under the running head.
import { NavLink } from 'react-router';

const places = [
  { to: '/prices', name: 'Price book' },
  { to: '/fairs', name: 'Fairs' },
  { to: '/quotes', name: 'Quotes' },
  { to: '/sheets', name: 'Line sheet and labels' },
] as const;

export function SellingNav() {
  return (
    <nav aria-label="Prices" className="chrome mb-2 flex flex-wrap gap-x-5 text-[15px]">
      {places.map(({ to, name }) => (
        <NavLink key={to} to={to} className={({ isActive }) => (isActive ? 'font-[650]' : 'text-act hover:underline')}>
          {name}
        </NavLink>
      ))}
    </nav>
  );
}
