import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import type { PenDetailAnswer, SessionRow } from '@/book/answers';
import { errorsShown } from '@/core/procedure';
import { erasableFromMs } from '@/core/retention';
import { useFormats } from '@/shell/formats';
import { Button } from '@/ui/button';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { dayMonthYear, shortDay, QUANTITY_NAME } from '@/words';
import { FirstSoak } from './FirstSoak';
import { MakerSession } from './MakerSession';
import { OUTCOME_SENTENCE, sessionLine } from '@/words/pens/penLines';
import { twiceCheckedLine } from '@/words/pens/twiceChecked';
import { paths } from '@/shell/navigation/paths';
import { penSays } from '@/words/pens/pen';
import type { PenId } from '@/records';

/** Shown at once; older ones stand in the Book. */
const MOST = 20;

/** A pen's checks, newest first, each with its look-back; before the first, what to do. */
export function PenChecks({
  pen,
  nowMs,
}: {
  readonly pen: PenDetailAnswer;
  readonly nowMs: number;
}) {
  const { sessions, body } = pen;
  const oldest = sessions.at(-1)?.atMs;
  return (
    <>
      <Say size="large" face="slab" heading={2}>
        {penSays.checks}
      </Say>
      {sessions.length === 0 ? <Say>{penSays.noCheckYet}</Say> : null}
      {sessions.length === 0 && body.ph ? <FirstSoak pen={pen} nowMs={nowMs} /> : null}
      {sessions.slice(0, MOST).map((session) => (
        <Check
          key={session.id}
          penId={pen.id}
          session={session}
          twice={twiceCheckedLine(session, sessions)}
        />
      ))}
      {body.papers?.adjustedOn ? <MakerSession body={body} /> : null}
      {oldest === undefined ? null : (
        <Say size="small" tone="soft">
          {penSays.keptUntil(dayMonthYear(erasableFromMs(oldest)))}
        </Say>
      )}
    </>
  );
}

interface CheckProps {
  readonly penId: PenId;
  readonly session: SessionRow;
  /** Said where another check stands beside it; empty where none does. */
  readonly twice: string;
}

function Check({ penId, session, twice }: CheckProps) {
  const router = useRouter();
  const formats = useFormats();
  const { atMs, by, body } = session;
  const { quantity, tempC } = body.plan;
  const side = QUANTITY_NAME[quantity];
  const errors = errorsShown(body.events).map(({ text }) => text);
  const besides = [errors.length > 0 ? penSays.showedErrors(errors.join(', ')) : '', body.note]
    .filter(Boolean)
    .join(' · ');
  return (
    <View style={styles.session}>
      <Say size="small" tone="soft">
        {penSays.checkLine({
          moment: shortDay(atMs),
          side,
          temp: formats.temp(tempC),
          state: by ? `· ${by}` : '',
        })}
      </Say>
      <Say size="small" face="mono">
        {sessionLine(session, formats)}
      </Say>
      {besides ? <Say size="small">{besides}</Say> : null}
      {twice ? (
        <Say size="small" bold tone="attention">
          {twice}
        </Say>
      ) : null}
      <View style={styles.outcome}>
        <Say size="small">{OUTCOME_SENTENCE[body.outcome]}</Say>
        <Button
          kind="text"
          label={penSays.lookBack}
          name={penSays.lookBackFrom(shortDay(atMs), side)}
          onPress={() => router.navigate(paths.lookBack(penId, { quantity, at: atMs }))}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  outcome: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    justifyContent: 'space-between',
  },
  session: { gap: 2, paddingBottom: space.s2 },
});
