import { View } from 'react-native';
import { SchoolNote } from '@/features/parts/SchoolNote';
import type { PenId } from '@/records';
import { Button } from '@/ui/button';
import { Choice, TextField } from '@/ui/form';
import { Panel, Screen } from '@/ui/layout';
import { NumberField } from '@/ui/number-field';
import { Say } from '@/ui/text';
import { careSays } from '@/words/care/care';
import type { CareCard } from '@/words/care/careCards';
import { commonSays } from '@/words/common';
import { choosesHours, doneLabel } from './cardFor';
import { useCard } from './useCard';

/** Soaks as they are usual: a rest, a night, a dry probe, h. */
const SOAK_HOURS = [2, 12, 24] as const;

interface Props {
  readonly card: CareCard;
  readonly penId: PenId;
  readonly code: string;
  readonly onBack: () => void;
}

/** One card: what to be careful about, its steps, and booking that it was done. */
export function OpenCard({ card, penId, code, onBack }: Props) {
  const { note, setNote, hours, startCleaner, book, busy } = useCard(card, penId);
  const { cleanerMinutes } = card;
  return (
    <Screen
      actions={
        <>
          <Button wet label={commonSays.back} onPress={onBack} />
          <Button kind="main" wet grow label={doneLabel(card)} disabled={busy} onPress={book} />
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
      {cleanerMinutes ? (
        <Button
          wet
          label={careSays.startCleaner(cleanerMinutes)}
          disabled={busy}
          onPress={() => startCleaner(cleanerMinutes)}
        />
      ) : null}
      {choosesHours(card) ? <SoakHours {...hours} /> : null}
      {card.disputed ? <SchoolNote about={card.disputed} /> : null}
      <TextField label={commonSays.note} typed={note} onType={setNote} />
    </Screen>
  );
}

/** How long it soaks: as usual, or so many hours. */
function SoakHours({ typed, set, message }: ReturnType<typeof useCard>['hours']) {
  return (
    <>
      <Choice
        label={careSays.howLong}
        value={typed}
        onChoose={set}
        options={SOAK_HOURS.map((hours) => ({
          value: String(hours),
          label: careSays.hours(hours),
        }))}
      />
      <NumberField
        label={careSays.ownHours}
        unit="h"
        typed={typed}
        onType={set}
        message={message}
      />
    </>
  );
}
