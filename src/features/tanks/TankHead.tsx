import { useRouter } from 'expo-router';
import { View } from 'react-native';
import type { TankAnswer } from '@/book/answers';
import { byDay } from '@/records/crops';
import { cropTitle, stageTitle } from '@/records/crops/cropTitle';
import { usualSample } from '@/records/samples';
import { useFormats } from '@/shell/formats';
import { UnderTitle } from '@/features/parts/UnderTitle';
import { paths } from '@/shell/navigation/paths';
import { Button } from '@/ui/button';
import { Say } from '@/ui/text';
import { SAMPLE_NAME, shortDay } from '@/words';
import { tankSays } from '@/words/tanks/tank';

interface Props {
  readonly tank: TankAnswer;
  /** Another pane acts on the tank; this one only shows it. */
  readonly beside: boolean;
}

/** A tank's name, what it holds and what comes next. */
export function TankHead({ tank, beside }: Props) {
  const router = useRouter();
  const formats = useFormats();
  const { id, body } = tank;
  const usual = usualSample(body);
  const size = body.volumeL === undefined ? SAMPLE_NAME[usual] : formats.volume(body.volumeL);
  const next = byDay(tank.written.plan ?? []).find(({ day }) => day > (tank.stageDay ?? ''));
  return (
    <View>
      <Say size="huge" face="slab" heading={1}>
        {body.name}
      </Say>
      <UnderTitle>
        <Say size="small" tone="soft">
          {[body.crop, stageTitle(body.stage), size].filter(Boolean).join(' · ')}
        </Say>
        {next ? (
          <Button
            kind="text"
            label={tankSays.goesOnTo(cropTitle(next), shortDay(Date.parse(`${next.day}T12:00:00`)))}
            onPress={() => router.navigate(paths.plan(id))}
          />
        ) : null}
        {beside ? null : (
          <Button
            kind="text"
            label={usual === 'tank' ? tankSays.changeTheTank : tankSays.changeThePlace}
            onPress={() => router.navigate(paths.editTank(id))}
          />
        )}
      </UnderTitle>
    </View>
  );
}
