import Check from 'lucide-react-native/icons/check';
import { StyleSheet, View } from 'react-native';
import type { RoundStop } from '@/book/answers';
import { JudgedNotch } from '@/features/parts/JudgedNotch';
import { Press } from '@/ui/button';
import { LabelRow } from '@/ui/label-row';
import { Say } from '@/ui/text';
import { color, space, TOUCH } from '@/ui/tokens';
import type { Formats } from '@/words';
import { doneName, doneResult, penLine, rereadLine, soakLine, stopHref } from './roundViewModel';
import { paths, type Path } from '@/shell/navigation/paths';
import { tankLine } from '@/features/parts/tankLine';
import { commonSays } from '@/words/common';
import { roundSays } from '@/words/round/round';
import { liquidName } from '@/words/shelf/lotWords';

interface Common {
  readonly formats: Formats;
  readonly onGo: (href: Path) => void;
}

/** A stop already passed, shrunk to its result. */
export function DoneStop({ stop, formats, onGo }: Common & { readonly stop: RoundStop }) {
  const isTank = stop.kind === 'tank';
  const what = isTank ? stop.tank.body.name : doneName(stop);
  const result = doneResult(stop, formats);
  const href = isTank
    ? paths.tank(stop.tank.id)
    : stop.kind === 'pen'
      ? paths.pen(stop.pen.id)
      : paths.shelf;
  return (
    <Press href={href} onPress={() => onGo(href)} style={styles.done}>
      <Check size={20} color={color.fit} aria-hidden />
      <Say size="small" style={styles.what}>
        {what}
      </Say>
      <Say size="small" face="mono" tone="soft">
        {result}
      </Say>
    </Press>
  );
}

/** A stop still to come, as a label pointing at its action. */
export function OpenStop(
  props: Common & { readonly stop: RoundStop; readonly nowMs: number; readonly first: boolean },
) {
  const { stop, nowMs, formats, first, onGo } = props;
  const href = stopHref(stop);
  const edge = first ? 'next' : 'plain';
  const go = () => onGo(href);
  if (stop.kind === 'lot') {
    const what = roundSays.pastDate(liquidName(stop.lot.body, formats));
    return (
      <LabelRow code="!" action={roundSays.look} href={href} onPress={go} edge={edge}>
        <Say bold>{what}</Say>
        <Say size="small" tone="soft">
          {roundSays.lotNumber(stop.lot.body.lotCode || roundSays.withoutANumber)}
        </Say>
      </LabelRow>
    );
  }
  if (stop.kind === 'soak') {
    const { code, name } = stop.pen.body;
    return (
      <LabelRow code={code} action={roundSays.look} href={href} onPress={go} edge={edge}>
        <Say bold>{name}</Say>
        <Say size="small">{soakLine(stop.endMs, nowMs)}</Say>
      </LabelRow>
    );
  }
  if (stop.kind === 'reread') {
    const { tank, dueMs } = stop;
    const line = rereadLine(tank, dueMs, formats, nowMs);
    return (
      <LabelRow
        code={String(tank.number)}
        action={roundSays.reRead}
        href={href}
        onPress={go}
        edge={edge}
      >
        <Say bold>{tank.body.name}</Say>
        <Say size="small" tone={nowMs >= dueMs ? 'attention' : 'ink'}>
          {line}
        </Say>
      </LabelRow>
    );
  }
  if (stop.kind === 'pen') {
    const { code, name } = stop.pen.body;
    const line = penLine(stop.pen, nowMs);
    return (
      <LabelRow code={code} action={commonSays.check} href={href} onPress={go} edge={edge}>
        <Say bold>{name}</Say>
        <Say size="small" tone={stop.pen.word === 'cantBeTrusted' ? 'off' : 'soft'}>
          {line}
        </Say>
      </LabelRow>
    );
  }
  const { tank } = stop;
  const line = tankLine(tank, formats, nowMs);
  const judged = tank.latest?.ph?.judged;
  return (
    <LabelRow
      code={String(tank.number)}
      action={commonSays.read}
      href={href}
      onPress={go}
      edge={edge}
    >
      <Say bold>{tank.body.name}</Say>
      {judged ? (
        <View style={styles.notch}>
          <JudgedNotch quantity="ph" judged={judged} size="line" />
        </View>
      ) : null}
      <Say size="small" tone="soft">
        {line}
      </Say>
    </LabelRow>
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
  what: { flex: 1 },
  notch: { maxWidth: 260 },
});
