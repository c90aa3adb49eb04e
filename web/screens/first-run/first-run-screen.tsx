// The first run: three questions, then the app opens.
import { useState } from 'react';
import type { FirstRun } from '../../../core/studio/studio.ts';
import { Mark } from '../../components/mark.tsx';
import { SampleLink } from '../../components/sample-link.tsx';
import { useSetUpStudioMutation } from '../../state/endpoints/studio.ts';
import { problemOf } from '../../state/saving.ts';
import { words } from '../../words/first-run.ts';
import { countries, currencies, guess } from '../../words/places.ts';

interface AnswersProps {
  readonly answers: FirstRun;
  readonly set: (change: Partial<FirstRun>) => void;
}

export function FirstRunScreen() {
  const [answers, setAnswers] = useState<FirstRun>(() => ({ name: '', hourlyRate: '', ...guess(navigator.language) }));
  const [setUp, { isLoading, error }] = useSetUpStudioMutation();
  const problem = problemOf(error);
  const set = (change: Partial<FirstRun>) => setAnswers({ ...answers, ...change });

  return (
    <main className="mx-auto mt-[6vh] max-w-[620px] bg-page px-10 py-8">
      <p className="flex items-center gap-2 text-[18px] font-bold">
        <Mark /> Noon Ledger
      </p>
      <h1 className="mt-5">{words.setUpYourStudio}</h1>
      <p className="mt-1 text-soft">{words.youCanChangeEverythingLater}</p>
      <form
        className="mt-6 grid grid-cols-[10.5em_1fr] items-baseline gap-x-4 gap-y-4"
        onSubmit={(event) => {
          event.preventDefault();
          void setUp(answers);
        }}
      >
        <label htmlFor="name">{words.studio}</label>
        <input
          id="name"
          className="field field-open field-wide"
          value={answers.name}
          maxLength={120}
          autoFocus
          placeholder={words.nameOfYourStudio}
          onChange={(event) => set({ name: event.target.value })}
        />

        <label htmlFor="country">{words.country}</label>
        <select
          id="country"
          className="field field-open field-wide"
          value={answers.country}
          onChange={(event) => set({ ...guess(`en-${event.target.value}`) })}
        >
          {countries().map(({ code, name }) => (
            <option key={code} value={code}>
              {name}
            </option>
          ))}
        </select>

        <MoneyAndMeasures answers={answers} set={set} />

        <HourlyRate answers={answers} set={set} problem={problem?.detail} />

        <span />
        <button type="submit" className="button justify-self-start" disabled={isLoading}>
          {words.start}
        </button>
      </form>
      <p className="mt-8 border-t border-hair pt-4 text-[15px]">
        {words.lookAroundFirst} <SampleLink />
      </p>
    </main>
  );
}

const unitChoices = [
  { value: 'mm', label: 'millimetres and grams' },
  { value: 'inch', label: 'gauge and inches' },
] as const;

// The country gives both; few makers change them.
function MoneyAndMeasures({ answers, set }: AnswersProps) {
  const [isOpen, setOpen] = useState(false);
  return isOpen ? (
    <>
      <label htmlFor="currency">{words.currency}</label>
      <select
        id="currency"
        className="field field-open field-wide"
        value={answers.currency}
        onChange={(event) => set({ currency: event.target.value })}
      >
        {currencies().map(({ code, name }) => (
          <option key={code} value={code}>
            {code}, {name}
          </option>
        ))}
      </select>

      <span id="units">{words.units}</span>
      <span role="radiogroup" aria-labelledby="units" className="flex flex-wrap gap-x-6">
        {unitChoices.map(({ value, label }) => (
          <label key={value} className="flex items-baseline gap-2">
            <input type="radio" name="units" checked={answers.units === value} onChange={() => set({ units: value })} />
            {label}
          </label>
        ))}
      </span>
    </>
  ) : (
    <>
      <span>{words.yourFormat}</span>
      <span>
        {answers.currency}, {unitChoices.find(({ value }) => value === answers.units)?.label}{' '}
        <button type="button" className="link ml-2" onClick={() => setOpen(true)}>
          {words.change}
        </button>
      </span>
    </>
  );
}

function HourlyRate({ answers, set, problem }: AnswersProps & { problem: string | undefined }) {
  return (
    <>
      <label htmlFor="rate">{words.targetHourlyRate}</label>
      <span>
        <span className="flex items-baseline gap-2">
          <input
            id="rate"
            className="field field-open num w-[7em]"
            value={answers.hourlyRate}
            required
            maxLength={60}
            placeholder="26"
            aria-invalid={problem ? true : undefined}
            aria-describedby="rate-help"
            onChange={(event) => set({ hourlyRate: event.target.value })}
          />
          <span className="text-soft">{answers.currency}</span>
        </span>
        <span id="rate-help" className="aside block">
          {problem ? <span className="text-stop">{problem}</span> : words.whatYouWantToEarn}
        </span>
      </span>
    </>
  );
}
