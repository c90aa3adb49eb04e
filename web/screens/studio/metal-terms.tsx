// How metal is valued, and the value of scrap.
import type { Rates } from '../../../core/studio/rates.ts';
import type { MetalBasis } from '../../../core/studio/studio.ts';
import { Choice } from '../../components/choice.tsx';
import { words } from '../../words/studio.ts';
import { SettingLines } from './setting-lines.tsx';
import type { SettingProps } from './setting-props.ts';

const bases = [
  { value: 'replacement', label: 'replacement cost' },
  { value: 'average', label: 'average cost' },
  { value: 'last', label: 'last cost' },
] as const;

const lines = [
  {
    key: 'scrapShare',
    label: 'Scrap value',
    help: 'per cent of the metal price, when trimmings are melted or traded in',
  },
  { key: 'mixedScrapShare', label: 'Soldered scrap', help: 'per cent of the metal price, for scrap with solder' },
  { key: 'filingsShare', label: 'Lemel', help: 'per cent of the metal price; blank: as soldered scrap' },
  { key: 'assayLoss', label: 'Refining loss', help: 'per cent of the weight sent to the refiner' },
  { key: 'lotCharge', label: 'Refining fee per lot', help: 'whatever its weight' },
  { key: 'lotGrams', label: 'Typical lot weight', help: 'the fee is spread over it' },
  { key: 'packaging', label: 'Packaging per piece', help: 'box, card, tissue; a piece can have its own' },
] as const;

export function MetalTerms({ body, edit, rates: { problems } }: SettingProps & { rates: Rates }) {
  return (
    <section aria-labelledby="metal-terms" className="mt-6">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 id="metal-terms">{words.valueMetalAt}</h2>
        <Choice
          value={body.metalBasis}
          options={bases}
          label={words.valueMetalAt}
          onChange={(basis) => edit('', (studio) => void (studio.metalBasis = basis as MetalBasis))}
        />
      </div>
      <p className="aside">{words.replacementCostIsTheSafe}</p>
      <SettingLines {...{ body, edit, problems }} of={lines} />
    </section>
  );
}
