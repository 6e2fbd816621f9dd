import { View } from 'react-native';
import type { Practice } from '@/core/practice';
import { useFormats } from '@/shell/formats';
import { Say } from '@/ui/text';
import { practiceSays } from '@/words/practice/benchWords';

/** The small record of a task that looks back. */
export function RecordPart({ practice }: { readonly practice: Practice }) {
  const formats = useFormats();
  if (!practice.record) return null;
  return (
    <View>
      <Say bold>{practiceSays.record}</Say>
      {practice.record.map(({ daysAgo, shownPh }) => (
        <Say key={daysAgo}>{practiceSays.recordRow(daysAgo, formats.number(shownPh, 2))}</Say>
      ))}
    </View>
  );
}
