import { useEffect, useId, useRef } from 'react';
import { inBackground } from '@/trouble';
import { StyleSheet, TextInput, View } from 'react-native';
import { Press } from '../button';
import { FieldNote, type FieldNoteProps } from '../form/FieldNote';
import { FACE, Say, typeStep } from '../text';
import { color, FIELD_MAX, RADIUS, space, TOUCH, TOUCH_WET } from '../tokens';
import { partSays } from '../says';
import { focusNext } from './focus';

interface Props {
  readonly label: string;
  readonly unit: string;
  readonly typed: string;
  readonly onType: (typed: string) => void;
  /** One wet-thumb step up or down; absent: no step buttons. */
  readonly onStep?: ((direction: 1 | -1) => void) | undefined;
  readonly message?: FieldNoteProps['message'];
  /** Tapping the unit changes it for good. */
  readonly onUnit?: (() => void) | undefined;
  readonly size?: 'hero' | 'large';
  /** It has the focus when it appears. What stands in it is replaced by typing; `goOn`: typed on. */
  readonly autoFocus?: boolean | 'goOn';
  /** Enter does the main thing, where the keypad has one, or goes on to the next field. */
  readonly onEnter?: (() => unknown) | 'next' | undefined;
  /** Digits typed while nothing has the focus are meant for this field. */
  readonly takesDigits?: boolean;
}

/** Digits come closer to each other than this while one types, ms. */
const STILL_TYPING_MS = 1000;

/** A number typed with wet thumbs: large, with its unit, steps, and its message beside it. */
export function NumberField(props: Props) {
  const { label, unit, typed, onType, onStep, message, onUnit, size = 'hero' } = props;
  const { autoFocus, onEnter, takesDigits } = props;
  const noteId = useId();
  // A field drawn anew under the typing thumb must not swallow what stands in it.
  const goesOn = useRef(props.autoFocus === 'goOn');
  const field = useRef<TextInput>(null);
  const takesFocus = useRef(autoFocus !== undefined && autoFocus !== false);
  // Not by the field's own way: it puts the caret back to where it was at its first focus, and does so
  // after the first digit where the phone is slow. The second digit came to stand before the first.
  useEffect(() => {
    if (takesFocus.current) field.current?.focus();
  }, []);
  /** When a digit last came; a field that gets the focus back while one types goes on. */
  const typedAt = useRef(Number.NEGATIVE_INFINITY);
  const step = (direction: 1 | -1, sign: string, name: string) =>
    onStep ? (
      <Press name={name} onPress={() => onStep(direction)} style={styles.step}>
        <Say size="huge" bold tone="action" style={styles.sign}>
          {sign}
        </Say>
      </Press>
    ) : null;
  const described = { 'aria-describedby': message ? noteId : undefined } as object;
  return (
    <View>
      <View style={styles.row}>
        <View style={styles.label}>
          <Say size="small" bold>
            {label}
          </Say>
          {unit ? <Unit label={label} unit={unit} onUnit={onUnit} /> : null}
        </View>
        {step(-1, '−', partSays.stepDown(label))}
        <View style={[styles.box, message && styles.wrong]}>
          <TextInput
            {...described}
            aria-label={unit ? `${label}, ${unit}` : label}
            aria-invalid={message ? true : undefined}
            value={typed}
            onChangeText={(text) => {
              typedAt.current = performance.now();
              onType(text);
            }}
            inputMode="decimal"
            autoComplete="off"
            ref={field}
            {...(takesDigits ? ({ dataSet: { takesDigits: 'true' } } as object) : {})}
            blurOnSubmit={false}
            onSubmitEditing={(event) =>
              onEnter === 'next'
                ? focusNext(event.target as unknown as HTMLInputElement)
                : inBackground('enter', onEnter?.())
            }
            onBlur={(event) => {
              // Whoever goes on to another part is done here; a focus lost to nothing was no choice.
              const { relatedTarget: next } = event.nativeEvent as unknown as FocusEvent;
              if (next instanceof HTMLElement && next !== document.body)
                typedAt.current = Number.NEGATIVE_INFINITY;
            }}
            onFocus={(event) => {
              const input = event.target as unknown as HTMLInputElement;
              // In an empty field a selection would only disturb the first digit, already on its way.
              const typesOn =
                goesOn.current || performance.now() - typedAt.current < STILL_TYPING_MS;
              goesOn.current = false;
              if (input.value === '') return;
              if (typesOn) input.setSelectionRange(input.value.length, input.value.length);
              else selectAll(input);
            }}
            style={[styles.input, typeStep(size === 'hero' ? 'hero' : 'huge')]}
          />
        </View>
        {step(1, '+', partSays.stepUp(label))}
      </View>
      <FieldNote id={noteId} message={message} onTake={onType} />
    </View>
  );
}

/**
 * Selects what stands in the field, so that typing replaces it. Some browsers undo a selection made
 * within the focus; the second one is for them, and never takes a digit typed meanwhile.
 */
function selectAll(field: HTMLInputElement): void {
  const before = field.value;
  field.select();
  setTimeout(() => {
    if (field.value === before && document.activeElement === field) field.select();
  }, 0);
}

function Unit({
  label,
  unit,
  onUnit,
}: {
  label: string;
  unit: string;
  onUnit?: (() => void) | undefined;
}) {
  if (!onUnit) {
    return (
      <Say size="tiny" tone="soft">
        {unit}
      </Say>
    );
  }
  return (
    <Press name={partSays.changeUnit(label, unit)} onPress={onUnit} style={styles.unit}>
      <Say size="small" tone="action" style={styles.unitText}>
        {unit}
      </Say>
    </Press>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: space.s2, maxWidth: FIELD_MAX },
  label: { minWidth: 52, maxWidth: 96, flexShrink: 0 },
  step: {
    width: TOUCH_WET,
    height: TOUCH_WET,
    borderWidth: 1,
    borderColor: color.edge,
    borderRadius: RADIUS,
    alignItems: 'center',
    justifyContent: 'center',
    backgroundColor: color.panel,
  },
  sign: { textAlign: 'center' },
  box: { flex: 1, minWidth: 0, borderBottomWidth: 2, borderBottomColor: color.inkSoft },
  wrong: { borderBottomColor: color.off },
  input: {
    width: '100%',
    minWidth: 0,
    paddingVertical: 2,
    textAlign: 'center',
    color: color.ink,
    fontFamily: FACE.mono,
    fontWeight: '600',
  },
  unit: { minHeight: TOUCH, minWidth: TOUCH, justifyContent: 'center' },
  unitText: { textDecorationLine: 'underline' },
});
