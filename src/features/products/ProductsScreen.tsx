import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useAnswer, questions } from '@/book/react';
import { Caution } from '@/features/parts/Caution';
import { useFormats } from '@/shell/formats';
import { SimpleTable } from '@/features/parts/SimpleTable';
import { GENERIC_PRODUCTS } from '@/records/products';
import { Button } from '@/ui/button';
import { LabelRow } from '@/ui/label-row';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { generalRow, leftWords, strengthWords } from '@/words/products/productWords';
import { paths } from '@/shell/navigation/paths';
import { commonSays } from '@/words/common';
import { productsSays } from '@/words/products/products';

/** Products of one's own to correct pH with, and what is left of them. */
export function ProductsScreen() {
  const router = useRouter();
  const formats = useFormats();
  const { data: products } = useAnswer(questions.products());
  if (!products) return <Skeleton label={productsSays.loadingTheProducts} />;
  return (
    <Screen
      actions={
        <Button
          kind={products.length === 0 ? 'main' : 'quiet'}
          wet
          grow
          label={productsSays.addAProduct}
          onPress={() => router.navigate(paths.newProduct)}
        />
      }
    >
      <Say size="huge" face="slab" heading={1}>
        {commonSays.phProducts}
      </Say>
      <Say size="small" tone="soft">
        {productsSays.yourOwnFromTheirLabels}
      </Say>
      {products.map((product, at) => {
        const href = paths.product(product.id);
        return (
          <LabelRow
            key={product.id}
            code={String(at + 1)}
            action={commonSays.change}
            href={href}
            onPress={() => router.navigate(href)}
          >
            <Say bold>{product.body.name}</Say>
            <Say size="small">{strengthWords(product.body, formats)}</Say>
            <Say size="small" tone={product.left === 0 ? 'off' : 'soft'}>
              {leftWords(product, formats)}
            </Say>
          </LabelRow>
        );
      })}
      <InGeneral />
    </Screen>
  );
}

/** What Dose offers beside one's own; concentrates behind their own door, as there. */
function InGeneral() {
  const formats = useFormats();
  const [trained, setTrained] = useState(false);
  const shown = GENERIC_PRODUCTS.filter(({ group }) => trained || group === 'home');
  return (
    <View>
      <Say size="large" face="slab" heading={2}>
        {productsSays.inGeneral}
      </Say>
      <Say size="small" tone="soft">
        {productsSays.inGeneralHint}
      </Say>
      <SimpleTable
        label={productsSays.productsInGeneral}
        heads={[productsSays.product, productsSays.strength, productsSays.itHolds]}
        rows={shown.map((product) => generalRow(product, formats))}
      />
      {trained ? (
        <Caution trained />
      ) : (
        <Button
          kind="text"
          label={commonSays.concentratesForTrainedPeople}
          onPress={() => setTrained(true)}
        />
      )}
    </View>
  );
}
