import { useState } from 'react';
import { usePathname, useRouter } from 'expo-router';
import type { LotAnswer } from '@/book/answers';
import { StyleSheet, View } from 'react-native';
import { useAnswer, useNowMs, questions } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { useKeyAct } from '@/shell/keys/Keys';
import { useIsWide } from '@/shell/useIsWide';
import { useKeyHint } from '@/shell/keys/useKeyHint';
import { Button } from '@/ui/button';
import { LabelRow } from '@/ui/label-row';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import {
  dateWords,
  liquidName,
  LOT_TONE,
  portionsWords,
  shoppingLine,
} from '@/words/shelf/lotWords';
import { lotInView } from './lotInView';
import { paths } from '@/shell/navigation/paths';
import { commonSays } from '@/words/common';
import { shelfSays } from '@/words/shelf/shelf';

/** Buffers, standards and liquids: what is left and until when it is good. */
export function ShelfScreen() {
  const nowMs = useNowMs();
  const router = useRouter();
  const path = usePathname() as string;
  const isWide = useIsWide();
  const [showsUsedUp, setShowsUsedUp] = useState(false);
  const hint = useKeyHint();
  useKeyAct('add', () => router.navigate(paths.newLot));
  const formats = useFormats();
  const { data: lots } = useAnswer(questions.shelf(nowMs));
  const { data: shopping = [] } = useAnswer(questions.shopping(nowMs));
  if (!lots) return <Skeleton label={shelfSays.loadingTheShelf} />;
  const besideId = isWide && path === paths.shelf ? lotInView(lots)?.id : undefined;
  const inUse = lots.filter(({ state }) => state.word !== 'empty');
  const usedUp = lots.filter(({ state }) => state.word === 'empty');
  const past = inUse.filter(({ state }) => LOT_TONE[state.word] === 'off').length;
  const summary =
    past === 0 ? shelfSays.allInDate : shelfSays.pastDate(past, past === 1 ? 'its' : 'their');
  return (
    <Screen
      actions={
        <Button
          kind={lots.length === 0 ? 'main' : 'quiet'}
          wet
          grow
          label={shelfSays.addALot}
          keyHint={hint('N')}
          onPress={() => router.navigate(paths.newLot)}
        />
      }
    >
      <Say size="huge" face="slab" heading={1}>
        {shelfSays.shelf}
      </Say>
      <Say size="small" tone="soft">
        {lots.length === 0 ? shelfSays.whatStandsHere : summary}
      </Say>
      <View style={styles.links}>
        <Button
          kind="text"
          label={commonSays.phProducts}
          onPress={() => router.navigate(paths.products)}
        />
        {inUse.length > 0 ? (
          <Button
            kind="text"
            label={commonSays.printLabels}
            onPress={() => router.navigate(paths.labels('lot'))}
          />
        ) : null}
      </View>
      {shopping.length > 0 ? (
        <Panel tone="wash">
          <Say bold>{shelfSays.toBuy}</Say>
          {shopping.map((item) => (
            <Say key={`${item.need.kind}${item.need.nominal}`} size="small">
              {shoppingLine(item, formats)}
            </Say>
          ))}
        </Panel>
      ) : null}
      {inUse.map((lot) => (
        <LotRow key={lot.id} lot={lot} inView={lot.id === besideId} />
      ))}
      {usedUp.length > 0 ? (
        <Button
          kind="text"
          label={shelfSays.usedUp(usedUp.length)}
          onPress={() => setShowsUsedUp(!showsUsedUp)}
        />
      ) : null}
      {showsUsedUp
        ? usedUp.map((lot) => <LotRow key={lot.id} lot={lot} inView={lot.id === besideId} />)
        : null}
    </Screen>
  );
}

/** A lot: what is left, until when it is good. */
function LotRow({
  lot,
  inView,
}: {
  readonly lot: LotAnswer;
  /** It stands beside the list although nobody chose it. */
  readonly inView: boolean;
}) {
  const router = useRouter();
  const path = usePathname();
  const formats = useFormats();
  const { body, state } = lot;

  const name = liquidName(body, formats);
  const code =
    body.nominal === undefined
      ? body.kind === 'storage'
        ? 'KCl'
        : '···'
      : formats.number(body.nominal, 2);
  const href = paths.lot(lot.id);
  const liquid = body.kind === 'buffer' || body.kind === 'ecStandard';
  const left = liquid
    ? portionsWords(state)
    : body.left === undefined
      ? ''
      : shelfSays.mlLeft(body.left);
  return (
    <LabelRow
      code={code}
      action={commonSays.open}
      edge={LOT_TONE[state.word] === 'off' ? 'off' : 'plain'}
      href={href}
      selected={path.startsWith(href) || inView}
      onPress={() => router.navigate(href)}
    >
      <Say bold>{name}</Say>
      {left ? <Say size="small">{left}</Say> : null}
      <Say size="small" tone={LOT_TONE[state.word]} bold={LOT_TONE[state.word] === 'off'}>
        {[dateWords(state), body.lotCode && shelfSays.lotNumber(body.lotCode)]
          .filter(Boolean)
          .join(' · ')}
      </Say>
    </LabelRow>
  );
}

const styles = StyleSheet.create({ links: { flexDirection: 'row' } });
