import { useState } from 'react';
import { View } from 'react-native';
import { GENERIC_PRODUCTS } from '@/records/products';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/form';

interface Props {
  readonly value: string;
  readonly onChoose: (id: string) => void;
}

const optionsOf = (group: 'home' | 'trained') =>
  GENERIC_PRODUCTS.filter((product) => product.group === group).map(({ id, name, hint }) => ({
    value: id,
    label: name,
    hint,
  }));

/** Which product: diluted and dry ones first, concentrates behind their own door. */
export function ProductChoice({ value, onChoose }: Props) {
  const trained = GENERIC_PRODUCTS.find(({ id }) => id === value)?.group === 'trained';
  const [open, setOpen] = useState(trained);
  return (
    <View>
      <Choice
        label="With which product?"
        value={value}
        onChoose={onChoose}
        options={optionsOf('home')}
      />
      {open ? (
        <Choice
          label="Concentrates, for trained people"
          value={value}
          onChoose={onChoose}
          options={optionsOf('trained')}
        />
      ) : (
        <Button
          kind="text"
          label="Concentrates, for trained people…"
          onPress={() => setOpen(true)}
        />
      )}
    </View>
  );
}
