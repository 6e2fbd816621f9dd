import { useId, type Ref } from 'react';
import { StyleSheet, TextInput, View } from 'react-native';
import { inBackground } from '@/trouble';
import { FACE, Say, typeStep } from '../text';
import { color, FIELD_MAX, RADIUS, space, TOUCH } from '../tokens';
import { FieldNote, type FieldNoteProps } from './FieldNote';

interface Props {
  readonly label: string;
  readonly typed: string;
  readonly onType: (typed: string) => void;
  readonly onBlur?: () => void;
  readonly unit?: string;
  readonly hint?: string;
  readonly message?: FieldNoteProps['message'];
  readonly numeric?: boolean;
  /** What Enter does. */
  readonly onEnter?: () => unknown;
  readonly inputRef?: Ref<TextInput>;
}

/** A labelled field of a form, its unit after it, its message under it. */
export function TextField(props: Props) {
  const { label, typed, onType, onBlur, unit, hint, message, numeric, onEnter, inputRef } = props;
  const id = useId();
  const hintId = useId();
  const described = [hint ? hintId : '', message ? id : ''].filter(Boolean).join(' ');
  const web = { 'aria-describedby': described || undefined } as object;
  return (
    <View style={styles.field}>
      <Say size="small" tone="soft">
        {label}
      </Say>
      <View style={styles.row}>
        <TextInput
          {...web}
          ref={inputRef}
          aria-label={unit ? `${label}, ${unit}` : label}
          aria-invalid={message ? true : undefined}
          value={typed}
          onChangeText={onType}
          onBlur={onBlur}
          {...(onEnter
            ? { blurOnSubmit: false, onSubmitEditing: () => inBackground('enter', onEnter()) }
            : {})}
          inputMode={numeric ? 'decimal' : 'text'}
          autoComplete="off"
          style={[styles.input, typeStep('body'), numeric && styles.mono, message && styles.wrong]}
        />
        {unit ? (
          <Say size="small" tone="soft" style={styles.unit}>
            {unit}
          </Say>
        ) : null}
      </View>
      {hint ? (
        <Say id={hintId} size="tiny" tone="soft">
          {hint}
        </Say>
      ) : null}
      <FieldNote id={id} message={message} onTake={onType} />
    </View>
  );
}

const styles = StyleSheet.create({
  field: { gap: space.s1, maxWidth: FIELD_MAX, flexGrow: 1, flexShrink: 1, minWidth: 0 },
  row: { flexDirection: 'row', alignItems: 'center', gap: space.s2 },
  input: {
    flex: 1,
    minWidth: 0,
    minHeight: TOUCH,
    paddingHorizontal: space.s3,
    borderWidth: 1,
    borderColor: color.inkSoft,
    borderRadius: RADIUS,
    backgroundColor: color.panel,
    color: color.ink,
    fontFamily: FACE.text,
  },
  mono: { fontFamily: FACE.mono },
  wrong: { borderColor: color.off, borderWidth: 2 },
  unit: { flexShrink: 0 },
});
