import type { ComponentProps } from 'react';
import type { DriftPanel as DriftPanelDrawn } from './DriftPanel';
import { PenNotThere } from '@/features/parts/PenNotThere';
import { chunkPart } from '@/shell/chunk';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import type { PenAnswer } from '@/book/answers';
import { useAnswer, useNowMs, questions } from '@/book/react';
import { useKeyAct } from '@/shell/keys/Keys';
import { useKeyHint } from '@/shell/keys/useKeyHint';
import { Button } from '@/ui/button';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { CARE_WORD, careDetail, GONE_WORD, PEN_TONE, shortDay, QUANTITY_NAME } from '@/words';
import { PenChecks } from './PenChecks';
import { BringBack, PenLeaves } from './PenLeaves';
import { PenSidePanel } from './PenSidePanel';
import { careDueLine, hasLookBack, papersLine, penWords, reasonOf } from './penViewModel';
import { paths, type Path } from '@/shell/navigation/paths';
import { commonSays } from '@/words/common';
import { penSays } from '@/words/pens/pen';
import type { PenId } from '@/records';

const DriftPanel = chunkPart<ComponentProps<typeof DriftPanelDrawn>>('charts', 'DriftPanel');

/** One pen: what each side is worth now, and its sessions. */
export function PenScreen() {
  const { penId } = useLocalSearchParams<{ penId: PenId }>();
  return <PenDetail penId={penId} />;
}

/** The sides that have a check of their own: one bottle for both is one check. */
const checkedSides = ({ body, sides }: PenAnswer) =>
  body.ph?.oneBottle && !body.ph.twoModes
    ? sides.filter(({ quantity }) => quantity === 'ph')
    : sides;

/** The same for a pen named by whoever shows it. */
export function PenDetail({
  penId,
  beside = false,
}: {
  readonly penId: PenId;
  /** Another pane acts on the pen; this one only shows it. */
  readonly beside?: boolean;
}) {
  const nowMs = useNowMs();
  const router = useRouter();
  const { data: pen } = useAnswer(questions.pen(penId, nowMs));
  const hint = useKeyHint();
  useKeyAct('check', () => router.navigate(paths.bench(penId)));
  if (pen === undefined) return <Skeleton label={commonSays.loadingThePen} />;
  if (pen === null) return <PenNotThere />;
  const go = (href: Path) => router.navigate(href);
  const { gone } = pen.body;
  const away = gone !== undefined || pen.word === 'resting';
  return (
    <Screen
      label={pen.body.code}
      actions={
        beside ? null : away ? (
          <BringBack pen={pen} />
        ) : (
          <>
            <Button wet label={penSays.care} onPress={() => go(paths.care(penId))} />
            {checkedSides(pen).map((side, at) => (
              <Button
                key={side.quantity}
                kind={at === 0 ? 'main' : 'quiet'}
                keyHint={at === 0 ? hint('C') : undefined}
                wet
                grow
                label={
                  checkedSides(pen).length === 1
                    ? commonSays.check
                    : penSays.checkSide(QUANTITY_NAME[side.quantity])
                }
                onPress={() => go(paths.bench(penId, { quantity: side.quantity }))}
              />
            ))}
          </>
        )
      }
    >
      <View>
        <Say size="huge" face="slab" heading={1}>
          {pen.body.code} · {pen.body.name}
        </Say>
        <View style={styles.about}>
          <Say face="slab" size="large" tone={PEN_TONE[pen.word]}>
            {penWords(pen)}
          </Say>
          {beside ? null : (
            <Button
              kind="text"
              label={penSays.changeThePen}
              onPress={() => go(paths.editPen(penId))}
            />
          )}
        </View>
        {gone ? (
          <Say size="small" bold>
            {penSays.goneSince(GONE_WORD[gone.why], shortDay(Date.parse(gone.at)))}
          </Say>
        ) : null}
        <Say size="small">{reasonOf(pen)}</Say>
      </View>
      {pen.sides.map((side) => (
        <PenSidePanel key={side.quantity} pen={pen} side={side} nowMs={nowMs} />
      ))}
      {pen.drift.map((drift) => (
        <DriftPanel key={drift.quantity} drift={drift} nowMs={nowMs} />
      ))}
      {pen.drift.filter(hasLookBack).map(({ quantity }) => (
        <Button
          key={quantity}
          label={penSays.lookBackAt(QUANTITY_NAME[quantity])}
          onPress={() => go(paths.lookBack(penId, { quantity }))}
        />
      ))}
      <View style={styles.links}>
        {checkedSides(pen).length > 1 && !away ? (
          <>
            <Button
              kind="text"
              label={penSays.checkBothEcFirst}
              onPress={() => go(paths.bench(penId, { quantity: 'ec', then: 'ph' }))}
            />
            <Button
              kind="text"
              label={penSays.checkBothPhFirst}
              onPress={() => go(paths.bench(penId, { quantity: 'ph', then: 'ec' }))}
            />
          </>
        ) : null}
        {pen.body.ph ? (
          <Button
            kind="text"
            label={commonSays.checkStandard}
            onPress={() => go(paths.control(penId))}
          />
        ) : null}
        {away ? null : (
          <Button kind="text" label={penSays.compare} onPress={() => go(paths.compare(penId))} />
        )}
        <Button
          kind="text"
          label={penSays.printChecks}
          onPress={() => go(paths.print({ what: 'pen', id: penId }))}
        />
        <Button kind="text" label={penSays.probes} onPress={() => go(paths.probes(penId))} />
      </View>
      {pen.careDue.map((due) => {
        const text = careDueLine(due, nowMs);
        return text ? (
          <Say key={due.side} size="small">
            {text}
          </Say>
        ) : null;
      })}
      {papersLine(pen.body) ? (
        <Say size="small" tone="soft">
          {papersLine(pen.body)}
        </Say>
      ) : null}
      {pen.care.length > 0 ? (
        <View>
          <Say size="large" face="slab" heading={2}>
            {penSays.care}
          </Say>
          {pen.care.slice(0, 6).map(({ id, body, atMs, by }) => (
            <Say key={id} size="small">
              {shortDay(atMs)} · {CARE_WORD[body.what]} {careDetail(body)} {by}
              {body.note ? ` · ${body.note}` : ''}
            </Say>
          ))}
        </View>
      ) : null}
      <PenChecks pen={pen} nowMs={nowMs} />
      {away || beside ? null : <PenLeaves pen={pen} />}
    </Screen>
  );
}

const styles = StyleSheet.create({
  about: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    justifyContent: 'space-between',
  },
  links: { flexDirection: 'row', flexWrap: 'wrap' },
});
