// The first steps of a new ledger. They tick themselves, and go away when all are done or when the maker hides them.
import { Check, Circle } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { useBasis } from '../../hooks/use-basis.ts';
import { useGetBackupsQuery } from '../../state/endpoints/backups.ts';
import { useGetBatchesQuery } from '../../state/endpoints/batches.ts';
import { remember, remembered } from '../../state/remembered.ts';
import { words } from '../../words/pieces.ts';

const HIDDEN_KEY = 'noon-first-steps';

interface FirstStepsProps {
  readonly hasPiece: boolean;
  readonly hasVersion: boolean;
}

export function FirstSteps({ hasPiece, hasVersion }: FirstStepsProps) {
  const { fix, studio } = useBasis();
  const { data: batches } = useGetBatchesQuery();
  const { data: backups } = useGetBackupsQuery();
  const [isHidden, setHidden] = useState(() => remembered(HIDDEN_KEY) === true);
  const steps = [
    { name: words.enterTodaysMetalPrices, about: words.untilThenMetalIs0, to: '/studio#fix', isDone: fix !== null },
    { name: words.addAFirstPiece, about: words.costFollowsAsYouType, to: '/pieces', isDone: hasPiece },
    { name: words.enterRentAndTools, about: words.theyArePartOfThePrice, to: '/studio/money', isDone: studio.overheadPerHour.trim() !== '' || studio.overheadCosts.length > 0 }, // prettier-ignore
    { name: words.checkYourPricingRule, about: words.howCostBecomesPrice, to: '/studio/pricing', isDone: hasVersion },
    { name: words.makeAFirstBatch, about: words.makeABatchWhatTo, to: '/batches', isDone: (batches?.length ?? 0) > 0 },
    { name: words.chooseASecondFolder, about: words.soThatNothingIsLost, to: '/studio/safety#backups', isDone: Boolean(backups?.otherFolder) }, // prettier-ignore
  ];
  const open = steps.filter(({ isDone }) => !isDone).length;
  if (isHidden || open === 0 || !batches || !backups) return null;
  return (
    <section aria-labelledby="first-steps" className="mb-6">
      <div className="flex items-baseline justify-between">
        <h2 id="first-steps">{words.gettingStarted}</h2>
        <button
          type="button"
          className="link text-[14px]"
          onClick={() => {
            remember(HIDDEN_KEY, true);
            setHidden(true);
          }}
        >
          {words.hide}
        </button>
      </div>
      <ul className="mt-2">
        {steps.map(({ name, about, to, isDone }) => (
          <li key={name} className="flex gap-3 border-b border-hair py-2">
            {isDone ? (
              <Check size={18} className="mt-[3px] shrink-0 text-good" aria-label={words.done} />
            ) : (
              <Circle size={18} className="mt-[3px] shrink-0 text-soft" aria-label={words.open} />
            )}
            <span>
              {isDone ? (
                <span className="text-soft">{name}</span>
              ) : (
                <>
                  <Link className="link" to={to}>
                    {name}
                  </Link>
                  <span className="aside block">{about}</span>
                </>
              )}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
