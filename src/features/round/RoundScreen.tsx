import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useBook, useNowMs } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { Button } from '@/ui/button';
import { Gradually, Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { counted, shortDay } from '@/words';
import { TakeTour } from '@/features/welcome/Tour';
import { WelcomeDoors } from '@/features/welcome/WelcomeDoors';
import { NotToday } from './NotToday';
import { DoneStop, OpenStop, SkippedRow } from './Stops';
import { StageNote } from './StageNote';
import { nextStop, walkHref } from './roundViewModel';
import { useRound } from './useRound';
import { paths, type Path } from '@/shell/navigation/paths';
import { isOpen, roundHeadline, roundProgress } from '@/words/round/headline';
import { roundSays } from '@/words/round/round';
import { aheadLine } from '@/words/round/stopWords';

/** Home: one line that sums up the day, then the walk. */
export function RoundScreen() {
  const nowMs = useNowMs();
  const router = useRouter();
  const formats = useFormats();
  const mine = useRound();
  if (!mine) return <Skeleton label={roundSays.loadingTheRound} />;
  const { round } = mine;
  if (round.penCount === 0 && round.tankCount === 0) return <WelcomeDoors />;
  const next = nextStop(round, nowMs);
  const go = (href: Path) => router.navigate(href);
  const done = round.stops.filter((stop) => stop.done);
  const open = round.stops.filter(isOpen);
  const skipped = round.stops.filter((stop) => !stop.done && stop.skipped);
  return (
    <Screen
      actions={
        next ? (
          <Button
            kind="main"
            wet
            grow
            label={next.label}
            leadsTo={walkHref(next.stop)}
            onPress={() => go(walkHref(next.stop))}
          />
        ) : null
      }
    >
      <Say size="huge" face="slab" heading={1}>
        {roundHeadline(round)}
      </Say>
      <Say size="small" tone="soft">
        {shortDay(nowMs)} · {roundProgress(round)}
      </Say>
      <TakeTour />
      <OthersStops others={mine.others} />
      {round.stagesToday.map((news) => (
        <StageNote key={news.tankId} news={news} when="today" />
      ))}
      {round.stagesTomorrow.map((news) => (
        <StageNote key={news.tankId} news={news} when="tomorrow" />
      ))}
      {done.length > 0 ? (
        <View>
          <Gradually
            rows={done.map((stop) => (
              <DoneStop key={stop.key} stop={stop} formats={formats} onGo={go} />
            ))}
          />
        </View>
      ) : null}
      <Gradually
        after={done.length}
        rows={open.map((stop, at) => (
          <OpenStop
            key={stop.key}
            stop={stop}
            nowMs={nowMs}
            formats={formats}
            first={at === 0}
            onGo={go}
          />
        ))}
      />
      {next ? <NotToday key={next.stop.key} stop={next.stop} /> : null}
      {round.tankCount > 0 ? <OtherWays onGo={go} /> : null}
      {skipped.length > 0 ? (
        <View>
          <Say size="small" bold>
            {roundSays.passedByHeading}
          </Say>
          {skipped.map((stop) => (
            <SkippedRow key={stop.key} stop={stop} formats={formats} onGo={go} />
          ))}
        </View>
      ) : null}
      {round.ahead.length > 0 ? (
        <View>
          <Say size="large" face="slab" heading={2}>
            {roundSays.theWeekAhead}
          </Say>
          {round.ahead.map((day) => (
            <Say key={day.dayMs} size="small">
              {aheadLine(day, formats)}
            </Say>
          ))}
        </View>
      ) : null}
    </Screen>
  );
}

/** The ways to a tank or a pen that is no stop of today. */
function OtherWays({ onGo }: { readonly onGo: (href: Path) => void }) {
  const button = (label: string, href: Path) => (
    <Button kind="text" label={label} leadsTo={href} onPress={() => onGo(href)} />
  );
  return (
    <View style={styles.more}>
      {button(roundSays.readAnother, paths.read())}
      {button(roundSays.scanALabel, paths.scan)}
    </View>
  );
}

const styles = StyleSheet.create({ more: { flexDirection: 'row', flexWrap: 'wrap' } });

/** How many stops others look after, with the press that shows or leaves them out. */
function OthersStops({ others }: { readonly others: number }) {
  const { device, setDevice } = useBook();
  if (others === 0) return null;
  const all = device.roundOfAll === true;
  return (
    <Button
      kind="text"
      label={
        all ? roundSays.onlyMine(device.initials) : roundSays.alsoOthers(counted(others, 'stop'))
      }
      onPress={() => setDevice({ roundOfAll: !all })}
    />
  );
}
