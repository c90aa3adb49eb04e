// How metal is valued, and the value of scrap.
import type { Rates } from '../../../core/studio/rates.ts';
import type { MetalBasis } from '../../../core/studio/studio.ts';
import { Choice } from '../../components/choice.tsx';
import { SettingLines } from './setting-lines.tsx';
import type { SettingProps } from './setting-props.ts';

const bases = [
  { value: 'replacement', label: 'what it costs to replace today' },
  { value: 'average', label: 'what was paid for it, on average' },
  { value: 'last', label: 'what was paid for it last' },
] as const;

const lines = [
  {
    key: 'scrapShare',
    label: 'Scrap brings back',
    help: 'of its metal’s price, when trimmings are melted or traded in',
  },
  { key: 'mixedScrapShare', label: 'Soldered scrap', help: 'the same for what has solder in it' },
  { key: 'filingsShare', label: 'Filings', help: 'blank: as soldered scrap' },
  { key: 'assayLoss', label: 'Lost in melt and assay', help: 'of what goes to the refiner, before anything is paid' },
  { key: 'lotCharge', label: 'The refiner’s charge for a lot', help: 'whatever it holds' },
  { key: 'lotGrams', label: 'A lot usually weighs', help: 'the charge is shared out over it' },
  { key: 'packaging', label: 'Packing a piece', help: 'box, card, tissue; a piece may have its own' },
] as const;

export function MetalTerms({ body, edit, rates: { problems } }: SettingProps & { rates: Rates }) {
  return (
    <section aria-labelledby="metal-terms" className="mt-6">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 id="metal-terms">Metal at</h2>
        <Choice
          value={body.metalBasis}
          options={bases}
          label="What metal is costed at"
          onChange={(basis) => edit('', (studio) => void (studio.metalBasis = basis as MetalBasis))}
        />
      </div>
      <p className="aside">
        To replace is the safe side: when metal rises, a price made of what was paid last year will not buy the metal
        for the next piece. What was paid needs receipts, on the right; metal without one is costed to replace.
      </p>
      <SettingLines {...{ body, edit, problems }} of={lines} />
    </section>
  );
}
