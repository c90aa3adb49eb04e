// The list before its first piece: left what it is for, right the way to the first price.
import { Check } from 'lucide-react';
import { Link } from 'react-router';

export function EmptyBook() {
  return (
    <p className="mt-6 max-w-[56ch]">
      Enter one piece with its parts, findings and steps. You see its weight, its cost and a price as you type.
    </p>
  );
}

export function FirstSteps({ hasFix }: { hasFix: boolean }) {
  return (
    <section aria-labelledby="first-steps">
      <h2 id="first-steps">Getting started</h2>
      <ol className="mt-2 list-decimal space-y-2 pl-5">
        <li>
          {hasFix ? (
            <span className="flex items-center gap-2 text-good">
              Metal prices are entered <Check size={17} aria-hidden="true" />
            </span>
          ) : (
            <>
              <Link className="link" to="/studio#fix">
                Enter today’s metal prices
              </Link>
              ; until then metal counts as 0.
            </>
          )}
        </li>
        <li>Add a piece: its name, its material, the time of each step. Cost and prices follow as you type.</li>
        <li>Make a batch: what to cut, and when it will be done.</li>
      </ol>
      <p className="aside mt-3">
        Rent, gas and solder are part of the price too: enter them in{' '}
        <Link className="link" to="/studio">
          Settings
        </Link>
        .
      </p>
    </section>
  );
}
