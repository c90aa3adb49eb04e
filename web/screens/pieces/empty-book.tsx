// The list before its first piece: left what it is for, right the way to the first price.
import { Check } from 'lucide-react';
import { Link } from 'react-router';

export function EmptyBook() {
  return (
    <p className="mt-6 max-w-[56ch]">
      Describe one piece, its parts, findings and steps, and this book tells what it weighs, what it costs and what to
      charge. Nothing is asked twice.
    </p>
  );
}

export function FirstSteps({ hasFix }: { hasFix: boolean }) {
  return (
    <section aria-labelledby="first-steps">
      <h2 id="first-steps">To the first price</h2>
      <ol className="mt-2 list-decimal space-y-2 pl-5">
        <li>
          {hasFix ? (
            <span className="flex items-center gap-2 text-good">
              Metal prices are fixed <Check size={17} aria-hidden="true" />
            </span>
          ) : (
            <>
              <Link className="link" to="/studio#fix">
                Fix today’s metal prices
              </Link>
              ; until then metal costs nothing here.
            </>
          )}
        </li>
        <li>
          Describe a piece: a name, what it is cut from, how long each step takes. Cost and prices move as you type.
        </li>
        <li>Make a batch of it: what to cut, and the day it will be done.</li>
      </ol>
      <p className="aside mt-3">
        Rent, gas and solder belong in the price too: give them by the bench hour in the{' '}
        <Link className="link" to="/studio">
          studio’s settings
        </Link>
        .
      </p>
    </section>
  );
}
