import { useState } from 'react';
import { View } from 'react-native';
import type { AnyProduct } from '@/features/products/useProducts';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/form';
import { commonSays } from '@/words/common';
import { doseSays } from '@/words/dose/dose';

interface Props {
  readonly products: readonly AnyProduct[];
  readonly value: string;
  readonly onChoose: (id: string) => void;
}

/** Which product: diluted and dry ones first, concentrates behind their own door. */
export function ProductChoice({ products, value, onChoose }: Props) {
  const optionsOf = (group: 'home' | 'trained') =>
    products
      .filter((product) => product.group === group)
      .map(({ id, name, hint }) => ({ value: id, label: name, hint }));
  const trained = products.find(({ id }) => id === value)?.group === 'trained';
  const [open, setOpen] = useState(trained);
  return (
    <View>
      <Choice
        label={doseSays.withWhichProduct}
        value={value}
        onChoose={onChoose}
        options={optionsOf('home')}
      />
      {open ? (
        <Choice
          label={doseSays.concentrates}
          value={value}
          onChoose={onChoose}
          options={optionsOf('trained')}
        />
      ) : (
        <Button
          kind="text"
          label={commonSays.concentratesForTrainedPeople}
          onPress={() => setOpen(true)}
        />
      )}
    </View>
  );
}
