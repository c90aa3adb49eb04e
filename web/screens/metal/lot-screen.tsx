// A lot: what it is, where its metal came from and went to, and its label.
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { accountRoutes, type LotStory } from '../../../contract/account.ts';
import { pathTo } from '../../../contract/route.ts';
import { type JarKind, jarKinds } from '../../../core/account/place.ts';
import { minorDigits } from '../../../core/figure/figure.ts';
import { shortDay } from '../../../core/format/days.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import { Choice } from '../../components/choice.tsx';
import { Failure, isTaken } from '../../components/failure.tsx';
import { Field } from '../../components/field.tsx';
import { gramsOfMg, MetalEntries } from '../../components/metal-entries.tsx';
import { NotFound } from '../../components/not-found.tsx';
import { MetalNav } from '../../components/section-nav.tsx';
import { Spread } from '../../components/spread.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useBatchNames } from '../../hooks/use-batch-names.ts';
import { useNow } from '../../hooks/use-now.ts';
import {
  useGetLotQuery,
  useHandBackMutation,
  usePutLotMutation,
  useScrapLotMutation,
} from '../../state/endpoints/account.ts';
import { showToast } from '../../state/toasts.ts';
import { jarWords, words as accountWords } from '../../words/account.ts';
import { words } from '../../words/metal.ts';

export function LotScreen() {
  const { id = '' } = useParams();
  const { data, error } = useGetLotQuery(id);
  if (error) return <NotFound what="lot" />;
  return data ? <LotPages key={data.lot.id} story={data} /> : null;
}

function LotPages({ story }: { story: LotStory }) {
  const { alloys } = useBasis().rates;
  const { lot, entries, mg, pieces, where } = story;
  const name = alloys.get(lot.alloy)?.name ?? lot.alloy;
  const title = `${words.lot} ${String(lot.number)}`;
  return (
    <Spread
      title={title}
      left={
        <>
          <MetalNav />
          <h1>{title}</h1>
          <p className="mt-1 text-[17px]">
            {name}, {lot.name}
            {lot.owner && <b>{`, ${words.belongsTo} ${lot.owner}`}</b>}
          </p>
          <p className="aside">
            {mg > 0 ? `${gramsOfMg(mg)} g ${words.inStock}` : words.usedUp}
            {mg > 0 && pieces > 1 && `, ${String(pieces)} ${words.pieces}`}
            {lot.supplier && `; ${words.from} ${lot.supplier}`}
          </p>
          {mg > 0 && <LotActions story={story} />}
          <Relatives story={story} />
          <PriceHistory paid={story.paid} own={lot.id} />
        </>
      }
      right={
        <>
          <section aria-labelledby="label">
            <div className="flex items-baseline justify-between">
              <h2 id="label">{words.label}</h2>
              <button type="button" className="link chrome text-[14px]" onClick={() => window.print()}>
                {accountWords.print}
              </button>
            </div>
            <div className="mt-2 flex w-[280px] items-center gap-4 rounded border border-rule p-3" data-label="">
              <img
                src={pathTo(accountRoutes.lotCode, { id: lot.id })}
                alt={words.codeOfTheLot}
                width={84}
                height={84}
                className="bg-white"
              />
              <span>
                <b className="block text-[28px] leading-none">{lot.number}</b>
                <span className="block text-[14px]">{name}</span>
                <span className="block text-[14px]">{lot.name}</span>
                {(lot.owner || where) && <span className="block text-[13px]">{lot.owner || where}</span>}
              </span>
            </div>
          </section>
          <h2 className="mt-6">{accountWords.entries}</h2>
          <MetalEntries entries={entries} label={accountWords.entries} />
        </>
      }
      bottomLine={
        <span className="font-semibold">
          {title}, {mg > 0 ? `${gramsOfMg(mg)} g` : words.usedUp}
        </span>
      }
    />
  );
}

const kinds = jarKinds.map((value) => ({ value, label: jarWords[value] }));

function LotActions({ story: { lot, where, isBulk } }: { story: LotStory }) {
  const { day } = useNow();
  const [put] = usePutLotMutation();
  const [scrap, { error }] = useScrapLotMutation();
  const [handBack, { error: backError }] = useHandBackMutation();
  const [place, setPlace] = useState(where);
  const [amount, setAmount] = useState('');
  const [kind, setKind] = useState<JarKind>('clean');
  const toJar = async () => {
    const answer = await scrap({ id: lot.id, on: day, amount, kind, why: '' });
    if (!isTaken(answer)) return;
    setAmount('');
    showToast(words.putIntoTheJar);
  };
  return (
    <div className="chrome mt-4">
      <p
        className="flex flex-wrap items-baseline gap-x-3 text-[15px]"
        onBlur={() => place !== where && void put({ id: lot.id, where: place })}
      >
        {words.keptIn}
        <Field
          open
          value={place}
          label={words.keptIn}
          placeholder={words.drawerOrRack}
          maxLength={120}
          onChange={setPlace}
        />
      </p>
      <p className="mt-2 flex flex-wrap items-baseline gap-x-3 text-[15px]">
        {words.put}
        <Field
          open
          className="num"
          value={amount}
          label={words.amountForTheJar}
          placeholder={isBulk ? '5 g' : '1'}
          onChange={setAmount}
        />
        {words.intoTheJar}
        <Choice open value={kind} options={kinds} label={words.jar} onChange={(next) => setKind(next as JarKind)} />
        <button type="button" className="button" disabled={!amount.trim()} onClick={() => void toJar()}>
          {words.scrapIt}
        </button>
      </p>
      {lot.owner && (
        <button type="button" className="link mt-2" onClick={() => void handBack({ id: lot.id, on: day, why: '' })}>
          {words.returnItTo} {lot.owner}
        </button>
      )}
      <Failure of={[error, backError]} />
    </div>
  );
}

/** What was paid for the same stock. */
function PriceHistory({ paid, own }: { paid: LotStory['paid']; own: string }) {
  if (paid.length === 0) return null;
  return (
    <section className="mt-6" aria-labelledby="paid">
      <h2 id="paid">{words.priceHistory}</h2>
      <table className="rows mt-1" aria-labelledby="paid">
        <TableHeader of={[words.day, words.supplier, { end: words.lot }, { end: 'g' }, { end: words.paidAGram }]} />
        <tbody>
          {paid.map(({ id, number, on, supplier, mg, paidMinor, currency }) => (
            <tr key={`${id} ${on}`} className="border-b border-hair">
              <td className="first num">{shortDay(on)}</td>
              <td>{supplier}</td>
              <td className="end num">
                {id === own ? (
                  <b>{number}</b>
                ) : (
                  <Link className="link" to={`/lots/${id}`}>
                    {number}
                  </Link>
                )}
              </td>
              <td className="end num">{gramsOfMg(mg)}</td>
              <td className="end num">{showNumber((1000 * paidMinor) / mg / 10 ** minorDigits(currency), 3)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Relatives({ story: { from, into, batches } }: { story: LotStory }) {
  const names = useBatchNames();
  const lots = (title: string, list: LotStory['from']) =>
    list.length > 0 && (
      <p className="mt-1 text-[15px]">
        {title}{' '}
        {list.map(({ id, number }) => (
          <Link key={id} className="link mr-2" to={`/lots/${id}`}>
            {words.lotInText} {number}
          </Link>
        ))}
      </p>
    );
  if (from.length + into.length + batches.length === 0) return null;
  return (
    <section className="mt-6" aria-labelledby="relatives">
      <h2 id="relatives">{words.whereItsMetalWent}</h2>
      {lots(words.cameFrom, from)}
      {lots(words.became, into)}
      {batches.length > 0 && (
        <ul className="mt-1 list-disc pl-5 text-[15px]">
          {batches.map((id) => (
            <li key={id}>
              <Link className="link" to={`/batches/${id}`}>
                {names.get(id) ?? accountWords.batch}
              </Link>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
