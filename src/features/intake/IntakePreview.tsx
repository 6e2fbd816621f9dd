import { StyleSheet, View } from 'react-native';
import type { TablePreview } from '@/book/answers';
import { useFormats } from '@/shell/formats';
import { Button } from '@/ui/button';
import { DatedLine } from '@/ui/list';
import { Say } from '@/ui/text';
import { color, space } from '@/ui/tokens';
import { intakeSays } from '@/words/intake/intake';
import {
  checkLine,
  previewSentences,
  readingLine,
  rejectedLines,
} from '@/words/intake/intakeLines';

interface Props {
  readonly preview: TablePreview;
  readonly saved: string | undefined;
  readonly onSaveRejected: () => void;
}

/** What the table brings: how much, what is passed by and why, and the first rows as they will stand. */
export function IntakePreview({ preview, saved, onSaveRejected }: Props) {
  const formats = useFormats();
  const lines = [
    ...preview.readings.map((row) => readingLine(row, formats)),
    ...preview.checks.map(checkLine),
  ];
  return (
    <>
      <View role="status" aria-live="polite" style={styles.list}>
        {previewSentences(preview).map((sentence, at) => (
          <Say key={sentence} size="small" bold={at === 0}>
            {sentence}
          </Say>
        ))}
      </View>
      {preview.rejected > 0 ? (
        <View style={styles.list}>
          <Say size="small" bold tone="off">
            {intakeSays.rejected(preview.rejected)}
          </Say>
          {rejectedLines(preview).map((line) => (
            <Say key={line} size="small">
              {line}
            </Say>
          ))}
          <Button label={intakeSays.saveRejected} onPress={onSaveRejected} />
          {saved ? <Say size="small">{intakeSays.savedAs(saved)}</Say> : null}
        </View>
      ) : null}
      {lines.length > 0 ? (
        <View style={styles.list}>
          <Say size="small" bold>
            {intakeSays.firstOnes}
          </Say>
          {lines.map(({ key, day, time, title, detail }) => (
            <View key={key} style={styles.line}>
              <DatedLine {...{ day, time, title, detail }} />
            </View>
          ))}
        </View>
      ) : null}
    </>
  );
}

const styles = StyleSheet.create({
  list: { gap: space.s2 },
  line: {
    flexDirection: 'row',
    gap: space.s3,
    paddingVertical: space.s2,
    borderBottomWidth: 1,
    borderBottomColor: color.edge,
  },
});
