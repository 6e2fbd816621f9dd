import { createElement, useId } from 'react';
import { StyleSheet, View } from 'react-native';
import { Say, TYPE_PX } from '../text';
import { color, space, TOUCH } from '../tokens';

interface Props {
  readonly label: string;
  /** Endings and types offered by the browser's own dialog. */
  readonly accept: string;
  readonly onFile: (file: File) => void;
}

/** Chooses a file by the browser's own dialog. */
export function FileField({ label, accept, onFile }: Props) {
  const id = useId();
  return (
    <View style={styles.field}>
      {createElement('label', { htmlFor: id }, <Say size="small">{label}</Say>)}
      {createElement('input', {
        id,
        type: 'file',
        accept,
        onChange: (event: { target: HTMLInputElement }) => {
          const file = event.target.files?.[0];
          if (file) onFile(file);
          // The same file may be chosen again after it was mended.
          event.target.value = '';
        },
        style: {
          minHeight: TOUCH,
          width: '100%',
          boxSizing: 'border-box',
          padding: space.s3,
          border: `1px solid ${color.edge}`,
          background: color.panel,
          color: color.ink,
          fontSize: TYPE_PX.small,
        },
      })}
    </View>
  );
}

const styles = StyleSheet.create({ field: { gap: space.s1 } });
