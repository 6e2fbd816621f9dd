import { createElement, useId } from 'react';
import { StyleSheet, View } from 'react-native';
import { Say, TYPE_PX } from '../text';
import { color, space, TOUCH } from '../tokens';

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
          style: SELECT_STYLE,
        },
        options.map((option) =>
          createElement('option', { key: option.value, value: option.value }, option.label),
        ),
      )}
    </View>
  );
}

const SELECT_STYLE = {
  minHeight: TOUCH,
  padding: `0 ${space.s3}px`,
  border: `1px solid ${color.inkSoft}`,
  borderRadius: 3,
  background: color.panel,
  color: color.ink,
  font: 'inherit',
  fontFamily: "'Atkinson Next', sans-serif",
  fontSize: `calc(${TYPE_PX.body}px * var(--text, 1))`,
  width: '100%',
};

const styles = StyleSheet.create({ field: { gap: space.s1 } });
