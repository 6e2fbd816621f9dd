import { useState } from 'react';
import type { EcDoseAnswer } from '@/book/answers';
import { useFormats } from '@/features/frame/formats';
import { leadsDown } from '@/features/products/reagents';
import type { AnyProduct } from '@/features/products/useProducts';
import { SchoolNote } from '@/features/parts/SchoolNote';
import { Choice, SelectField } from '@/ui/form';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { recipeFor } from './recipeModel';

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
  const recipe = recipeFor(answer, volumeL, acid.product);
  const waters = recipe.waters.map(({ name, litres }) => `${formats.volume(litres)} of ${name}`);
  const { ecBand } = answer.tank.body;
  const middle = formats.ec((ecBand.low + ecBand.high) / 2);
  const stock =
    recipe.stockMl === undefined
      ? waters.length === 0
        ? 'Stock: give the tank its waters, and it is worked out here.'
        : 'Stock: what 1 mL/L of it adds is not known yet; type it once under EC, beside Dose.'
      : `${formats.doseMl(recipe.stockMl)} of stock A, then the same of B, to ${middle} ${formats.ecUnit}.`;
  return (
    <Panel>
      <Say size="large" face="slab" heading={2}>
        Recipe for {formats.volume(volumeL)}
      </Say>
      <Choice
        label="What goes in first?"
        value={order}
        onChoose={setOrder}
        options={[
          { value: 'nutrientsFirst', label: 'nutrients', hint: 'they pull the pH down themselves' },
          {
            value: 'acidFirst',
            label: 'acid',
            hint: 'the salts stay dissolved; needs a known water',
          },
        ]}
      />
      <SchoolNote about="acidOrder" />
      {waters.length > 0 ? <Say>1. {waters.join(' and ')}.</Say> : null}
      {order === 'nutrientsFirst' ? (
        <>
          <Say>2. {stock}</Say>
          <Say>3. Pump ten minutes, read. Dose then plans the acid on the feed as it is.</Say>
        </>
      ) : (
        <>
          <SelectField
            label="Acid"
            value={acid.id}
            options={acids.map(({ id, name }) => ({ value: id, label: name }))}
            onChoose={setAcid}
          />
          {recipe.acid ? (
            <Say>
              2. About {formats.number(recipe.acid.amount, recipe.acid.amount < 100 ? 1 : 0)}{' '}
              {recipe.acid.unit} of {acid.name} in all, leaving half a meq/L: pH{' '}
              {formats.number(recipe.acid.mixedPh, 1)} at first, aired{' '}
              {formats.number(recipe.acid.airedPh, 1)}. Never at once: book the fill, read it, and
              Dose gives the steps.
            </Say>
          ) : (
            <Say>
              2. Acid: the alkalinity of this water is not known; read the fill and dose small.
            </Say>
          )}
          <Say>3. {stock}</Say>
        </>
      )}
    </Panel>
  );
}
