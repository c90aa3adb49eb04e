// The page for an unknown address.
import { Link } from 'react-router';
import { Spread } from './spread.tsx';

const homes = {
  page: { to: '/pieces', name: 'list of pieces' },
  piece: { to: '/pieces', name: 'list of pieces' },
  batch: { to: '/batches', name: 'batches' },
  fair: { to: '/fairs', name: 'fairs' },
  quote: { to: '/quotes', name: 'quotes' },
} as const;

export function NotFound({ what }: { what: keyof typeof homes }) {
  return (
    <Spread
      title="Page not found"
      left={
        <>
          <h1>There is no such {what}</h1>
          <p className="mt-3">
            It may have been deleted, or the address is wrong. Go back to the{' '}
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
