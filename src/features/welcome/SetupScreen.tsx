import { FEED_ALPHA_PER_C } from '@/core/conductivity';
import { useState } from 'react';
import { setUp } from '@/acts';
import { useAnswer, useAct, useBook, useNowMs, questions } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { useBack } from '@/shell/navigation/useBack';
import { useGoOn } from '@/shell/navigation/useGoOn';
import { GENERIC_PROFILES, penFromProfile, type GenericProfile } from '@/records/profiles';
import { Button } from '@/ui/button';
import { LabelRow } from '@/ui/label-row';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { penName } from '@/features/pens/penName';
import type { FirstTank } from './firstTankFields';
import { TankStep } from './TankStep';
import { paths } from '@/shell/navigation/paths';
import { commonSays } from '@/words/common';
import { setUpSays } from '@/words/welcome/setUp';
import { tourSays } from '@/words/welcome/tour';
import { useOpenBook } from '@/shell/otherBook';

/** Three short steps to a first reading: which pen, which tank, then Read. */
export function SetupScreen() {
  const nowMs = useNowMs();
  const { data: pens } = useAnswer(questions.pens(nowMs));
  const [profile, setProfile] = useState<GenericProfile>();
  const { opened } = useBook();
  const finish = useFinish(profile, pens?.length ?? 0);
  if (!pens) return <Skeleton label={commonSays.loading} />;
  if (opened.book === 'demo') return <InTheDemo />;
  if (!profile) return <PenStep onChoose={setProfile} />;
  return <TankStep onBack={() => setProfile(undefined)} onDone={finish} />;
}

/** Writes pen and tank as one act and goes on to the first reading. */
function useFinish(profile: GenericProfile | undefined, penCount: number) {
  const { act } = useAct();
  const { settings } = useFormats();
  const goOn = useGoOn();
  return async (tank: FirstTank) => {
    if (!profile) return;
    const code = `P${penCount + 1}`;
    const name = penName(profile.title);
    const pen = penFromProfile(profile, { code, name, tolerancePolicy: settings.tolerancePolicy });
    const recordIds = await act(
      setUp(pen, { ...tank, alphaPerC: FEED_ALPHA_PER_C, place: 1, note: '' }),
    );
    if (recordIds) goOn.to(paths.read({ tank: recordIds[1]!, pen: recordIds[0]! }));
  };
}

/** Set-up begins in one’s own book, never in the demo. */
function InTheDemo() {
  const openOwn = useOpenBook('own', paths.welcome);
  return (
    <Screen actions={<Button kind="main" wet grow label={tourSays.toOwnBook} onPress={openOwn} />}>
      <Say size="huge" face="slab" heading={1}>
        {tourSays.inDemoTitle}
      </Say>
      <Say>{tourSays.inDemoText}</Say>
    </Screen>
  );
}

function PenStep({ onChoose }: { readonly onChoose: (profile: GenericProfile) => void }) {
  const back = useBack();
  return (
    <Screen actions={<Button wet label={commonSays.back} onPress={back} />}>
      <Say size="small" tone="soft">
        {setUpSays.step1}
      </Say>
      <Say size="huge" face="slab" heading={1}>
        {setUpSays.whichPenIsInYourHand}
      </Say>
      <Say size="small">{setUpSays.nearestWillDo}</Say>
      {GENERIC_PROFILES.map((profile) => (
        <LabelRow
          key={profile.id}
          code={codeOf(profile)}
          action={setUpSays.this}
          href={paths.welcome}
          onPress={() => onChoose(profile)}
        >
          <Say bold>{profile.title}</Say>
          <Say size="small" tone="soft">
            {profile.hint}
          </Say>
        </LabelRow>
      ))}
    </Screen>
  );
}

/** What a profile measures, in two letters or four. */
function codeOf({ ph, ec }: GenericProfile): string {
  if (ph && ec) return 'both';
  return ph ? 'pH' : 'EC';
}
