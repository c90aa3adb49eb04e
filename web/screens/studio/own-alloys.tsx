// Alloys of the studio's own, beside those of the reference.
import { alloyFamilies } from '../../../core/metal/alloys.ts';
import { fixMetalNames, fixMetals } from '../../../core/metal/fix.ts';
import type { Problem } from '../../../core/studio/rates.ts';
import type { SettingProps } from './setting-props.ts';
import { SettingRows } from './setting-rows.tsx';

const familyOptions = alloyFamilies.map((family) => ({ value: family, label: family.replace('-', ' ') }));
const fineOptions = [
  { value: '', label: 'none' },
  ...fixMetals.map((metal) => ({ value: metal, label: fixMetalNames[metal] })),
];

export function OwnAlloys(props: SettingProps & { readonly problems: readonly Problem[] }) {
  return (
    <SettingRows
      {...props}
      list="ownAlloys"
      title="Our own alloys"
      help="Density as a number, as the metals in it (Cu 70, Zn 30), or as weighed: 12.41 g in air, 11.22 in water at 21 C."
      one="alloy"
      columns={[
        { key: 'name', head: 'alloy', isWords: true },
        { key: 'family', head: 'like', options: familyOptions },
        { key: 'fineMetal', head: 'fine metal', options: fineOptions },
        { key: 'fineness', head: 'fineness ‰' },
        { key: 'density', head: 'density g/cm³', placeholder: 'g/cm³' },
      ]}
      fresh={(id) => ({ id, name: '', family: 'bronze', fineMetal: '', fineness: '', density: '' })}
    />
  );
}
