import { StyleSheet, View } from 'react-native';
import type { BookClient } from '@/book/client';
import { TASK_IDS, type MistakeKind } from '@/core/practice';
import type { csvText } from '@/interchange/tables/csvText';
import { fromChunk } from '@/shell/chunk';
import { useFormats } from '@/shell/formats';
import { saveBlob } from '@/shell/saveBlob';
import { Button } from '@/ui/button';
import { DatedLine } from '@/ui/list/DatedLine';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { clock, dayMonthYear } from '@/words';
import { practiceSays } from '@/words/practice/benchWords';
import { MISTAKE_WORDS } from '@/words/practice/mistakeWords';
import { resultHeads, resultRow } from '@/words/practice/resultWords';
import { TASK_WORDS } from '@/words/practice/taskWords';

type Run = Awaited<ReturnType<BookClient['practiceRuns']>>[number];

/** The name of what was practised; what an older version wrote stands as it is. */
function runName(practice: string): string {
  const id = TASK_IDS.find((one) => one === practice);
  return id ? TASK_WORDS[id].name : practiceSays.free;
}

const mistakeName = (kind: string): string =>
  kind in MISTAKE_WORDS ? MISTAKE_WORDS[kind as MistakeKind].did : kind;

/** What was finished on this device, newest first, and all of it as a table. */
export function ResultsPart({ runs }: { readonly runs: readonly Run[] }) {
  const formats = useFormats();
  const save = async () => {
    // The writer of tables lives with the Book: loaded only when a table is asked for.
    const write = await fromChunk<typeof csvText>('book', 'csvText');
    const rows = runs.map((run) => resultRow(run, { name: runName(run.practice), mistakeName }));
    saveBlob('zolder-practice.csv', new Blob([write(resultHeads, rows)], { type: 'text/csv' }));
  };
  return (
    <View style={styles.part}>
      <Say size="large" face="slab" heading={2}>
        {practiceSays.results}
      </Say>
      {runs.length === 0 ? (
        <Say size="small" tone="soft">
          {practiceSays.noResults}
        </Say>
      ) : (
        <Button label={practiceSays.saveResults} onPress={save} />
      )}
      {[...runs]
        .reverse()
        .slice(0, 20)
        .map((run) => (
          <View key={run.id} style={styles.run}>
            <DatedLine
              day={dayMonthYear(run.endedAtMs)}
              time={clock(run.endedAtMs)}
              title={runName(run.practice)}
              detail={[
                run.by,
                practiceSays.doneBefore(run.mistakes.length),
                run.errorPh === undefined ? '' : `${formats.signed(run.errorPh, 2)} pH`,
              ]
                .filter(Boolean)
                .join(' · ')}
            />
          </View>
        ))}
    </View>
  );
}

const styles = StyleSheet.create({
  part: { gap: space.s2 },
  run: { flexDirection: 'row', gap: space.s3 },
});
