// How prices are made: the pricing method, its numbers, and the price points.
import { capital, taxName } from '../../../core/format/variants.ts';
import { type PricingMethod, pricingMethods } from '../../../core/studio/pricing-methods.ts';
import type { Rates } from '../../../core/studio/rates.ts';
import { Choice } from '../../components/choice.tsx';
import { Field } from '../../components/field.tsx';
import { schoolNames } from '../../words/cost-words.ts';
import { words } from '../../words/studio.ts';
import { SettingLines } from './setting-lines.tsx';
import { problemAt, type SettingProps } from './setting-props.ts';

const ofSchool = [
  { key: 'wholesaleFactor', label: 'Wholesale multiplier', help: 'wholesale = cost × multiplier' },
  { key: 'markUpMetal', label: 'Markup on metal', help: 'metal and solder, less scrap credit' },
  { key: 'markUpFindings', label: 'Markup on findings and stones', help: 'and on outwork' },
  { key: 'markUpLabour', label: 'Markup on bench time and overhead', help: 'and on all other costs' },
  { key: 'margin', label: 'Margin', help: 'profit as a share of the wholesale price' },
] as const;

const always = [
  {
    key: 'retailFactor',
    label: 'Retail multiplier',
    help: 'retail = wholesale × multiplier; shops commonly double or more',
  },
  {
    key: 'shopFactor',
    label: 'Retailer’s multiplier (keystone = 2)',
    help: 'what your shops multiply by; your own retail price should not be lower',
  },
  { key: 'leastWholesale', label: 'Minimum wholesale price', help: 'nothing is sold wholesale for less' },
  { key: 'leastRetail', label: 'Minimum retail price', help: 'nothing is sold direct for less' },
  { key: 'leastOrder', label: 'Minimum order', help: 'of a shop; printed on the line sheet' },
  { key: 'ladder', label: 'Price points', help: 'fixed price points before the steps begin: 18, 30, 42, 55' },
  { key: 'justBelow', label: 'Price ending', help: 'deducted from each price point: 0.05 turns 20 into 19.95' },
] as const;

const strays = [
  {
    key: 'spreadMinutes',
    label: 'Time variation ±',
    help: 'of a step, two times in three; a step can have its own',
  },
  { key: 'spreadWeight', label: 'Weight variation ±', help: 'of a part, two times in three' },
] as const;

const taxes = [
  { value: 'none', label: 'no tax is charged' },
  { value: 'included', label: 'retail prices include tax, rate' },
  { value: 'on-top', label: 'prices exclude tax; rate' },
] as const;

const floors = [
  { value: '80', label: '80 % of batches' },
  { value: '90', label: '90 % of batches' },
] as const;

export function PriceRuleSettings({ body, edit, rates: { problems } }: SettingProps & { rates: Rates }) {
  return (
    <section aria-labelledby="rule" className="mt-6">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 id="rule">{words.pricingRule}</h2>
        <Choice
          value={body.school}
          options={pricingMethods.map((value) => ({ value, label: schoolNames[value] }))}
          label={words.pricingMethod}
          onChange={(school) => edit('', (studio) => void (studio.school = school as PricingMethod))}
        />
      </div>
      <p className="aside">{words.allFourMethodsAreCompared}</p>
      <SettingLines {...{ body, edit, problems }} of={[...ofSchool, ...always]} />
      <p className="mt-2 text-[15px]">
        Price points:{' '}
        {body.pricePoints.map((band, index) => {
          const path = `pricePoints.${String(index)}`;
          const set = (field: 'below' | 'step', value: string) =>
            edit(`${path}.${field}`, (studio) => {
              const changed = studio.pricePoints[index];
              if (changed) changed[field] = value;
            });
          const isLast = index === body.pricePoints.length - 1;
          return (
            <span key={band.id} className="mr-1 min-[500px]:whitespace-nowrap">
              {isLast ? 'above that' : 'below '}
              {!isLast && (
                <Field
                  open
                  className="num"
                  value={band.below}
                  label={`Price band ${String(index + 1)} ends at`}
                  problem={problemAt(problems, `${path}.below`)}
                  problemId="points"
                  onChange={(value) => set('below', value)}
                />
              )}
              {' by '}
              <Field
                open
                className="num"
                value={band.step}
                label={`Price band ${String(index + 1)} step`}
                problem={problemAt(problems, `${path}.step`)}
                problemId="points"
                onChange={(value) => set('step', value)}
              />
              {isLast ? '' : ', '}
            </span>
          );
        })}
      </p>
      <p id="points" className="problem">
        {problems.filter(({ path }) => path.startsWith('pricePoints')).map(({ sentence }) => sentence)[0]}
      </p>
      <p className="mt-2 text-[15px]">
        {capital(taxName())}:{' '}
        <Choice
          value={body.taxHow}
          options={taxes}
          label={words.tax}
          onChange={(how) => edit('', (studio) => void (studio.taxHow = how as typeof body.taxHow))}
        />{' '}
        {body.taxHow !== 'none' && (
          <Field
            open
            className="num"
            value={body.taxRate}
            label={words.taxRate}
            placeholder="0 %"
            problem={problemAt(problems, 'taxRate')}
            problemId="tax-problem"
            onChange={(value) => edit('taxRate', (studio) => void (studio.taxRate = value))}
          />
        )}
        <span className="aside block">{words.whetherYouChargeItAnd}</span>
      </p>
      <p id="tax-problem" className="problem">
        {problemAt(problems, 'taxRate')}
      </p>
      <h3 className="mt-4 font-semibold">{words.estimateAccuracy}</h3>
      <SettingLines {...{ body, edit, problems }} of={strays} />
      <p className="mt-1 text-[15px]">
        {words.theFloorPriceCoversThe}{' '}
        <Choice
          value={body.floorAt}
          options={floors}
          label={words.floorPriceCovers}
          onChange={(at) => edit('', (studio) => void (studio.floorAt = at as typeof body.floorAt))}
        />
      </p>
    </section>
  );
}
