import { StyleSheet } from 'react-native';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { DISPUTES, type DisputeId } from '@/words';

/** Beside a choice the trade disputes: the reason of the usual way, and the other school. */
export function SchoolNote({ about }: { readonly about: DisputeId }) {
  const { why, others } = DISPUTES[about];
  return (
    <Say size="small" tone="soft" style={styles.note}>
      {why} {others}
    </Say>
  );
}

const styles = StyleSheet.create({ note: { marginTop: space.s2 } });
