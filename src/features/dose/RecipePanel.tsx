import { useState } from 'react';
import type { EcDoseAnswer } from '@/book/answers';
import { useFormats } from '@/shell/formats';
import { leadsDown } from '@/words/products/reagents';
import type { AnyProduct } from '@/features/products/useProducts';
import { SchoolNote } from '@/features/parts/SchoolNote';
import { Choice, SelectField } from '@/ui/form';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { recipeSays } from '@/words/dose/recipe';
import { recipeFor } from '@/core/dosing';
import { recipeSteps } from '@/words/dose/recipeSteps';

interface Props {
  readonly answer: EcDoseAnswer;
  readonly products: readonly AnyProduct[];
  readonly volumeL: number;
}

/** The recipe of a whole change: waters, stock, acid, in either order. */
export function RecipePanel({ answer, products, volumeL }: Props) {
  const formats = useFormats();
  const acids = products.filter(
    ({ product }) => leadsDown(product.reagent) && product.strength.kind !== 'unknown',
  );
  const [acidId, setAcid] = useState(acids[0]?.id ?? '');
  const [order, setOrder] = useState<'acidFirst' | 'nutrientsFirst'>('nutrientsFirst');
  const acid = acids.find(({ id }) => id === acidId) ?? acids[0];
  if (!acid) return null;
  const { phBand, ecBand, stockGainMsPerCm } = answer.tank.body;
  const gainMsPerCm = answer.learnedGain?.gainMsPerCm ?? stockGainMsPerCm;
  const { waters } = answer;
  const { product } = acid;
  const recipe = recipeFor({ volumeL, waters, phBand, ecBand, gainMsPerCm, product });
  const middle = `${formats.ec((ecBand.low + ecBand.high) / 2)} ${formats.ecUnit}`;
  return (
    <Panel>
      <Say size="large" face="slab" heading={2}>
        {recipeSays.recipeFor(formats.volume(volumeL))}
      </Say>
      <Choice
        label={recipeSays.whatGoesInFirst}
        value={order}
        onChoose={setOrder}
        options={[
          { value: 'nutrientsFirst', label: recipeSays.nutrients, hint: recipeSays.saltsFirstHint },
          {
            value: 'acidFirst',
            label: recipeSays.acidFirst,
            hint: recipeSays.acidFirstHint,
          },
        ]}
      />
      <SchoolNote about="acidOrder" />
      {order === 'acidFirst' ? (
        <SelectField
          label={recipeSays.acid}
          value={acid.id}
          options={acids.map(({ id, name }) => ({ value: id, label: name }))}
          onChoose={setAcid}
        />
      ) : null}
      {recipeSteps({ recipe, order, acidName: acid.name, middle, formats }).map((step, at) => (
        <Say key={step}>
          {at + 1}. {step}
        </Say>
      ))}
    </Panel>
  );
}
