// Bars, sheets and grain that no cutting plan issued.
import { useState } from 'react';
import { sectionOf } from '../../../core/batch/stock/shelf.ts';
import { sizeInWords } from '../../../core/batch/stock/size-words.ts';
import { sectionInWords } from '../../../core/stock/words.ts';
import { Choice } from '../../components/choice.tsx';
import { Failure } from '../../components/failure.tsx';
import { Field } from '../../components/field.tsx';
import { gramsOfMg } from '../../components/metal-entries.tsx';
import { useBooked } from '../../components/use-booked.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { useNow } from '../../hooks/use-now.ts';
import { useIssueByHandMutation } from '../../state/endpoints/account.ts';
import { useGetShelfQuery } from '../../state/endpoints/stock.ts';
import { words } from '../../words/batch-metal.ts';

/** For casting, or when the plan was made by eye. */
export function IssueByHand({ id }: { id: string }) {
  const { day } = useNow();
  const { rates, studio } = useBasis();
  const { data: shelf } = useGetShelfQuery();
  const [issue, { error, isLoading }] = useIssueByHandMutation();
  const booked = useBooked();
  const [lot, setLot] = useState('');
  const [amount, setAmount] = useState('');
  const name = (alloy: string) => rates.alloys.get(alloy)?.name ?? alloy;
  const options = [
    { value: '', label: words.aLot },
    ...(shelf?.bulk ?? []).map((one) => ({
      value: one.id,
      label: `${String(one.number)}: ${name(one.alloy)}, ${one.kind}, ${gramsOfMg(one.mg)} g`,
    })),
    ...(shelf?.lots ?? []).map((one) => ({
      value: one.id,
      label: `${String(one.number)}: ${name(one.alloy)}, ${sectionInWords(sectionOf(one))}, ${sizeInWords(one.size, studio.units)}`,
    })),
  ];
  if (options.length === 1) return null;
  const isBulk = shelf?.bulk.some((one) => one.id === lot) ?? false;
  const save = async () => {
    const answer = await issue({ id, on: day, lot, amount: amount || (isBulk ? '' : '1') });
    if (!booked(answer, words.issued)) return;
    setLot('');
    setAmount('');
  };
  return (
    <>
      <p className="chrome mt-1 flex flex-wrap items-baseline gap-x-3 gap-y-1 text-[15px]">
        {words.issueByHand}
        <Choice open value={lot} options={options} label={words.lotToIssue} onChange={setLot} />
        {lot && (
          <>
            <Field
              open
              className="num"
              value={amount}
              label={words.amountToIssue}
              placeholder={isBulk ? '20 g' : '1'}
              onChange={setAmount}
            />
            <button
              type="button"
              className="link"
              disabled={isLoading || (isBulk && !amount.trim())}
              onClick={() => void save()}
            >
              {words.issue}
            </button>
          </>
        )}
      </p>
      <Failure of={[error]} />
    </>
  );
}
