// Country, currency and units of the studio.
import { photoRoutes } from '../../../contract/photos.ts';
import { pathTo } from '../../../contract/route.ts';
import { Choice } from '../../components/choice.tsx';
import { FileLink } from '../../components/file-link.tsx';
import { useAddPhotoMutation } from '../../state/endpoints/pieces.ts';
import { problemOf } from '../../state/saving.ts';
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
    <div id="place">
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
        <Logo body={body} edit={edit} />
      </details>
    </div>
  );
}

function Logo({ body: { logo }, edit }: SettingProps) {
  const [addPhoto, { error, isLoading }] = useAddPhotoMutation();
  const take = async (file: File) => {
    const answer = await addPhoto(file);
    if (answer.data) edit('', (studio) => void (studio.logo = answer.data.id));
  };
  return (
    <div className="mt-3 flex flex-wrap items-center gap-4">
      {logo && (
        <img
          src={pathTo(photoRoutes.get, { id: logo })}
          alt={words.logo}
          className="max-h-[60px] max-w-[160px] bg-white"
        />
      )}
      <FileLink
        label={isLoading ? words.uploading : logo ? words.changeTheLogo : words.addALogo}
        accept="image/jpeg,image/png,image/webp"
        onFiles={([file]) => file && void take(file)}
      />
      {logo && (
        <button type="button" className="link chrome" onClick={() => edit('', (studio) => void (studio.logo = ''))}>
          {words.removeTheLogo}
        </button>
      )}
      {error && <p className="problem">{problemOf(error)?.detail ?? words.theLogoCouldNotBe}</p>}
    </div>
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
