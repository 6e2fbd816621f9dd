import { StyleSheet, View } from 'react-native';
import type { Conflict } from '@/book/answers';
import { thisMoment } from '@/book/client';
import { useBook } from '@/book/react';
import { Button } from '@/ui/button';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { kindName } from '@/words';
import { headName } from './bookFileWords';

/** Records changed on both sides: choose one by one, or the newest of each. */
export function Conflicts({ conflicts }: { readonly conflicts: readonly Conflict[] }) {
  const { client, acts } = useBook();
  const choose = (choices: { recordId: string; revId: string }[]) => {
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
    <View role="region" aria-label="Changed on both sides" style={styles.list}>
      <Say size="large" face="slab" heading={2}>
        {conflicts.length} changed on both sides
      </Say>
      <Say size="small">
        Until you choose, the newest is shown. What is not chosen stays readable in the record.
      </Say>
      {conflicts.map((conflict) => (
        <Panel key={conflict.recordId} tone="wash">
          <Say bold>
            {kindName(conflict.kind)} {conflict.name}
          </Say>
          {conflict.differs.map(({ field, values }) => (
            <Say key={field} size="small">
              {field}: {values.join(' or ')}
            </Say>
          ))}
          <View style={styles.row}>
            {conflict.heads.map((head) => (
              <Button
                key={head.revId}
                label={`Keep ${headName(head)}`}
                name={`Keep ${headName(head)} for ${conflict.name}`}
                onPress={() => choose([{ recordId: conflict.recordId, revId: head.revId }])}
              />
            ))}
          </View>
        </Panel>
      ))}
      <Button label="Keep the newest of each" onPress={() => choose(newest)} />
    </View>
  );
}

const styles = StyleSheet.create({
  list: { gap: space.s2 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s2 },
});
