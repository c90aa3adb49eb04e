// How prices are made: the pricing method, its numbers, and the price points.
import { type PricingMethod, pricingMethods } from '../../../core/studio/pricing-methods.ts';
import type { Rates } from '../../../core/studio/rates.ts';
import { Choice } from '../../components/choice.tsx';
import { Field } from '../../components/field.tsx';
import { schoolNames } from '../../words/cost-words.ts';
import { SettingLines } from './setting-lines.tsx';
import { problemAt, type SettingProps } from './setting-props.ts';

const ofSchool = [
  { key: 'wholesaleFactor', label: 'Wholesale is cost times', help: 'metal, hands, studio, then a factor' },
  { key: 'markUpMetal', label: 'Mark-up on metal', help: 'metal and solder, less what scrap brings' },
  { key: 'markUpFindings', label: 'Mark-up on findings and stones', help: 'and on work sent out' },
  { key: 'markUpLabour', label: 'Mark-up on hands and studio', help: 'and on all the rest' },
  { key: 'margin', label: 'Margin', help: 'of the wholesale price, left over the cost' },
] as const;

const always = [
  { key: 'retailFactor', label: 'Retail is wholesale times', help: 'a shop commonly doubles, and a little more' },
  {
    key: 'shopFactor',
    label: 'A shop makes of it',
    help: 'what your shops multiply by; your own retail must not undercut it',
  },
  { key: 'leastWholesale', label: 'Least wholesale price', help: 'nothing is sold to a shop for less' },
  { key: 'leastRetail', label: 'Least retail price', help: 'nor over the table' },
  { key: 'leastOrder', label: 'Least order', help: 'of a shop; stands on the line sheet' },
  { key: 'ladder', label: 'Price ladder', help: 'prices gone by before the steps begin: 15, 25, 35, 48' },
  { key: 'justBelow', label: 'Just below a price point', help: 'taken off each step: 0.05 makes 20 into 19.95' },
] as const;

const strays = [
  {
    key: 'spreadMinutes',
    label: 'Minutes, give or take',
    help: 'of a step, two times in three; a step may have its own',
  },
  { key: 'spreadWeight', label: 'Weights, give or take', help: 'of a part, two times in three' },
] as const;

const taxes = [
  { value: 'none', label: 'no tax is charged' },
  { value: 'included', label: 'retail prices include tax of' },
  { value: 'on-top', label: 'tax comes on top, of' },
] as const;

const floors = [
  { value: '80', label: 'four batches of five' },
  { value: '90', label: 'nine batches of ten' },
] as const;

export function PriceRuleSettings({ body, edit, rates: { problems } }: SettingProps & { rates: Rates }) {
  return (
    <section aria-labelledby="rule" className="mt-6">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 id="rule">Price rule</h2>
        <Choice
          value={body.school}
          options={pricingMethods.map((value) => ({ value, label: schoolNames[value] }))}
          label="School of pricing"
          onChange={(school) => edit('', (studio) => void (studio.school = school as PricingMethod))}
        />
      </div>
      <p className="aside">
        Makers price by different schools. All four stand side by side on the price sheet of a piece; the one chosen
        here sets the price.
      </p>
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
            <span key={band.id} className="mr-1 whitespace-nowrap">
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
                label={`Price band ${String(index + 1)} goes by`}
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
        Tax:{' '}
        <Choice
          value={body.taxHow}
          options={taxes}
          label="How tax is charged"
          onChange={(how) => edit('', (studio) => void (studio.taxHow = how as typeof body.taxHow))}
        />{' '}
        {body.taxHow !== 'none' && (
          <Field
            open
            className="num"
            value={body.taxRate}
            label="Rate of tax"
            placeholder="0 %"
            problem={problemAt(problems, 'taxRate')}
            problemId="tax-problem"
            onChange={(value) => edit('taxRate', (studio) => void (studio.taxRate = value))}
          />
        )}
        <span className="aside block">Whether you charge it, and on what, is for the local rule to say.</span>
      </p>
      <p id="tax-problem" className="problem">
        {problemAt(problems, 'taxRate')}
      </p>
      <h3 className="mt-4 font-semibold">How far things stray</h3>
      <SettingLines {...{ body, edit, problems }} of={strays} />
      <p className="mt-1 text-[15px]">
        A floor price covers the cost of{' '}
        <Choice
          value={body.floorAt}
          options={floors}
          label="What a floor price covers"
          onChange={(at) => edit('', (studio) => void (studio.floorAt = at as typeof body.floorAt))}
        />
      </p>
    </section>
  );
}
