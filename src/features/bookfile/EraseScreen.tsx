import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { BookNames, EraseAnswer, EraseWish } from '@/book/answers';
import { questions, useAnswer, useHouseStatus, useNowMs } from '@/book/react';
import { useBack } from '@/shell/navigation/useBack';
import { inBackground } from '@/trouble';
import { Button } from '@/ui/button';
import { FieldRow, SelectField } from '@/ui/form';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { eraseSays } from '@/words/bookfile/erase';
import { commonSays } from '@/words/common';
import { useErase } from './useErase';
import { useMakeFile } from './useMakeFile';

/** The first days of years between the oldest entry and the last day that may go, newest first. */
function yearStarts(oldestMs: number, latestMs: number): readonly number[] {
  const newest = new Date(latestMs).getFullYear();
  const oldest = new Date(oldestMs).getFullYear();
  return Array.from({ length: Math.max(0, newest - oldest) }, (_, at) =>
    new Date(newest - at, 0, 1).getTime(),
  );
}

/** What the choice of a place or pen comes to: `tank/<id>`, `pen/<id>`, or everything. */
function aboutOf(chosen: string): Pick<EraseWish, 'tankId' | 'penId'> {
  const [kind, id] = chosen.split('/');
  if (kind === 'tank') return { tankId: id };
  return kind === 'pen' ? { penId: id } : {};
}

/** Old entries let go of for good: only after the years they must be kept, and after a copy. */
export function EraseScreen() {
  const nowMs = useNowMs();
  const back = useBack();
  const { data: names } = useAnswer(questions.bookNames());
  const erasing = useErase();
  const [{ fromMs, untilMs }, setPeriod] = useState<Period>({});
  const [about, setAbout] = useState('');
  const wish = { fromMs, untilMs: untilMs ?? nowMs, ...aboutOf(about) };
  const answer = useAnswer(questions.erasable(wish, nowMs)).data;
  // While the next answer comes the last one stays: what was chosen and saved stays with it.
  const [data, setData] = useState(answer);
  if (answer && answer !== data) setData(answer);
  if (!data || !names) return <Skeleton label={eraseSays.loading} />;
  const old = data.oldestMs !== null && data.oldestMs < data.latestMs;
  return (
    <Screen actions={<Button wet label={commonSays.back} onPress={back} />}>
      <Say size="huge" face="slab" heading={1}>
        {eraseSays.title}
      </Say>
      <Say size="small">{eraseSays.what}</Say>
      <Say size="small">{eraseSays.kept(data.keepYears)}</Say>
      {old ? (
        <>
          <Asked {...{ data, names, about, onAbout: setAbout }} onPeriod={setPeriod} />
          <Going
            {...{ data, erasing }}
            chosenUntilMs={untilMs}
            wish={{ ...wish, untilMs: Math.min(wish.untilMs, data.latestMs) }}
          />
        </>
      ) : (
        <Say bold>{eraseSays.nothing}</Say>
      )}
      <View role="status" aria-live="polite">
        {erasing.erased === undefined ? null : (
          <Say bold tone="fit">
            {eraseSays.erased(erasing.erased)}
          </Say>
        )}
      </View>
      {data.done.length > 0 ? (
        <View style={styles.list}>
          <Say size="large" face="slab" heading={2}>
            {eraseSays.doneBefore}
          </Say>
          {data.done.map((row) => (
            <View key={row.id}>
              <Say size="small">{eraseSays.row(row)}</Say>
              <Say size="tiny" tone="soft">
                {eraseSays.erasedOn(row.atMs)}
              </Say>
            </View>
          ))}
        </View>
      ) : null}
    </Screen>
  );
}

/** From when and until when; absent: from the beginning, and as late as may be. */
interface Period {
  readonly fromMs?: number | undefined;
  readonly untilMs?: number | undefined;
}

const yearOf = (chosen: string) => (chosen === '' ? undefined : Number(chosen));

interface AskedProps {
  readonly data: EraseAnswer;
  readonly names: BookNames;
  readonly about: string;
  readonly onAbout: (about: string) => void;
  readonly onPeriod: (period: Period) => void;
}

/** What is to go: from which day until which, and of what. */
function Asked({ data, names, about, onAbout, onPeriod }: AskedProps) {
  const [from, setFrom] = useState('');
  const [until, setUntil] = useState('');
  const tell = (first: string, end: string) => {
    setFrom(first);
    setUntil(end);
    onPeriod({ fromMs: yearOf(first), untilMs: yearOf(end) });
  };
  const starts = yearStarts(data.oldestMs ?? data.latestMs, data.latestMs);
  return (
    <FieldRow>
      <SelectField
        label={eraseSays.from}
        value={from}
        options={[
          { value: '', label: eraseSays.beginning },
          ...starts.map((ms) => ({ value: String(ms), label: eraseSays.beforeDay(ms) })),
        ]}
        onChoose={(value) => tell(value, until)}
      />
      <SelectField
        label={eraseSays.before}
        value={until}
        options={[
          { value: '', label: eraseSays.beforeDay(data.latestMs, data.keepYears) },
          ...starts.map((ms) => ({ value: String(ms), label: eraseSays.beforeDay(ms) })),
        ]}
        onChoose={(value) => tell(from, value)}
      />
      <SelectField
        label={eraseSays.of}
        value={about}
        options={[
          { value: '', label: eraseSays.everything },
          ...names.tanks.map(({ id, name }) => ({
            value: `tank/${id}`,
            label: eraseSays.place(name),
          })),
          ...names.pens.map(({ id, name }) => ({ value: `pen/${id}`, label: eraseSays.pen(name) })),
        ]}
        onChoose={onAbout}
      />
    </FieldRow>
  );
}

interface GoingProps {
  readonly data: EraseAnswer;
  readonly wish: EraseWish;
  readonly erasing: ReturnType<typeof useErase>;
  /** The day that was chosen; absent: as late as may be, which moves with the clock. */
  readonly chosenUntilMs: number | undefined;
}

/** What would go; a copy first, then the press, asked once more. */
function Going({ data, wish, chosenUntilMs, erasing: { erase, erasing, forget } }: GoingProps) {
  const { made, making, make } = useMakeFile();
  const house = useHouseStatus();
  // The second question is of exactly this: another choice is asked anew.
  const asked = JSON.stringify([wish.fromMs, chosenUntilMs, wish.tankId, wish.penId, data.count]);
  const [sureOf, setSureOf] = useState('');
  const sure = sureOf === asked;
  return (
    <>
      <View role="status" aria-live="polite" style={styles.list}>
        <Say bold>{eraseSays.goes(data)}</Say>
      </View>
      {data.count > 0 ? (
        <Panel tone="caution">
          <Say bold>{eraseSays.caution}</Say>
          <Say size="small">{eraseSays.cautionWhy}</Say>
          {house?.paired ? <Say size="small">{eraseSays.house}</Say> : null}
          <View role="status" aria-live="polite">
            {making === undefined ? null : <Say size="small">{eraseSays.making}</Say>}
            {made ? <Say size="small">{eraseSays.saved(made)}</Say> : null}
            {erasing ? <Say size="small">{eraseSays.erasing}</Say> : null}
          </View>
          {made === undefined ? (
            <Button
              kind="main"
              label={eraseSays.copyFirst}
              disabled={making !== undefined}
              onPress={() => inBackground('file', make())}
            />
          ) : sure ? (
            <View style={styles.list}>
              <Say bold>{eraseSays.sure(data.count)}</Say>
              <Button label={eraseSays.no} onPress={() => setSureOf('')} />
              <Button
                label={eraseSays.yes}
                disabled={erasing}
                onPress={() => {
                  setSureOf('');
                  inBackground('erase', erase(wish));
                }}
              />
            </View>
          ) : (
            <Button
              label={eraseSays.erase(data.count)}
              onPress={() => {
                forget();
                setSureOf(asked);
              }}
            />
          )}
        </Panel>
      ) : null}
    </>
  );
}

const styles = StyleSheet.create({ list: { gap: space.s2 } });
