import { StyleSheet, View } from 'react-native';
import { Press } from '../button';
import { Say } from '../text';
import { space, TOUCH } from '../tokens';

/** A hint or a message below a field, which names it by `id`. */
export interface FieldNoteProps {
  readonly id: string;
  readonly message?:
    | {
        readonly text: string;
        readonly instead?: { readonly label: string; readonly typed: string } | undefined;
      }
    | undefined;
  /** Takes the value that was probably meant. */
  readonly onTake?: (typed: string) => void;
}

/** What is wrong at a field, in words, with what was probably meant. What was typed stays. */
export function FieldNote({ id, message, onTake }: FieldNoteProps) {
  if (!message) return null;
  const { text, instead } = message;
  return (
    <View style={styles.note}>
      <View role="alert" style={styles.text}>
        <Say id={id} size="small" tone="off" bold>
          {text}
        </Say>
      </View>
      {instead && onTake ? (
        <Press name={instead.label} onPress={() => onTake(instead.typed)} style={styles.take}>
          <Say bold tone="action" style={styles.takeText}>
            {instead.label}
          </Say>
        </Press>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  note: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    columnGap: space.s3,
    paddingTop: space.s1,
  },
  text: { flexShrink: 1 },
  take: { minHeight: TOUCH, justifyContent: 'center' },
  takeText: { textDecorationLine: 'underline' },
});
