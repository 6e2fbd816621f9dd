import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { openLot, useUpLot } from '@/acts';
import type { LotAnswer } from '@/book/answers';
import { questions, useAct, useAnswer, useNowMs, useRows } from '@/book/react';
import { NotThere } from '@/features/parts/NotThere';
import { SimpleTable } from '@/features/parts/SimpleTable';
import { useFormats } from '@/shell/formats';
import { paths } from '@/shell/navigation/paths';
import { Button } from '@/ui/button';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { dayMonthYear, QUANTITY_NAME } from '@/words';
import { lotSays } from '@/words/shelf/lot';
import { liquidName, LOT_TONE, lotWords } from '@/words/shelf/lotWords';
import { lotFacts } from './lotFacts';
import { labelOrKnown } from './lotValues';
import type { LotId } from '@/records';

/** Uses of a lot that are listed; older ones stand in the Book. */
const MOST = 20;

/** One lot: what it is, what is left, its value by temperature, which checks it was poured for. */
export function LotDetail({ lotId }: { readonly lotId: LotId }) {
  const nowMs = useNowMs();
  const { data: lots } = useAnswer(questions.shelf(nowMs));
  if (!lots) return <Skeleton label={lotSays.loadingTheLot} />;
  const lot = lots.find(({ id }) => id === lotId);
  if (lot) return <Lot key={lot.id} lot={lot} />;
  return <NotThere title={lotSays.notOnTheShelf} label={lotSays.allLots} href={paths.shelf} />;
}

function Lot({ lot }: { readonly lot: LotAnswer }) {
  const router = useRouter();
  const formats = useFormats();
  const { act, busy } = useAct();
  const { body, state } = lot;
  const isSealed = body.form === 'bottle' && body.openedAt === undefined;
  const useUp = () => act(useUpLot(lot, body));
  const open = () => act(openLot(lot, body, new Date().toISOString()));
  return (
    <Screen
      label={liquidName(body, formats)}
      actions={
        <>
          {state.word === 'empty' ? null : (
            <Button wet label={lotSays.isEmpty} disabled={busy} onPress={useUp} />
          )}
          <Button
            kind="main"
            wet
            grow
            label={lotSays.change}
            onPress={() => router.navigate(paths.editLot(lot.id))}
          />
        </>
      }
    >
      <View>
        <Say size="huge" face="slab" heading={1}>
          {liquidName(body, formats)}
        </Say>
        <Say face="slab" size="large" tone={LOT_TONE[state.word]}>
          {lotWords(lot)}
        </Say>
      </View>
      {lotFacts(lot, formats).map((fact) => (
        <Say key={fact}>{fact}</Say>
      ))}
      {isSealed ? <Button label={lotSays.openedToday} disabled={busy} onPress={open} /> : null}
      <ValueTable lot={lot} />
      <UsedIn lotId={lot.id} />
    </Screen>
  );
}

/** The value of a buffer or standard at the temperatures cups have. */
function ValueTable({ lot }: { readonly lot: LotAnswer }) {
  const formats = useFormats();
  const { kind } = lot.body;
  const rows = labelOrKnown(lot.body);
  if (rows.length === 0) return null;
  return (
    <SimpleTable
      label={lotSays.valueByTemperature}
      heads={[lotSays.atTemperature, kind === 'buffer' ? 'pH' : formats.ecUnit]}
      rows={rows.map(({ tempC, value }) => ({
        id: String(tempC),
        cells: [formats.temp(tempC), kind === 'buffer' ? formats.ph(value) : formats.ecFine(value)],
      }))}
      mono={[0, 1]}
    />
  );
}

/** The checks that were poured from a lot, newest first, each a way to its record. */
function UsedIn({ lotId }: { readonly lotId: LotId }) {
  const router = useRouter();
  const { data: sessions } = useRows('session');
  const { data: pens } = useRows('pen');
  if (!sessions || !pens) return null;
  const code = new Map(pens.map(({ id, body }) => [id, body.code]));
  const used = sessions
    .filter(({ body }) => body.plan.cups.some((cup) => cup.lotId === lotId))
    .sort((a, b) => (a.body.finishedAt < b.body.finishedAt ? 1 : -1));
  return (
    <View>
      <Say size="large" face="slab" heading={2}>
        {lotSays.usedIn(used.length)}
      </Say>
      {used.slice(0, MOST).map(({ id, body }) => (
        <Button
          key={id}
          kind="text"
          label={lotSays.checkOf({
            code: code.get(body.penId) ?? '?',
            side: QUANTITY_NAME[body.plan.quantity],
            day: dayMonthYear(Date.parse(body.finishedAt)),
          })}
          onPress={() => router.navigate(paths.entry(id))}
        />
      ))}
    </View>
  );
}
