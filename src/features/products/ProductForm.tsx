import { zodResolver } from '@hookform/resolvers/zod';
import { useLocalSearchParams } from 'expo-router';
import { useForm, useWatch } from 'react-hook-form';
import { saveProduct } from '@/acts';
import type { ProductAnswer } from '@/book/answers';
import { useAnswer, useAct, questions } from '@/book/react';
import { Caution } from '@/features/parts/Caution';
import { useFormats } from '@/shell/formats';
import { useKeyAct } from '@/shell/keys/Keys';
import { DescribedFields } from '@/features/parts/fields/DescribedFields';
import { useFormDraft } from '@/features/parts/useFormDraft';
import { useGoOn } from '@/shell/navigation/useGoOn';
import { SaveBar } from '@/features/parts/SaveBar';
import { Choice } from '@/ui/form';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import {
  namedFields,
  productDefaults,
  productFormSchema,
  productOf,
  strengthFields,
  type ProductIn,
  type ProductOut,
} from './productFields';
import { leadsDown } from '@/words/products/reagents';
import { productsSays } from '@/words/products/products';
import { paths } from '@/shell/navigation/paths';
import type { ProductId } from '@/records';

/** A product of one's own, from its label in plain steps. */
export function ProductForm() {
  const { productId } = useLocalSearchParams<{ productId?: ProductId }>();
  const { data } = useAnswer(questions.products());
  if (!data) return <Skeleton label={productsSays.loadingTheProduct} />;
  const product = data.find(({ id }) => id === productId);
  return <Fields key={product?.revId ?? 'new'} product={product} />;
}

function Fields({ product }: { readonly product: ProductAnswer | undefined }) {
  const goOn = useGoOn();
  const formats = useFormats();
  const { act } = useAct();
  const fields = useForm<ProductIn, unknown, ProductOut>({
    resolver: zodResolver(productFormSchema(formats)),
    defaultValues: productDefaults(product?.body, product?.left, formats),
  });
  const { control, handleSubmit, setValue } = fields;
  const draft = useFormDraft(`product/${product?.id ?? 'new'}`, fields);
  const down = leadsDown(useWatch({ control, name: 'reagent' }));
  const save = handleSubmit(async (out) => {
    const body = productOf(out, new Date().toISOString());
    if (!(await act(saveProduct(product, body)))) return;
    draft.forget();
    goOn.to(paths.products);
  });
  useKeyAct('save', save);
  return (
    <Screen
      actions={
        <SaveBar
          label={product ? productsSays.saveTheProduct : productsSays.addTheProduct}
          onSave={save}
        />
      }
    >
      <Say size="huge" face="slab" heading={1}>
        {product ? productsSays.changeProduct(product.body.name) : productsSays.fromItsLabel}
      </Say>
      <Choice
        label={productsSays.whichWay}
        value={down ? 'down' : 'up'}
        onChoose={(way) => setValue('reagent', way === 'down' ? 'strongAcid' : 'strongBase')}
        options={[
          { value: 'down', label: productsSays.down, hint: productsSays.anAcid },
          { value: 'up', label: productsSays.up, hint: productsSays.aBase },
        ]}
      />
      <DescribedFields control={control} fields={namedFields(down)} />
      <DescribedFields control={control} fields={strengthFields(formats)} />
      <Caution trained />
    </Screen>
  );
}
