import { PenNotThere } from '@/features/parts/PenNotThere';
import { HOUR_MS, MINUTE_MS } from '@/core/units';
import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { careFor } from '@/acts';
import { useAnswer, useAct, useNowMs, questions } from '@/book/react';
import { SchoolNote } from '@/features/parts/SchoolNote';
import { useBack } from '@/shell/navigation/useBack';
import { useGoOn } from '@/shell/navigation/useGoOn';
import { Button } from '@/ui/button';
import { Choice, TextField } from '@/ui/form';
import { NumberField } from '@/ui/number-field';
import { parseDecimal, type FieldMessage } from '@/words';
import { LabelRow } from '@/ui/label-row';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import type { Pen } from '@/records/kinds';
import { CARE_CARDS, type CareCard } from '@/words/care/careCards';
import { paths } from '@/shell/navigation/paths';
import { commonSays } from '@/words/common';
import { careSays } from '@/words/care/care';
import type { PenId } from '@/records';

/** Care and incidents of a pen: a short card for each, booked when it is done. */
export function CareScreen() {
  const { penId } = useLocalSearchParams<{ penId: PenId }>();
  const nowMs = useNowMs();
  const back = useBack();
  const { data: pen } = useAnswer(questions.pen(penId, nowMs));
  const [card, setCard] = useState<CareCard>();
  if (pen === null) return <PenNotThere />;
  if (!pen) return <Skeleton label={commonSays.loadingThePen} />;
  if (card)
    return (
      <Card
        card={cardFor(card, pen.body)}
        penId={penId}
        code={pen.body.code}
        onBack={() => setCard(undefined)}
      />
    );
  const fits = CARE_CARDS.filter(({ side }) => side === 'both' || pen.body[side] !== null);
  const rows = (group: CareCard['group']) =>
    fits
      .filter((each) => each.group === group)
      .map((each) => (
        <LabelRow
          key={each.title}
          code={each.side === 'ph' ? 'pH' : each.side === 'ec' ? 'EC' : 'all'}
          action={commonSays.open}
          href={paths.care(penId)}
          onPress={() => setCard(each)}
        >
          <Say bold>{each.title}</Say>
        </LabelRow>
      ));
  return (
    <Screen actions={<Button wet label={commonSays.back} onPress={back} />}>
      <Say size="large" face="slab" heading={1}>
        {careSays.title(pen.body.code)}
      </Say>
      {rows('care')}
      <Say size="large" face="slab" heading={2}>
        {careSays.somethingHappened}
      </Say>
      {rows('incident')}
    </Screen>
  );
}

/** A card as this pen needs it: some probes ask for two hours of soaking, some for a day. */
function cardFor(card: CareCard, { ph }: Pen): CareCard {
  const hours = ph?.wetting?.firstSoakHours;
  const soaks = card.what === 'soak' || card.what === 'newProbe';
  return soaks && hours ? { ...card, soakHours: hours } : card;
}

/** What its button starts, or that it is done. */
function doneLabel({ soakHours, dryHours }: CareCard): string {
  if (soakHours !== undefined) return careSays.startSoak(soakHours);
  return dryHours === undefined ? careSays.doneBookIt : careSays.startDrying(dryHours);
}

/** Soaks as they are usual: a rest, a night, a dry probe, h. */
const SOAK_HOURS = [2, 12, 24] as const;

/** Nobody soaks a probe longer, h. */
const MOST_SOAK_HOURS = 168;

function Card(props: {
  readonly card: CareCard;
  readonly penId: PenId;
  readonly code: string;
  readonly onBack: () => void;
}) {
  const { card, penId, code, onBack } = props;
  const goOn = useGoOn();
  const { act, busy } = useAct();
  const [note, setNote] = useState('');
  const [typedHours, setTypedHours] = useState(String(card.soakHours ?? ''));
  const [hoursMessage, setHoursMessage] = useState<FieldMessage>();
  const choosesHours = card.what === 'soak' && card.soakHours !== undefined;
  const cleaner = (minutes: number) => {
    const nowMs = Date.now();
    const until = new Date(nowMs + minutes * MINUTE_MS).toISOString();
    const { side } = card;
    const at = new Date(nowMs).toISOString();
    return act(careFor({ penId, side, what: 'inCleaner', at, until, note: '' }));
  };
  const book = async () => {
    const nowMs = Date.now();
    const { what, side, soakHours, dryHours } = card;
    const chosen = parseDecimal(typedHours);
    const hours = choosesHours && chosen.ok ? chosen.value : (soakHours ?? dryHours);
    if (choosesHours && !(chosen.ok && chosen.value > 0 && chosen.value <= MOST_SOAK_HOURS))
      return setHoursMessage({ text: careSays.hoursMessage(MOST_SOAK_HOURS) });
    const until = hours === undefined ? undefined : new Date(nowMs + hours * HOUR_MS).toISOString();
    const body = { penId, side, what, at: new Date(nowMs).toISOString(), until, note };
    if (await act(careFor(body))) goOn.to(paths.pen(penId));
  };
  return (
    <Screen
      actions={
        <>
          <Button wet label={commonSays.back} onPress={onBack} />
          <Button
            kind="main"
            wet
            grow
            label={choosesHours ? careSays.startTheSoak : doneLabel(card)}
            disabled={busy}
            onPress={book}
          />
        </>
      }
    >
      <Say size="large" face="slab" heading={1}>
        {card.title} · {code}
      </Say>
      {card.caution ? (
        <Panel tone="caution">
          <Say bold>{card.caution}</Say>
        </Panel>
      ) : null}
      <View role="list">
        {card.steps.map((step, at) => (
          <View key={step} role="listitem">
            <Say>
              {at + 1}. {step}
            </Say>
          </View>
        ))}
      </View>
      {card.cleanerMinutes ? (
        <Button
          wet
          label={careSays.startCleaner(card.cleanerMinutes)}
          disabled={busy}
          onPress={() => cleaner(card.cleanerMinutes!)}
        />
      ) : null}
      {choosesHours ? (
        <>
          <Choice
            label={careSays.howLong}
            value={typedHours}
            onChoose={(hours) => {
              setHoursMessage(undefined);
              setTypedHours(hours);
            }}
            options={SOAK_HOURS.map((hours) => ({
              value: String(hours),
              label: careSays.hours(hours),
            }))}
          />
          <NumberField
            label={careSays.ownHours}
            unit="h"
            typed={typedHours}
            onType={(text) => {
              setHoursMessage(undefined);
              setTypedHours(text);
            }}
            message={hoursMessage}
          />
        </>
      ) : null}
      {card.disputed ? <SchoolNote about={card.disputed} /> : null}
      <TextField label={commonSays.note} typed={note} onType={setNote} />
    </Screen>
  );
}
