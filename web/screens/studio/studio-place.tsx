// Country, currency and units of the studio.
import { Choice } from '../../components/choice.tsx';
import { countries, currencies } from '../../words/places.ts';
import { words } from '../../words/studio.ts';
import type { SettingProps } from './setting-props.ts';

const unitOptions = [
  { value: 'mm', label: 'millimetres and grams' },
  { value: 'inch', label: 'gauge and inches' },
] as const;

const papers = [
  { key: 'address', label: 'Address', rows: 3 },
  { key: 'contact', label: 'Phone, mail or web address', rows: 1 },
  { key: 'quoteTerms', label: 'Terms printed on quotes', rows: 3 },
] as const;

export function StudioPlace({ body, edit }: SettingProps) {
  return (
    <>
      <Place body={body} edit={edit} />
      <details className="chrome mt-3 text-[15px]">
        <summary className="link inline-block cursor-pointer">{words.addressAndTermsOnPapers}</summary>
        {papers.map(({ key, label, rows }) => (
          <label key={key} className="mt-2 block">
            <span className="aside">{label}</span>
            <textarea
              className="field field-open mt-1 block w-full resize-y"
              aria-label={label}
              rows={rows}
              maxLength={key === 'contact' ? 120 : 4000}
              value={body[key]}
              onChange={(event) => edit(key, (studio) => void (studio[key] = event.target.value))}
            />
          </label>
        ))}
      </details>
    </>
  );
}

function Place({ body, edit }: SettingProps) {
  return (
    <p className="mt-4 flex flex-wrap gap-x-8 gap-y-2">
      <span>
        <span className="aside">{words.country} </span>
        <Choice
          open
          value={body.country}
          label={words.countryTitle}
          options={countries().map(({ code, name }) => ({ value: code, label: name }))}
          onChange={(value) => edit('', (studio) => void (studio.country = value))}
        />
      </span>
      <span>
        <span className="aside">{words.currency} </span>
        <Choice
          open
          value={body.currency}
          label={words.currencyTitle}
          options={currencies().map(({ code, name }) => ({ value: code, label: `${code}, ${name}` }))}
          onChange={(value) => edit('', (studio) => void (studio.currency = value))}
        />
      </span>
      <span>
        <span className="aside">{words.units} </span>
        <Choice
          open
          value={body.units}
          label={words.unitsTitle}
          options={unitOptions}
          onChange={(value) => edit('', (studio) => void (studio.units = value as typeof body.units))}
        />
      </span>
    </p>
  );
}
