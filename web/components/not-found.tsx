// The page for an unknown address.
import { Link } from 'react-router';
import { words } from '../words/components.ts';
import { Spread } from './spread.tsx';

const homes = {
  page: { to: '/pieces', name: 'list of pieces' },
  piece: { to: '/pieces', name: 'list of pieces' },
  batch: { to: '/batches', name: 'batches' },
  fair: { to: '/fairs', name: 'fairs' },
  quote: { to: '/quotes', name: 'quotes' },
  lot: { to: '/shelf', name: 'stock' },
  order: { to: '/buying', name: 'buying list' },
} as const;

export function NotFound({ what }: { what: keyof typeof homes }) {
  return (
    <Spread
      title={words.pageNotFound}
      left={
        <>
          <h1>
            {words.thereIsNoSuch} {what}
          </h1>
          <p className="mt-3">
            {words.itMayHaveBeenDeleted}{' '}
            <Link className="link" to={homes[what].to}>
              {homes[what].name}
            </Link>
            .
          </p>
        </>
      }
      right={null}
      bottomLine={null}
    />
  );
}
