import { Redirect, useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import { questions, useAnswer } from '@/book/react';
import { readShortCode } from '@/core/labels';
import { useFormats } from '@/shell/formats';
import { paths } from '@/shell/navigation/paths';
import { Button } from '@/ui/button';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { labelsSays, labelText } from '@/words/labels/labels';
import { pathOf } from './labelLink';

/** Where a scanned label arrives: it leads on to what bears it. */
export function LabelScreen() {
  const { code: typed = '' } = useLocalSearchParams<{ code?: string }>();
  const router = useRouter();
  const formats = useFormats();
  const { data: all } = useAnswer(questions.labels());
  if (!all) return <Skeleton label={labelsSays.loading} />;
  const code = readShortCode(typed) ?? '';
  const found = all.filter(({ short }) => short === code);
  const [only] = found;
  if (only && found.length === 1) return <Redirect href={pathOf(only)} />;
  return (
    <Screen>
      <Say size="huge" face="slab" heading={1}>
        {labelsSays.title}
      </Say>
      <Say>{found.length > 1 ? labelsSays.several(code) : labelsSays.unknown(code || typed)}</Say>
      {found.length === 0 ? <Say tone="soft">{labelsSays.unknownHint}</Say> : null}
      <View>
        {found.map((one) => {
          const { large, name } = labelText(one, formats);
          return (
            <Button
              key={one.id}
              label={`${large} ${name}`}
              onPress={() => router.replace(pathOf(one))}
            />
          );
        })}
      </View>
      <Button kind="main" wet label={labelsSays.back} onPress={() => router.navigate(paths.scan)} />
    </Screen>
  );
}
