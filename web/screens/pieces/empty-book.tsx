// The list before its first piece: left what it is for, right the way to the first price.
import { Check } from 'lucide-react';
import { Link } from 'react-router';
import { words } from '../../words/pieces.ts';

export function EmptyBook() {
  return <p className="mt-6 max-w-[56ch]">{words.enterOnePieceWithIts}</p>;
}

export function FirstSteps({ hasFix }: { hasFix: boolean }) {
  return (
    <section aria-labelledby="first-steps">
      <h2 id="first-steps">{words.gettingStarted}</h2>
      <ol className="mt-2 list-decimal space-y-2 pl-5">
        <li>
          {hasFix ? (
            <span className="flex items-center gap-2 text-good">
              {words.metalPricesAreEntered} <Check size={17} aria-hidden="true" />
            </span>
          ) : (
            <>
              <Link className="link" to="/studio#fix">
                {words.enterTodaysMetalPrices}
              </Link>
              ; until then metal counts as 0.
            </>
          )}
        </li>
        <li>{words.addAPieceItsName}</li>
        <li>{words.makeABatchWhatTo}</li>
      </ol>
      <p className="aside mt-3">
        {words.rentGasAndSolderAre}{' '}
        <Link className="link" to="/studio">
          {words.settings}
        </Link>
        .
      </p>
    </section>
  );
}
