import { useRouter } from 'expo-router';
import { useAnswer } from '@/book/react';
import { useFormats } from '@/features/frame/formats';
import { Button } from '@/ui/button';
import { LabelRow } from '@/ui/label-row';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { leftWords, strengthWords } from './productWords';

/** Products of one's own to correct pH with, and what is left of them. */
export function ProductsScreen() {
  const router = useRouter();
  const formats = useFormats();
  const { data: products } = useAnswer(['products'], (client) => client.products());
  if (!products) return <Skeleton label="Loading the products" />;
  return (
    <Screen
      actions={
        <Button
          kind={products.length === 0 ? 'main' : 'quiet'}
          wet
          grow
          label="Add a product"
          onPress={() => router.navigate('/shelf/products/new')}
        />
      }
    >
      <Say size="huge" face="slab" heading={1}>
        pH products
      </Say>
      <Say size="small" tone="soft">
        Your own, from their labels. Without them Dose works with products in general.
      </Say>
      {products.map((product, at) => {
        const href = `/shelf/products/${product.id}`;
        return (
          <LabelRow
            key={product.id}
            code={String(at + 1)}
            action="Change"
            href={href}
            onPress={() => router.navigate(href as '/')}
          >
            <Say bold>{product.body.name}</Say>
            <Say size="small">{strengthWords(product.body, formats)}</Say>
            <Say size="small" tone={product.left === 0 ? 'off' : 'soft'}>
              {leftWords(product, formats)}
            </Say>
          </LabelRow>
        );
      })}
    </Screen>
  );
}
