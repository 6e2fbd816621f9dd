import Check from 'lucide-react-native/icons/check';
import { StyleSheet, View } from 'react-native';
import type { RoundStop } from '@/book/answers';
import { useBook } from '@/book/react';
import { JudgedNotch } from '@/features/parts/JudgedNotch';
import { Press } from '@/ui/button';
import { LabelRow } from '@/ui/label-row';
import { Say } from '@/ui/text';
import { color, space, TOUCH } from '@/ui/tokens';
import { clock, dayStart, type Formats } from '@/words';
import { doneName, doneResult } from '@/words/round/stopLines';
import { doneElsewhere, stopHref } from './roundViewModel';
import { stopRow } from './stopRow';
import { paths, type Path } from '@/shell/navigation/paths';
import { roundSays } from '@/words/round/round';
import { SKIP_WORD, skippedBeforeLine, stopName } from '@/words/round/stopWords';

interface Common {
  readonly formats: Formats;
  readonly onGo: (href: Path) => void;
}

/** A stop already passed, shrunk to its result. */
export function DoneStop({ stop, formats, onGo }: Common & { readonly stop: RoundStop }) {
  const isTank = stop.kind === 'tank';
  const what = isTank ? stop.tank.body.name : doneName(stop);
  const result = doneResult(stop, formats);
  const { device } = useBook();
  const other = doneElsewhere(stop, device.deviceId);
  const href = isTank
    ? paths.tank(stop.tank.id)
    : stop.kind === 'pen'
      ? paths.pen(stop.pen.id)
      : paths.shelf;
  return (
    <Press href={href} onPress={() => onGo(href)} style={styles.done}>
      <Check size={20} color={color.fit} aria-hidden />
      <View style={styles.row}>
        <View style={styles.what}>
          <Say size="small">{what}</Say>
          {other ? (
            <Say size="tiny" tone="soft">
              {roundSays.doneBy(other.by, clock(other.atMs))}
            </Say>
          ) : null}
        </View>
        <Say size="small" face="mono" tone="soft">
          {result}
        </Say>
      </View>
    </Press>
  );
}

/** A stop still to come, as a label pointing at its action. */
export function OpenStop(
  props: Common & { readonly stop: RoundStop; readonly nowMs: number; readonly first: boolean },
) {
  const { stop, nowMs, formats, first, onGo } = props;
  const href = stopHref(stop);
  const { code, action, name, line, tone } = stopRow(stop, {
    formats,
    nowMs,
    dayMs: dayStart(nowMs),
  });
  const judged = 'tank' in stop ? stop.tank.latest?.ph?.judged : undefined;
  return (
    <LabelRow
      code={code}
      action={action}
      href={href}
      onPress={() => onGo(href)}
      edge={first ? 'next' : 'plain'}
    >
      <Say bold>{name}</Say>
      {judged && stop.kind !== 'reread' ? (
        <View style={styles.notch}>
          <JudgedNotch quantity="ph" judged={judged} size="line" />
        </View>
      ) : null}
      <Say size="small" tone={tone}>
        {line}
      </Say>
      {stop.skippedBefore ? (
        <Say size="small" tone="attention">
          {skippedBeforeLine(stop.skippedBefore)}
        </Say>
      ) : null}
    </LabelRow>
  );
}

/** A stop that was passed by today: its reason stands beside it, and a press leads there after all. */
export function SkippedRow({ stop, formats, onGo }: Common & { readonly stop: RoundStop }) {
  const href = stopHref(stop);
  const { skipped } = stop;
  if (!skipped) return null;
  return (
    <Press href={href} onPress={() => onGo(href)} style={styles.done}>
      <Say size="small" style={styles.what}>
        {stopName(stop, formats)}
      </Say>
      <Say size="small" tone="soft">
        {roundSays.passedBy(SKIP_WORD[skipped.why], skipped.by)}
      </Say>
    </Press>
  );
}

const styles = StyleSheet.create({
  done: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.s2,
    minHeight: TOUCH,
    paddingHorizontal: space.s3,
  },
  // Two values with their ± go below the name where they do not fit beside it.
  row: {
    flex: 1,
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    columnGap: space.s2,
  },
  what: { flexGrow: 1, flexShrink: 1 },
  notch: { maxWidth: 260 },
});
