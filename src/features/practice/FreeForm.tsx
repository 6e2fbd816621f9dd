import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useRows } from '@/book/react';
import { AGES_DAYS, codeOf, FAULTS, type Fault } from '@/core/practice';
import { GENERIC_PROFILES } from '@/records/profiles';
import { paths } from '@/shell/navigation/paths';
import { Button } from '@/ui/button';
import { SelectField } from '@/ui/form';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { AGE_WORDS, FAULT_WORDS, practiceSays } from '@/words/practice/benchWords';
import { anySeed, surpriseSpec } from './spec';

/** A bench of one's own: any pen, the usual ones or those of the book, any age, any fault; or a surprise. */
export function FreeForm() {
  const router = useRouter();
  const { data: pens } = useRows('pen');
  const [pen, setPen] = useState('usual:0');
  const [age, setAge] = useState(String(AGES_DAYS[1]));
  const [fault, setFault] = useState<Fault>('drifted');
  const own = (pens ?? []).filter(({ body }) => !body.gone);
  const begin = () => {
    const [from, which = ''] = pen.split(':');
    const ageDays = AGES_DAYS.find((days) => String(days) === age) ?? AGES_DAYS[0];
    if (from === 'own') router.navigate(paths.practiceOwn({ pen: which, age: ageDays, fault }));
    else
      router.navigate(
        paths.practiceRun(
          codeOf({ id: 'free', seed: anySeed(), profileAt: Number(which), ageDays, fault }),
        ),
      );
  };
  return (
    <View style={styles.part}>
      <Say size="large" face="slab" heading={2}>
        {practiceSays.free}
      </Say>
      <SelectField
        label={practiceSays.pen}
        value={pen}
        onChoose={setPen}
        options={[
          ...own.map(({ id, body }) => ({
            value: `own:${id}`,
            label: `${body.code} ${body.name}`,
          })),
          ...GENERIC_PROFILES.map(({ title }, at) => ({ value: `usual:${at}`, label: title })),
        ]}
      />
      <SelectField
        label={practiceSays.age}
        value={age}
        onChoose={setAge}
        options={AGES_DAYS.map((days) => ({
          value: String(days),
          label: AGE_WORDS[days] ?? String(days),
        }))}
      />
      <SelectField
        label={practiceSays.fault}
        value={fault}
        onChoose={(chosen) => setFault(FAULTS.find((one) => one === chosen) ?? 'none')}
        options={FAULTS.map((one) => ({ value: one, label: FAULT_WORDS[one] }))}
      />
      <View style={styles.row}>
        <Button label={practiceSays.begin} onPress={begin} />
        <Button
          label={practiceSays.surprise}
          onPress={() => router.navigate(paths.practiceRun(codeOf(surpriseSpec(anySeed()))))}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  part: { gap: space.s3, maxWidth: 480 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s2 },
});
