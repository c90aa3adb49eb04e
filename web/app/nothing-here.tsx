// An address that leads nowhere.
import { Link } from 'react-router';
import { Spread } from '../parts/spread.tsx';

export function NothingHere({ what }: { what: 'page' | 'piece' | 'batch' }) {
  return (
    <Spread
      title="Not there"
      left={
        <>
          <h1>There is no such {what}</h1>
          <p className="mt-3">
            It may have been taken away, or the address is mistyped. Go back to the{' '}
            <Link className="link" to={what === 'batch' ? '/batches' : '/pieces'}>
              {what === 'batch' ? 'batches' : 'book of pieces'}
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
