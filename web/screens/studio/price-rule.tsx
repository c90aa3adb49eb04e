// How prices are made: factors, price points, and what scrap brings back.
import type { Rates } from '../../../core/studio/rates.ts';
import { Field } from '../../parts/field.tsx';
import { SettingLine } from './setting-line.tsx';
import { problemAt, type SettingProps } from './setting-props.ts';

const lines = [
  {
    key: 'wholesaleFactor',
    label: 'Wholesale is cost times',
    help: 'the build-up school: metal, hands, studio, then a factor',
  },
  { key: 'retailFactor', label: 'Retail is wholesale times', help: 'a shop commonly doubles, and a little more' },
  { key: 'justBelow', label: 'Just below a price point', help: 'taken off each: 0.05 makes 20 into 19.95' },
  {
    key: 'scrapShare',
    label: 'Scrap brings back',
    help: 'of its metal’s price, when trimmings are melted or traded in',
  },
  {
    key: 'mixedScrapShare',
    label: 'Filings and soldered scrap',
    help: 'the same for what has solder or dirt in it',
  },
] as const;

export function PriceRule({ body, edit, rates: { problems } }: SettingProps & { rates: Rates }) {
  return (
    <section aria-labelledby="rule" className="mt-6">
      <h2 id="rule">Price rule</h2>
      <table className="rows">
        <thead className="sr-only">
          <tr>
            <th>setting</th>
            <th>as typed</th>
            <th>comes to</th>
          </tr>
        </thead>
        {lines.map(({ key, label, help }) => (
          <SettingLine
            key={key}
            label={label}
            help={help}
            value={body[key]}
            problem={problemAt(problems, key)}
            onChange={(value) => edit(key, (studio) => void (studio[key] = value))}
          />
        ))}
      </table>
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
    </section>
  );
}
