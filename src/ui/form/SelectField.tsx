import { createElement, useId } from 'react';
import { StyleSheet, View } from 'react-native';
import { Say } from '../text';
import { FIELD_MAX, space } from '../tokens';
import { NATIVE_FIELD_STYLE } from './nativeField';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
  readonly onChoose: (value: string) => void;
}

/** One of many, by the browser's own list: the easiest to hit with a wet thumb. */
export function SelectField({ label, value, options, onChoose }: Props) {
  const id = useId();
  return (
    <View style={styles.field}>
      <Say size="small" tone="soft">
        {label}
      </Say>
      {createElement(
        'select',
        {
          id,
          'aria-label': label,
          value,
          onChange: (event: { target: { value: string } }) => onChoose(event.target.value),
          style: NATIVE_FIELD_STYLE,
        },
        options.map((option) =>
          createElement('option', { key: option.value, value: option.value }, option.label),
        ),
      )}
    </View>
  );
}

const styles = StyleSheet.create({ field: { gap: space.s1, maxWidth: FIELD_MAX } });
