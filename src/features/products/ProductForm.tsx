import { zodResolver } from '@hookform/resolvers/zod';
import { useLocalSearchParams } from 'expo-router';
import { useController, useForm, useWatch } from 'react-hook-form';
import { saveProduct } from '@/acts';
import type { ProductAnswer } from '@/book/answers';
import { useAnswer, useAct, questions } from '@/book/react';
import { Caution } from '@/features/parts/Caution';
import { useFormats } from '@/shell/formats';
import { useKeyAct } from '@/shell/keys/Keys';
import { FormField } from '@/features/parts/FormField';
import { useFormDraft } from '@/features/parts/useFormDraft';
import { useGoOn } from '@/shell/navigation/useGoOn';
import { PRODUCT_REAGENTS } from '@/records/kinds';
import { SaveBar } from '@/features/parts/SaveBar';
import { Button } from '@/ui/button';
import { Choice, FieldRow, SelectField } from '@/ui/form';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { parseDecimal } from '@/words';
import {
  productDefaults,
  productFormSchema,
  productOf,
  usualDensity,
  type ProductIn,
  type ProductOut,
} from './productSchema';
import { leadsDown, REAGENT_NAME } from './reagents';
import { paths } from '@/shell/navigation/paths';

/** A product of one's own, from its label in plain steps. */
export function ProductForm() {
  const { productId } = useLocalSearchParams<{ productId?: string }>();
  const { data } = useAnswer(questions.products());
  if (!data) return <Skeleton label="Loading the product" />;
  const product = data.find(({ id }) => id === productId);
  return <Fields key={product?.revId ?? 'new'} product={product} />;
}

function Fields({ product }: { readonly product: ProductAnswer | undefined }) {
  const goOn = useGoOn();
  const formats = useFormats();
  const { act } = useAct();
  const fields = useForm<ProductIn, unknown, ProductOut>({
    resolver: zodResolver(productFormSchema),
    defaultValues: productDefaults(product?.body, product?.left, formats),
  });
  const { control, handleSubmit, setValue } = fields;
  const draft = useFormDraft(`product/${product?.id ?? 'new'}`, fields);
  const { field: reagent } = useController({ control, name: 'reagent' });
  const { field: strength } = useController({ control, name: 'strength' });
  const percent = useWatch({ control, name: 'percent' });
  const typed = parseDecimal(percent);
  const usual = usualDensity(reagent.value, typed.ok ? typed.value : undefined);
  const down = leadsDown(reagent.value);
  const save = handleSubmit(async (out) => {
    const body = productOf(out, new Date().toISOString());
    if (!(await act(saveProduct(product, body)))) return;
    draft.forget();
    goOn.to(paths.products);
  });
  useKeyAct('save', save);
  const dry = strength.value === 'dry';
  return (
    <Screen
      actions={<SaveBar label={product ? 'Save the product' : 'Add the product'} onSave={save} />}
    >
      <Say size="huge" face="slab" heading={1}>
        {product ? `Change ${product.body.name}` : 'A product from its label'}
      </Say>
      <FormField control={control} name="name" label="What the label calls it" />
      <Choice
        label="Which way does it lead the pH?"
        value={down ? 'down' : 'up'}
        onChoose={(way) => reagent.onChange(way === 'down' ? 'strongAcid' : 'strongBase')}
        options={[
          { value: 'down', label: 'down', hint: 'an acid' },
          { value: 'up', label: 'up', hint: 'a base' },
        ]}
      />
      <SelectField
        label="What is it made of?"
        value={reagent.value}
        options={PRODUCT_REAGENTS.filter((each) => leadsDown(each) === down).map((value) => ({
          value,
          label: REAGENT_NAME[value],
        }))}
        onChoose={reagent.onChange}
      />
      <Choice
        label="What does the label say of its strength?"
        value={strength.value}
        onChoose={strength.onChange}
        options={[
          { value: 'percent', label: 'percent by mass', hint: '% w/w' },
          {
            value: 'weightByVolume',
            label: 'grams in a litre',
            hint: '% w/v: ten times as many g/L',
          },
          { value: 'dry', label: 'a powder', hint: 'dosed in grams' },
          {
            value: 'equivalents',
            label: 'mol/L of acid or base',
            hint: 'from a test, or the maker',
          },
          { value: 'unknown', label: 'nothing', hint: 'its doses, or a jar test, tell' },
        ]}
      />
      {strength.value === 'percent' ? (
        <>
          <FieldRow>
            <FormField control={control} name="percent" label="Percent by mass" unit="%" numeric />
            <FormField
              control={control}
              name="density"
              label="Density"
              unit="g/mL"
              hint="How much a mL weighs: concentrated acids weigh 1.2 to 1.7 g."
              numeric
            />
          </FieldRow>
          {usual === undefined ? null : (
            <Button
              kind="text"
              label={`Use the usual ${formats.number(usual, 3)} g/mL`}
              onPress={() => setValue('density', formats.number(usual, 3))}
            />
          )}
        </>
      ) : null}
      {strength.value === 'weightByVolume' ? (
        <FormField
          control={control}
          name="gPerL"
          label="In a litre"
          unit="g/L"
          hint="A label of 10 % w/v holds 100 g/L."
          numeric
        />
      ) : null}
      {strength.value === 'equivalents' ? (
        <FormField control={control} name="equivalents" label="Strength" unit="mol/L" numeric />
      ) : null}
      <FieldRow>
        <FormField
          control={control}
          name="parts"
          label="Diluted here: one part in"
          hint="Empty when it is poured as it comes. 1 part in 10 is written 10."
          numeric
        />
        <FormField
          control={control}
          name="left"
          label="Left on the Shelf"
          unit={dry ? 'g' : 'mL'}
          hint="What you pour is taken off from now on."
          numeric
        />
      </FieldRow>
      <FormField control={control} name="note" label="Note" />
      <Caution trained />
    </Screen>
  );
}
