import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { thisMoment, type Emptied } from '@/book/client';
import { askAnew, forgetBook, useBook } from '@/book/react';
import { Button } from '@/ui/button';
import { Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { clock, countEntries, shortDay } from '@/words';
import { forgetRound } from '@/shell/firstFrame/keep';
import { paths } from '@/shell/navigation/paths';
import { openingSays } from '@/words/frame/opening';

/** The storage is empty where a book was: an alarm, not a welcome. */
export function EmptiedPage({ emptied }: { readonly emptied: Emptied }) {
  const { client, acts } = useBook();
  const router = useRouter();
  const { count, lastAtMs, inCopy } = emptied;
  const bringBack = async () => {
    try {
      await client.bringBack(thisMoment());
      await askAnew();
    } catch (error) {
      acts.fail(error, bringBack);
    }
  };
  const beginAnew = async () => {
    try {
      await client.beginAnew();
      forgetBook();
      forgetRound();
      await askAnew();
    } catch (error) {
      acts.fail(error, beginAnew);
    }
  };
  return (
    <Screen>
      <View role="alert" style={styles.alert}>
        <Say size="huge" face="slab" heading={1}>
          {openingSays.bookGone}
        </Say>
        <Say>
          {openingSays.whatWasHeld(
            count > 0 ? openingSays.itHeld(countEntries(count)) : openingSays.thereWasABook,
            lastAtMs === null ? '.' : openingSays.lastWritten(shortDay(lastAtMs), clock(lastAtMs)),
          )}
        </Say>
      </View>
      {inCopy > 0 ? (
        <>
          <Say>{openingSays.secondCopyHolds(countEntries(inCopy))}</Say>
          <Button
            kind="main"
            wet
            label={openingSays.bringBack(countEntries(inCopy))}
            onPress={bringBack}
          />
        </>
      ) : null}
      <Say>{openingSays.fileBringsBack}</Say>
      <Button
        kind={inCopy > 0 ? 'quiet' : 'main'}
        wet
        label={openingSays.takeInASavedFile}
        onPress={() => router.navigate(paths.bookFile)}
      />
      <Button wet label={openingSays.beginANewEmptyBook} onPress={beginAnew} />
    </Screen>
  );
}

const styles = StyleSheet.create({ alert: { gap: space.s2 } });
