import { useRouter } from 'expo-router';
import { NotThere } from '@/features/parts/NotThere';
import type { ReadAnswer } from '@/book/answers';
import { Button } from '@/ui/button';
import { LabelRow } from '@/ui/label-row';
import { Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { paths } from '@/shell/navigation/paths';
import { SAMPLE_NAME } from '@/words';
import { commonSays } from '@/words/common';
import { readSays } from '@/words/read/read';

/** Which tank is it? */
export function ChooseTank({ tanks, remembered }: Pick<ReadAnswer, 'tanks' | 'remembered'>) {
  const router = useRouter();
  return (
    <Screen
      actions={
        tanks.length === 0 ? (
          <Button
            kind="main"
            wet
            grow
            label={commonSays.addATank}
            onPress={() => router.navigate(paths.newTank)}
          />
        ) : null
      }
    >
      <Say size="huge" face="slab" heading={1}>
        {tanks.length === 0 ? readSays.noTankYet : readSays.readWhichTank}
      </Say>
      {tanks.map(({ id, number, body }) => {
        const { sample } = remembered[id] ?? {};
        const href = paths.read({ tank: id, ...(sample ? { sample } : {}) });
        return (
          <LabelRow
            key={id}
            code={String(number)}
            action={commonSays.read}
            href={href}
            onPress={() => router.navigate(href)}
          >
            <Say bold>{body.name}</Say>
            {sample && sample !== 'tank' ? (
              <Say size="small" tone="soft">
                {SAMPLE_NAME[sample]}
              </Say>
            ) : null}
          </LabelRow>
        );
      })}
    </Screen>
  );
}

/** Nothing can be read without a pen. */
export function NoPens() {
  return (
    <NotThere
      title={readSays.addAPenFirst}
      hint={readSays.whyAPen}
      label={commonSays.addAPen}
      href={paths.newPen}
    />
  );
}
