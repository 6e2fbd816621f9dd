import { useRouter } from 'expo-router';
import { useRows } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { Button } from '@/ui/button';
import { LabelRow } from '@/ui/label-row';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { waterLine } from '@/words/waters/waterWords';
import { paths } from '@/shell/navigation/paths';
import { commonSays } from '@/words/common';
import { watersSays } from '@/words/waters/waters';

/** The waters tanks are filled with. */
export function WatersScreen() {
  const router = useRouter();
  const formats = useFormats();
  const { data: waters } = useRows('water');
  if (!waters) return <Skeleton label={commonSays.loadingTheWaters} />;
  return (
    <Screen
      actions={
        <>
          {waters.length > 1 ? (
            <Button
              wet
              label={watersSays.mixTwo}
              onPress={() => router.navigate(paths.mixWaters)}
            />
          ) : null}
          <Button
            kind={waters.length === 0 ? 'main' : 'quiet'}
            wet
            grow
            label={watersSays.addAWater}
            onPress={() => router.navigate(paths.newWater)}
          />
        </>
      }
    >
      <Say size="huge" face="slab" heading={1}>
        {commonSays.waters}
      </Say>
      <Say size="small" tone="soft">
        {waters.length === 0
          ? watersSays.whatTanksAreFilledWithTown
          : watersSays.itsAlkalinityDecidesHowMuch}
      </Say>
      {waters.map(({ id, body }, at) => {
        const href = paths.water(id);
        return (
          <LabelRow
            key={id}
            code={`W${at + 1}`}
            action={commonSays.change}
            href={href}
            onPress={() => router.navigate(href)}
          >
            <Say bold>{body.name}</Say>
            <Say size="small" tone="soft">
              {waterLine(body, formats)}
            </Say>
          </LabelRow>
        );
      })}
    </Screen>
  );
}
