import { createElement, useId } from 'react';
import { StyleSheet, View } from 'react-native';
import { Say } from '../text';
import { space } from '../tokens';
import { FieldNote, type FieldNoteProps } from './FieldNote';
import { NATIVE_FIELD_STYLE } from './nativeField';

interface Props {
  readonly label: string;
  /** yyyy-mm-ddThh:mm, local. */
  readonly typed: string;
  readonly onType: (typed: string) => void;
  readonly message?: FieldNoteProps['message'];
}

/** A day with its time, by the browser's own field. */
export function MomentField({ label, typed, onType, message }: Props) {
  const id = useId();
  return (
    <View style={styles.field}>
      <Say size="small" tone="soft">
        {label}
      </Say>
      {createElement('input', {
        type: 'datetime-local',
        'aria-label': label,
        'aria-invalid': message ? true : undefined,
        'aria-describedby': message ? id : undefined,
        value: typed,
        onChange: (event: { target: { value: string } }) => onType(event.target.value),
        style: NATIVE_FIELD_STYLE,
      })}
      <FieldNote id={id} message={message} />
    </View>
  );
}

const styles = StyleSheet.create({ field: { gap: space.s1 } });
