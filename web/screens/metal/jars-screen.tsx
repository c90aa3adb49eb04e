// Jars of scrap: what is in them, what it brings, and which to send to the refiner. Beside them what is at the refiner.
import { useState } from 'react';
import { Link } from 'react-router';
import type { Jar } from '../../../contract/account.ts';
import { type JarKind, jarKinds } from '../../../core/account/place.ts';
import type { WhenToSend } from '../../../core/account/refining.ts';
import type { Figure } from '../../../core/figure/figure.ts';
import { showValue } from '../../../core/figure/show.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import { jarTable } from '../../../core/import/stock-table.ts';
import { readMoney } from '../../../core/measure/read/read-money.ts';
import { alloyOptions } from '../../components/alloy-options.ts';
import { Calculation } from '../../components/calculation.tsx';
import { Choice } from '../../components/choice.tsx';
import { Failure } from '../../components/failure.tsx';
import { Field } from '../../components/field.tsx';
import { Tick } from '../../components/labelled.tsx';
import { gramsOfMg } from '../../components/metal-entries.tsx';
import { MetalNav } from '../../components/section-nav.tsx';
import { Spread } from '../../components/spread.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useBooked } from '../../components/use-booked.ts';
import { saveTable } from '../../hooks/save-table.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { useNow } from '../../hooks/use-now.ts';
import { useGetJarsQuery, useIntoJarMutation, useSendToRefinerMutation } from '../../state/endpoints/account.ts';
import { jarWorth, YEARLY_RATE } from '../../state/jar-worth.ts';
import { jarWords, words as accountWords } from '../../words/account.ts';
import { words } from '../../words/metal.ts';
import { Consignments } from './consignments.tsx';

export function JarsScreen() {
  const { data } = useGetJarsQuery();
  const basis = useBasis();
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const jars = data?.jars ?? [];
  const learned = data?.learned;
  const worth = jars
    .map((jar) => ({ jar, ...jarWorth(jar, basis, learned?.factor ?? 1) }))
    .sort((a, b) => (b.figure?.value ?? 0) - (a.figure?.value ?? 0) || b.jar.mg - a.jar.mg);
  const ready = worth.filter(({ when }) => when?.shouldSend);
  return (
    <Spread
      title={words.jars}
      left={
        <>
          <MetalNav />
          <div className="flex flex-wrap items-baseline justify-between gap-x-4">
            <h1>{words.jars}</h1>
            <span className="chrome flex gap-4 text-[15px]">
              {jars.length > 0 && (
                <button
                  type="button"
                  className="link"
                  onClick={() =>
                    void saveTable(
                      jarTable(jars, (id) => basis.rates.alloys.get(id)?.name ?? id),
                      'jars.csv',
                    )
                  }
                >
                  {accountWords.exportCsv}
                </button>
              )}
              <Link className="link" to="/import">
                {accountWords.importATable}
              </Link>
            </span>
          </div>
          {data && jars.length === 0 && <p className="mt-3 max-w-[56ch]">{words.noJarsYet}</p>}
          {jars.length > 0 && (
            <table className="rows mt-3" aria-label={words.jars}>
              <TableHeader
                of={[
                  { hidden: words.chooseJar, width: 'w-[34px]' },
                  words.content,
                  { end: 'g' },
                  { end: words.rate },
                  { end: words.worthNow },
                  { end: words.send },
                ]}
              />
              <tbody>
                {worth.map((one) => (
                  <JarRow
                    key={one.jar.place}
                    {...one}
                    isChosen={chosen.includes(one.jar.place)}
                    onChoose={(isOn) =>
                      setChosen(isOn ? [...chosen, one.jar.place] : chosen.filter((place) => place !== one.jar.place))
                    }
                  />
                ))}
              </tbody>
            </table>
          )}
          {jars.length > 0 && <SendForm places={chosen} onSent={() => setChosen([])} />}
          <WeighJar />
        </>
      }
      leftFoot={<span>{words.onlyRefinersDecide}</span>}
      right={
        <>
          {data && <Consignments {...data} />}
          <p className="aside mt-6">
            {words.costOfWaiting} {showNumber(100 * YEARLY_RATE, 0)} % {words.aYear}
          </p>
        </>
      }
      rightFoot={<span className="ml-auto">{basis.rates.currency}</span>}
      bottomLine={
        <span className="font-semibold">
          {ready.length > 0 ? `${String(ready.length)} ${words.sendNow}` : `${String(jars.length)} ${words.jars}`}
        </span>
      }
    />
  );
}

interface JarRowProps {
  readonly figure: Figure | null;
  readonly when: WhenToSend | null;
  readonly jar: Jar;
  readonly isChosen: boolean;
  readonly onChoose: (isOn: boolean) => void;
}

function JarRow({ jar, figure, when, isChosen, onChoose }: JarRowProps) {
  const { rates } = useBasis();
  const [open, setOpen] = useState(false);
  const metal = jar.alloy ? (rates.alloys.get(jar.alloy)?.name ?? jar.alloy) : '';
  const name = [metal, jarWords[jar.kind]].filter(Boolean).join(', ');
  return (
    <>
      <tr className="border-b border-hair">
        <td className="first">
          <input
            type="checkbox"
            className="chrome m-1 size-[17px] accent-act"
            aria-label={`${words.chooseJar}: ${name}`}
            checked={isChosen}
            onChange={(event) => onChoose(event.target.checked)}
          />
        </td>
        <td>
          {metal || jarWords.mixed}
          {metal && <span className="aside block">{jarWords[jar.kind]}</span>}
        </td>
        <td className="end num">{gramsOfMg(jar.mg)}</td>
        <td className="end num">{jar.mgPerMonth > 0 ? gramsOfMg(jar.mgPerMonth) : ''}</td>
        <td className="end num">
          {figure ? (
            <button
              type="button"
              className="figure"
              aria-expanded={open}
              aria-label={`${name}: ${showValue(figure.value, figure.unit)}`}
              onClick={() => setOpen(!open)}
            >
              {showValue(figure.value, figure.unit)}
            </button>
          ) : (
            <span className="aside">{jar.kind === 'mixed' ? words.needsAnAssay : words.noPrice}</span>
          )}
        </td>
        <td className="end text-[14px]">{when && <WhenWords when={when} />}</td>
      </tr>
      {open && figure && (
        <tr>
          <td />
          <td colSpan={5} className="pb-3">
            <Calculation figure={figure} />
          </td>
        </tr>
      )}
    </>
  );
}

function WhenWords({ when }: { when: WhenToSend }) {
  if (when.shouldSend) return <b className="text-good">{words.sendNow}</b>;
  const grams = (mg: number) => (Number.isFinite(mg) ? `${showNumber(mg / 1000, 0)} g` : words.notYet);
  return (
    <span className="num text-soft">
      {words.paysFrom} {grams(when.paysFromMg)}
      <br />
      {words.bestAt} {grams(when.bestMg)}
    </span>
  );
}

function SendForm({ places, onSent }: { places: readonly string[]; onSent: () => void }) {
  const { rates } = useBasis();
  const { day } = useNow();
  const [send, { error, isLoading }] = useSendToRefinerMutation();
  const booked = useBooked();
  const [refiner, setRefiner] = useState('');
  const [charge, setCharge] = useState('');
  const problem = charge.trim() ? readMoney(charge, rates.currency, 'amount') : null;
  const onSend = async () => {
    const answer = await send({ on: day, refiner, places: [...places], charge, why: '' });
    if (booked(answer, words.sentToRefiner)) onSent();
  };
  return (
    <section className="chrome mt-5" aria-labelledby="send">
      <h2 id="send">{words.sendToRefiner}</h2>
      <p className="flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[15px]">
        <Field
          open
          value={refiner}
          label={words.refiner}
          placeholder={words.refinersName}
          maxLength={120}
          onChange={setRefiner}
        />
        <span>
          {words.charge}{' '}
          <Field
            open
            className="num"
            value={charge}
            label={words.chargeForTheLot}
            placeholder="0"
            onChange={setCharge}
          />
        </span>
        <button
          type="button"
          className="button"
          disabled={places.length === 0 || !refiner.trim() || isLoading || problem?.ok === false}
          onClick={() => void onSend()}
        >
          {words.sendChosen}
        </button>
      </p>
      {problem && !problem.ok && <p className="problem">{problem.sentence}</p>}
      <Failure of={[error]} />
    </section>
  );
}

const kinds = jarKinds.map((value) => ({ value, label: jarWords[value] }));

/** A jar on the scale: what it weighs now, or what was in it before the ledger. */
function WeighJar() {
  const { rates } = useBasis();
  const { day } = useNow();
  const [fill, { error, isLoading }] = useIntoJarMutation();
  const booked = useBooked();
  const [alloy, setAlloy] = useState('silver-925');
  const [kind, setKind] = useState<JarKind>('clean');
  const [grams, setGrams] = useState('');
  const [isOpening, setOpening] = useState(false);
  const save = async () => {
    const how = isOpening ? 'opening' : 'counted';
    const answer = await fill({ on: day, kind, alloy, grams, how, why: '' });
    if (booked(answer, words.jarWeighed)) setGrams('');
  };
  return (
    <section className="chrome mt-5" aria-labelledby="weigh">
      <h2 id="weigh">{words.weighAJar}</h2>
      <form
        className="flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[15px]"
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <Choice
          open
          value={alloy}
          options={alloyOptions(rates.alloys, alloy)}
          label={words.jarWhichMetal}
          onChange={setAlloy}
        />
        <Choice
          open
          value={kind}
          options={kinds}
          label={words.jarWhichKind}
          onChange={(next) => setKind(next as JarKind)}
        />
        <Field open className="num" value={grams} label={words.jarWeighs} placeholder="38.5 g" onChange={setGrams} />
        <Tick
          word={words.whatWasThereBefore}
          label={words.whatWasThereBefore}
          checked={isOpening}
          onChange={setOpening}
        />
        <button type="submit" className="button" disabled={!grams.trim() || isLoading}>
          {words.save}
        </button>
      </form>
      <Failure of={[error]} />
      <p className="aside mt-1">
        <Link className="link" to="/convert">
          {words.convert}
        </Link>
      </p>
    </section>
  );
}
