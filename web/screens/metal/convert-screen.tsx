// Melting, rolling, drawing, alloying, granulating: what goes in, what comes out, what is lost.
import { useMemo, useState } from 'react';
import type { Conversion } from '../../../contract/account.ts';
import { drawnLength, takeForMelt } from '../../../core/account/melt.ts';
import { typedGrams, typedMg } from '../../../core/account/typed-mg.ts';
import { type NewLot, newLotSchema } from '../../../core/batch/stock/shelf.ts';
import { annealsBetween } from '../../../core/blank/reduction.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import { densityOf } from '../../../core/metal/alloy.ts';
import { gaugeSystemOf } from '../../../core/stock/gauged.ts';
import { readSection } from '../../../core/stock/read-section.ts';
import type { SectionForm } from '../../../core/stock/section.ts';
import { areaMm2 } from '../../../core/stock/section.ts';
import { formNames } from '../../../core/stock/words.ts';
import { alloyOptions } from '../../components/alloy-options.ts';
import { Choice } from '../../components/choice.tsx';
import { Failure } from '../../components/failure.tsx';
import { Field } from '../../components/field.tsx';
import { gramsOfMg, MetalEntries } from '../../components/metal-entries.tsx';
import { SectionFields, sectionFor } from '../../components/section-fields.tsx';
import { MetalNav } from '../../components/section-nav.tsx';
import { Spread } from '../../components/spread.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useBooked } from '../../components/use-booked.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { useNow } from '../../hooks/use-now.ts';
import { useRowProblems } from '../../hooks/use-row-problems.ts';
import { useConvertMutation, useGetEntriesQuery, useGetJarsQuery } from '../../state/endpoints/account.ts';
import { useGetShelfQuery } from '../../state/endpoints/stock.ts';
import { jarWords, words as accountWords } from '../../words/account.ts';
import { words } from '../../words/metal.ts';

const hows = [
  { value: 'melt', label: 'melt into an ingot' },
  { value: 'draw', label: 'roll or draw' },
  { value: 'alloy', label: 'alloy' },
  { value: 'granulate', label: 'granulate' },
  { value: 'solder', label: 'make solder' },
] as const satisfies readonly { value: Conversion['how']; label: string }[];

/** What can go in, with its fineness of the main metal. */
interface Source {
  readonly key: string;
  readonly name: string;
  readonly place: string;
  readonly lot: string | null;
  readonly alloy: string;
  readonly mg: number;
}

const NO_GRAMS: Readonly<Record<string, string>> = {};

export function ConvertScreen() {
  const { rates } = useBasis();
  const { day } = useNow();
  const sources = useSources();
  const { data: entries = [] } = useGetEntriesQuery({});
  const [how, setHow] = useState<Conversion['how']>('melt');
  const [taken, setTaken] = useState(NO_GRAMS);
  const [output, setOutput] = useState<NewLot>(emptyOutput);
  const [convert, { error, isLoading }] = useConvertMutation();
  const booked = useBooked();
  const inMg = sources.reduce((sum, { key }) => sum + typedMg(taken[key] ?? ''), 0);
  const outMg = typedMg(output.weighed);
  const isTooMuch = outMg > inMg && inMg > 0;
  const kind = how === 'draw' ? 'stock' : how === 'granulate' || how === 'solder' ? 'grain' : 'ingot';
  const save = async () => {
    const inputs = sources
      .filter(({ key }) => typedMg(taken[key] ?? '') > 0)
      .map(({ key, place, lot, alloy }) => ({ place, lot, alloy, grams: taken[key] ?? '' }));
    const made = kind === 'stock' ? output : { ...output, section: { form: 'grain' as const } };
    const answer = await convert({ on: day, how, inputs, output: made, kind, why: '' });
    if (!booked(answer, words.booked)) return;
    setTaken(NO_GRAMS);
    setOutput({ ...output, weighed: '', length: '', width: '', height: '' });
  };
  return (
    <Spread
      title={words.convert}
      left={
        <>
          <MetalNav />
          <h1>{words.convert}</h1>
          <p className="mt-2 text-[15px]">
            <Choice
              open
              value={how}
              options={hows}
              label={words.howItIsDone}
              onChange={(next) => setHow(next as Conversion['how'])}
            />
          </p>
          {sources.length === 0 ? (
            <p className="mt-3">{words.nothingToMelt}</p>
          ) : (
            <table className="rows mt-3" aria-label={words.goesIn}>
              <TableHeader of={[words.goesIn, { end: `${words.inStockOf}, g` }, { end: words.take }]} />
              <tbody>
                {sources.map(({ key, name, mg }) => (
                  <tr key={key} className="border-b border-hair">
                    <td className="first">{name}</td>
                    <td className="end num">{gramsOfMg(mg)}</td>
                    <td className="end num">
                      <Field
                        end
                        open
                        className="num"
                        column="take"
                        value={taken[key] ?? ''}
                        label={`${name}, ${words.take}`}
                        placeholder="0"
                        onChange={(text) => setTaken({ ...taken, [key]: text })}
                      />
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
          <form
            className="chrome mt-5"
            aria-labelledby="out"
            onSubmit={(event) => {
              event.preventDefault();
              void save();
            }}
          >
            <h2 id="out">{words.comesOut}</h2>
            <p className="flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[15px]">
              <Choice
                open
                value={output.alloy}
                options={alloyOptions(rates.alloys, output.alloy)}
                label={words.outAlloy}
                onChange={(alloy) => setOutput({ ...output, alloy })}
              />
              <Field
                open
                className="num"
                value={output.weighed}
                label={words.outWeighs}
                placeholder={words.weigh}
                onChange={(weighed) => setOutput({ ...output, weighed })}
              />
              {kind === 'stock' && <StockFields output={output} onChange={setOutput} />}
              <button type="submit" className="button" disabled={inMg === 0 || outMg === 0 || isTooMuch || isLoading}>
                {words.bookIt}
              </button>
            </p>
            {inMg > 0 && outMg > 0 && !isTooMuch && (
              <p className="aside num">
                {gramsOfMg(inMg - outMg)} g {words.lost}, {showNumber((100 * (inMg - outMg)) / inMg, 1)} %.{' '}
                {words.usualMeltLoss}
              </p>
            )}
            {isTooMuch && <p className="problem">{words.moreThanWentIn}</p>}
            <Failure of={[error]} />
          </form>
          <p className="note mt-5">{words.meltCaution}</p>
        </>
      }
      right={
        <>
          <ReachFineness sources={sources} onTake={setTaken} />
          <h2 className="mt-6">{accountWords.entries}</h2>
          <MetalEntries
            entries={entries.filter((entry) => entry.kind === 'converted').slice(0, 10)}
            label={accountWords.entries}
          />
        </>
      }
      bottomLine={<span className="font-semibold">{gramsOfMg(inMg)} g</span>}
    />
  );
}

const emptyOutput: NewLot = newLotSchema.parse({ alloy: 'silver-925', section: { form: 'round', diameter: '' } });

/** Clean scrap, grain, ingots and bars: solder and filings are not melted in. */
function useSources(): Source[] {
  const { alloys } = useBasis().rates;
  const { data: shelf } = useGetShelfQuery();
  const { data: jars } = useGetJarsQuery();
  return useMemo(() => {
    const name = (alloy: string) => alloys.get(alloy)?.name ?? alloy;
    return [
      ...(jars?.jars ?? [])
        .filter(({ kind, mg }) => kind === 'clean' && mg > 0)
        .map(({ place, alloy, mg }) => ({
          key: place,
          name: `${name(alloy)}, ${jarWords.clean}`,
          place,
          lot: null,
          alloy,
          mg,
        })),
      ...(shelf?.bulk ?? [])
        .filter(({ owner }) => !owner)
        .map(({ id, number, kind, alloy, mg }) => ({
          key: id,
          name: `${name(alloy)}, ${kind}, ${words.lotInText} ${String(number)}`,
          place: 'stock',
          lot: id,
          alloy,
          mg,
        })),
    ];
  }, [alloys, jars, shelf]);
}

const forms = (Object.keys(formNames) as SectionForm[])
  .filter((form) => form !== 'grain')
  .map((value) => ({ value, label: formNames[value] }));

function StockFields({ output, onChange }: { output: NewLot; onChange: (output: NewLot) => void }) {
  const { rates, studio } = useBasis();
  const problems = useRowProblems({});
  const alloy = rates.alloys.get(output.alloy) ?? null;
  const isSheet = output.section.form === 'sheet';
  const unit = studio.units === 'mm' ? 'mm' : 'in';
  const side = (key: 'length' | 'width' | 'height', placeholder: string) => (
    <Field
      open
      className="num"
      value={output[key]}
      label={`${words.outLength}: ${key}`}
      unit={unit}
      placeholder={placeholder}
      onChange={(text) => onChange({ ...output, [key]: text })}
    />
  );
  return (
    <>
      <Choice
        open
        value={output.section.form}
        options={forms}
        label={words.outSection}
        onChange={(form) => onChange({ ...output, section: sectionFor(form as SectionForm, output.section) })}
      />
      <SectionFields
        name={words.comesOut}
        section={output.section}
        alloy={alloy}
        units={studio.units}
        problems={problems}
        set={(_field, change) => {
          const part = { section: { ...output.section } };
          change(part);
          onChange({ ...output, section: part.section });
        }}
      />
      {isSheet ? (
        <span>
          {side('width', unit)} × {side('height', unit)}
        </span>
      ) : (
        side('length', 'long')
      )}
      <Drawn output={output} />
    </>
  );
}

/** An ingot for rolling is about 10 mm square (common practice). */
const INGOT_MM2 = 100;

/** The length that the weight becomes at constant volume. */
function Drawn({ output }: { output: NewLot }) {
  const { alloys } = useBasis().rates;
  const alloy = alloys.get(output.alloy);
  const density = alloy && densityOf(alloy)?.value;
  const reading =
    alloy && readSection(output.section, gaugeSystemOf(alloy.family, output.section.form), () => undefined);
  const section = reading?.section;
  const mg = typedMg(output.weighed);
  if (!section || !density || mg === 0 || section.form === 'sheet' || section.form === 'grain') return null;
  const area = areaMm2(section);
  return (
    <span className="aside num">
      {words.lengthItBecomes} {showNumber(drawnLength(mg, area, density), 0)} mm, {annealsBetween(INGOT_MM2, area)}{' '}
      {words.annealsOnTheWay}
    </span>
  );
}

interface ReachProps {
  readonly sources: readonly Source[];
  readonly onTake: (grams: Readonly<Record<string, string>>) => void;
}

function ReachFineness({ sources, onTake }: ReachProps) {
  const { alloys } = useBasis().rates;
  const [grams, setGrams] = useState('');
  const [fineness, setFineness] = useState('925');
  const wanted = typedMg(grams);
  const goal = Number(fineness);
  // Silver with silver and base metal; gold has masters of its own and is not mixed blindly.
  const silver = sources.flatMap((source) => {
    const alloy = alloys.get(source.alloy);
    const share = alloy
      ? alloy.family === 'silver'
        ? (alloy.fineness ?? 0)
        : alloy.family === 'copper'
          ? 0
          : null
      : null;
    return share === null ? [] : [{ id: source.key, fineness: share, mg: source.mg }];
  });
  const isAsked = wanted > 0 && goal > 0 && goal < 1000;
  const takes = isAsked ? takeForMelt(silver, wanted, goal) : null;
  return (
    <section aria-labelledby="reach" className="chrome">
      <h2 id="reach">{words.reachFineness}</h2>
      <p className="flex flex-wrap items-baseline gap-x-3 text-[15px]">
        <Field open className="num" value={grams} label={words.wantedGrams} placeholder="100 g" onChange={setGrams} />
        <Field open className="num" value={fineness} label={words.wantedFineness} onChange={setFineness} /> ‰
      </p>
      {takes && (
        <>
          <ul className="mt-1 list-disc pl-5 text-[15px]">
            {takes.map(({ id, mg }) => (
              <li key={id}>
                <b className="num">{gramsOfMg(mg)} g</b> {sources.find(({ key }) => key === id)?.name}
              </li>
            ))}
          </ul>
          <button
            type="button"
            className="link mt-1 text-[15px]"
            onClick={() => onTake(Object.fromEntries(takes.map(({ id, mg }) => [id, typedGrams(mg)])))}
          >
            {words.fillIn}
          </button>
        </>
      )}
      {isAsked && !takes && <p className="problem">{words.cannotReach}</p>}
    </section>
  );
}
