import { StyleSheet, View } from 'react-native';
import { Say } from '../text';

interface Props {
  readonly day: string;
  readonly time: string;
  readonly title: string;
  readonly detail: string;
}

/** What happened when: the day and time, and beside them what it was. */
export function DatedLine({ day, time, title, detail }: Props) {
  return (
    <>
      <View style={styles.when}>
        <Say size="tiny" tone="soft">
          {day}
        </Say>
        <Say size="tiny" tone="soft" face="mono">
          {time}
        </Say>
      </View>
      <View style={styles.words}>
        <Say size="small" bold>
          {title}
        </Say>
        <Say size="small">{detail}</Say>
      </View>
    </>
  );
}

const styles = StyleSheet.create({
  when: { width: 92, flexShrink: 0 },
  words: { flex: 1, minWidth: 0 },
});
