import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { useAnswer, useNowMs, questions } from '@/book/react';
import { PenNotThere } from '@/features/parts/PenNotThere';
import type { PenId } from '@/records';
import { paths } from '@/shell/navigation/paths';
import { useBack } from '@/shell/navigation/useBack';
import { Button } from '@/ui/button';
import { LabelRow } from '@/ui/label-row';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { careSays } from '@/words/care/care';
import { CARE_CARDS, type CareCard } from '@/words/care/careCards';
import { commonSays } from '@/words/common';
import { cardFor } from './cardFor';
import { OpenCard } from './OpenCard';

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
      <OpenCard
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
