import { StyleSheet, View } from 'react-native';
import type { Conflict } from '@/book/answers';
import { thisMoment } from '@/book/client';
import { useBook } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { Button } from '@/ui/button';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { kindName } from '@/words';
import { bookFileSays } from '@/words/bookfile/bookFile';
import { differenceLines, headName } from '@/words/bookfile/bookFileWords';
import type { RecordId, RevId } from '@/records';

/** Records changed on both sides: choose one by one, or the newest of each. */
export function Conflicts({ conflicts }: { readonly conflicts: readonly Conflict[] }) {
  const { client, acts } = useBook();
  const formats = useFormats();
  const choose = (choices: { recordId: RecordId; revId: RevId }[]) => {
    const actId = acts.newActId();
    const send = () =>
      client
        .resolve(choices, thisMoment(), actId)
        .catch((error: unknown) => acts.fail(error, send));
    return send();
  };
  const newest = conflicts.map(({ recordId, heads }) => ({
    recordId,
    revId: [...heads].sort((a, b) => b.atMs - a.atMs)[0]!.revId,
  }));
  return (
    <View role="region" aria-label={bookFileSays.changedOnBothSides} style={styles.list}>
      <Say size="large" face="slab" heading={2}>
        {bookFileSays.countChangedOnBothSides(conflicts.length)}
      </Say>
      <Say size="small">{bookFileSays.untilYouChoose}</Say>
      {conflicts.map((conflict) => (
        <Panel key={conflict.recordId} tone="wash">
          <Say bold>
            {kindName(conflict.kind)} {conflict.name}
          </Say>
          {differenceLines(conflict, formats).map((line) => (
            <Say key={line} size="small">
              {line}
            </Say>
          ))}
          <View style={styles.row}>
            {conflict.heads.map((head) => (
              <Button
                key={head.revId}
                label={bookFileSays.keepHead(headName(head))}
                name={bookFileSays.keepHeadFor(headName(head), conflict.name)}
                onPress={() => choose([{ recordId: conflict.recordId, revId: head.revId }])}
              />
            ))}
          </View>
        </Panel>
      ))}
      <Button label={bookFileSays.keepTheNewestOfEach} onPress={() => choose(newest)} />
    </View>
  );
}

const styles = StyleSheet.create({
  list: { gap: space.s2 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s2 },
});
