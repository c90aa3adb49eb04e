// Back from a retail price that sells easily: what must be true for it to pay the target hourly rate.
import { useState } from 'react';
import { type Figure, given } from '../../../core/figure/figure.ts';
import { roundHalfAwayFromZero } from '../../../core/figure/round-money.ts';
import { showFigure, showValue } from '../../../core/figure/show.ts';
import { readMoney } from '../../../core/measure/read/read-money.ts';
import type { Piece } from '../../../core/piece/piece.ts';
import { channelResult, type CostOfPiece } from '../../../core/price/piece/channels.ts';
import type { PieceCount } from '../../../core/price/piece/count-piece.ts';
import { mustBeTrue, presentCost, smallestPayingBatch } from '../../../core/price/piece/must-be-true.ts';
import type { PriceRule, SellingChannel } from '../../../core/studio/selling.ts';
import { Choice } from '../../components/choice.tsx';
import { Field } from '../../components/field.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import type { Edit } from '../../hooks/use-document.ts';
import type { Basis } from '../../state/basis.ts';
import { words } from '../../words/price-sheet.ts';

interface MustBeTrueBoxProps {
  readonly piece: Piece;
  readonly count: PieceCount;
  readonly cost: CostOfPiece;
  readonly basis: Basis;
  readonly edit: Edit<Piece>;
}

export function MustBeTrueBox({ piece, count, cost, basis, edit }: MustBeTrueBoxProps) {
  const { rates, fix } = basis;
  const { selling, currency, labour } = rates;
  const { target } = piece.pricing;
  const [wageTyped, setWage] = useState('');
  const direct = selling.channels.find(({ kind }) => kind === 'retail') ?? selling.channels[0];
  const [channelId, setChannel] = useState(direct?.id ?? '');
  const channel = selling.channels.find(({ id }) => id === channelId) ?? direct;
  const reading = readMoney(target, currency);
  const wageReading = readMoney(wageTyped, currency, 'wage');
  const wage =
    wageTyped.trim() && wageReading.ok
      ? given('target hourly rate', wageReading.value, `${currency}/h`, 'as typed')
      : labour;
  const price = reading.ok && target.trim() ? roundHalfAwayFromZero(reading.value) : count.prices.retail.value;
  const asked = given('the price', price, currency, target.trim() ? words.thePieceAsTyped : 'the retail price');

  return (
    <section aria-labelledby="back-from-price" className="mt-6">
      <h2 id="back-from-price">{words.targetPriceCalculator}</h2>
      <p className="mt-1 flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[15px]">
        <span>
          customer pays{' '}
          <Field
            open
            className="num font-semibold"
            value={target}
            label={words.priceTheCustomerPays}
            placeholder={showValue(count.prices.retail.value, currency)}
            problem={reading.ok ? undefined : reading.sentence}
            problemId="target-problem"
            onChange={(value) => edit('pricing.target', (draft) => void (draft.pricing.target = value))}
          />
        </span>
        {channel && (
          <Choice
            value={channel.id}
            options={selling.channels.map(({ id, name }) => ({ value: id, label: name }))}
            label={words.salesChannel}
            onChange={setChannel}
          />
        )}
        <span>
          {words.targetHourlyRate}{' '}
          <Field
            open
            className="num"
            value={wageTyped}
            label={words.targetHourlyRateTitle}
            placeholder={showValue(labour.value, labour.unit)}
            onChange={setWage}
          />
        </span>
      </p>
      <p id="target-problem" className="problem">
        {reading.ok ? '' : reading.sentence}
      </p>
      {channel && (
        <Answer
          {...{ count, wage, asked, channel, cost }}
          rule={selling.rule}
          batches={() => smallestPayingBatch(piece, count, { channel, price: asked, wage }, rates, fix)}
        />
      )}
    </section>
  );
}

interface AnswerProps {
  readonly count: PieceCount;
  readonly wage: Figure;
  readonly asked: Figure;
  readonly channel: SellingChannel;
  readonly rule: PriceRule;
  readonly cost: CostOfPiece;
  /** The smallest usual batch above the present one that makes it true; null when none does. */
  readonly batches: () => number | null;
}

function Answer({ count, wage, asked, channel, rule, cost, batches }: AnswerProps) {
  const { received } = channelResult(channel, { wholesale: asked, retail: asked }, cost, rule);
  const present = presentCost(count, received, wage);
  const answer = mustBeTrue(present, wage);
  const larger = answer.isTrue ? null : batches();
  return (
    <>
      <p className={answer.isTrue ? 'mt-1' : 'note mt-1'}>
        {answer.isTrue
          ? `Earnings are ${showFigure(answer.wage)}: the target is met.`
          : `Now it earns ${showFigure(answer.wage)}. Any one of these would reach the target:`}
      </p>
      <table className="count mt-1" aria-label={words.waysToReachTheTarget}>
        <colgroup>
          <col />
          <col style={{ width: '8em' }} />
          <col style={{ width: '8em' }} />
        </colgroup>
        <TableHeader of={[{ hidden: 'what' }, 'now', 'needed']} />
        <tbody>
          <Must label={words.benchTime} now={present.minutes} may={answer.minutes} atMost />
          <Must label={words.metalCut} now={present.grams} may={answer.grams} atMost />
          <Must label={words.netReceived} now={received} may={answer.received} />
          {!answer.isTrue && (
            <tr>
              <td className="py-[5px]!">{words.batchSize}</td>
              <td className="num text-right">{count.batchSize}</td>
              <td className="num text-right font-semibold">
                {larger === null ? <span className="aside">{words.notReachableByBatchSize}</span> : larger}
              </td>
            </tr>
          )}
        </tbody>
      </table>
    </>
  );
}

function Must({ label, now, may, atMost }: { label: string; now: Figure; may: Figure; atMost?: boolean }) {
  const never = atMost && may.value <= 0;
  return (
    <tr title={may.how}>
      <td className="py-[5px]!">{label}</td>
      <td className="num text-right">{showFigure(now)}</td>
      <td className="num text-right font-semibold">
        {never ? (
          <span className="aside">{words.notReachable}</span>
        ) : Number.isFinite(may.value) ? (
          showFigure(may)
        ) : (
          'any'
        )}
      </td>
    </tr>
  );
}
