import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { thisMoment, type Emptied } from '@/book/client';
import { askAnew, forgetBook, useBook } from '@/book/react';
import { Button } from '@/ui/button';
import { Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { clock, countEntries, shortDay } from '@/words';
import { paths } from '@/shell/navigation/paths';

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
      await askAnew();
    } catch (error) {
      acts.fail(error, beginAnew);
    }
  };
  return (
    <Screen>
      <View role="alert" style={styles.alert}>
        <Say size="huge" face="slab" heading={1}>
          Your book is gone from this device.
        </Say>
        <Say>
          {count > 0 ? `It held ${countEntries(count)}` : 'There was a book at this address'}
          {lastAtMs === null
            ? '.'
            : `; the last was written on ${shortDay(lastAtMs)} at ${clock(lastAtMs)}.`}{' '}
          The browser, or somebody, emptied its storage.
        </Say>
      </View>
      {inCopy > 0 ? (
        <>
          <Say>
            The second copy on this device still holds {countEntries(inCopy)} of the last month.
          </Say>
          <Button
            kind="main"
            wet
            label={`Bring back ${countEntries(inCopy)}`}
            onPress={bringBack}
          />
        </>
      ) : null}
      <Say>A saved file of the book brings everything back that was in it.</Say>
      <Button
        kind={inCopy > 0 ? 'quiet' : 'main'}
        wet
        label="Take in a saved file"
        onPress={() => router.navigate(paths.bookFile)}
      />
      <Button wet label="Begin a new, empty book" onPress={beginAnew} />
    </Screen>
  );
}

const styles = StyleSheet.create({ alert: { gap: space.s2 } });
