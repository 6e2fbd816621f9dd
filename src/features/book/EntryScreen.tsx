import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { EntryAnswer } from '@/book/answers';
import { useAnswer, useRows, questions } from '@/book/react';
import type { Session } from '@/records/kinds';
import { useFormats } from '@/shell/formats';
import { useBack } from '@/shell/navigation/useBack';
import { Button } from '@/ui/button';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { AmendScreen } from './AmendScreen';
import { isAmendable } from './amendFields';
import { CheckDips } from './CheckDips';
import { checkDips, checkFacts } from './checkRecord';
import { EntryLinks } from './EntryLinks';
import { entryFacts, entryTitle, versionLines } from '@/words/book/entryFacts';
import { VoidScreen } from './VoidScreen';
import { paths } from '@/shell/navigation/paths';
import { printSays } from '@/words/print/print';
import { commonSays } from '@/words/common';
import { entrySays } from '@/words/book/entry';

/** One entry of the Book: what it says, amending or voiding it, and everything it said before. */
export function EntryScreen() {
  const { entryId } = useLocalSearchParams<{ entryId: string }>();
  const { data: entry } = useAnswer(questions.entry(entryId));
  if (entry === undefined) return <Skeleton label={entrySays.loadingTheEntry} />;
  return entry ? <Entry key={entry.versions[0]!.revId} entry={entry} /> : <Gone />;
}

function Gone() {
  const back = useBack();
  return (
    <Screen actions={<Button wet label={commonSays.back} onPress={back} />}>
      <Say size="large" face="slab" heading={1}>
        {entrySays.noSuchEntry}
      </Say>
      <Say>{entrySays.notInBook}</Say>
    </Screen>
  );
}

function Entry({ entry }: { readonly entry: EntryAnswer }) {
  const back = useBack();
  const router = useRouter();
  const formats = useFormats();
  const [doing, setDoing] = useState<'amend' | 'void'>();
  const [newest] = entry.versions;
  const body = newest!.body;
  const facts =
    entry.kind === 'session' && body !== null
      ? checkFacts(body as Session, {
          check: entry.check,
          by: entry.versions.at(-1)!.by,
          zone: entry.versions.at(-1)!.zone,
          formats,
        })
      : entryFacts(entry.kind, body, { names: entry.names, formats });
  const done = () => setDoing(undefined);
  const lots = useRows('lot').data ?? [];
  const names = useAnswer(questions.bookNames()).data;
  const title = entryTitle(entry);
  if (doing && body !== null && names) {
    const known = { id: entry.recordId as string, revId: newest!.revId };
    const about = { entry: { kind: entry.kind, known, body: body as never, lots }, title };
    return doing === 'amend' ? (
      <AmendScreen {...about} names={names} onDone={done} />
    ) : (
      <VoidScreen {...about} onDone={done} />
    );
  }
  return (
    <Screen
      actions={
        <>
          <Button wet label={commonSays.back} onPress={back} />
          {entry.kind === 'session' ? (
            <Button
              wet
              label={printSays.title}
              onPress={() => router.navigate(paths.print({ what: 'check', id: entry.recordId }))}
            />
          ) : null}
          {body !== null ? (
            <>
              {isAmendable(entry.kind) ? (
                <Button wet grow label={entrySays.amend} onPress={() => setDoing('amend')} />
              ) : null}
              <Button wet grow label={entrySays.void} onPress={() => setDoing('void')} />
            </>
          ) : null}
        </>
      }
    >
      <Say size="large" face="slab" heading={1}>
        {title}
      </Say>
      {body === null ? (
        <Say bold tone="off">
          {entrySays.voided}
        </Say>
      ) : (
        <Panel>
          {facts.map(({ label, value }, at) => (
            <View key={`${label} ${at}`} style={styles.fact}>
              <Say size="small" tone="soft" style={styles.label}>
                {label}
              </Say>
              <Say style={styles.value}>{value}</Say>
            </View>
          ))}
        </Panel>
      )}
      {entry.kind === 'session' && body !== null ? (
        <CheckDips dips={checkDips(body as Session, formats)} />
      ) : null}
      <EntryLinks links={entry.links} />
      <Say size="body" face="slab" heading={2}>
        {entrySays.whatItSaidNewestFirst}
      </Say>
      {versionLines(entry, formats).map(({ revId, title, why, changes }) => (
        <View key={revId}>
          <Say size="small" bold>
            {title}
            {why ? `: ${why}` : ''}
          </Say>
          {changes.map((line) => (
            <Say key={line} size="small">
              {line}
            </Say>
          ))}
        </View>
      ))}
    </Screen>
  );
}

const styles = StyleSheet.create({
  fact: { flexDirection: 'row', gap: space.s3, paddingVertical: 2 },
  label: { width: 112, flexShrink: 0 },
  value: { flex: 1, minWidth: 0 },
});
