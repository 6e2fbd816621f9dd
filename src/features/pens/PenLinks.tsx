import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import type { PenAnswer } from '@/book/answers';
import { paths, type Path } from '@/shell/navigation/paths';
import { Button } from '@/ui/button';
import { commonSays } from '@/words/common';
import { penSays } from '@/words/pens/pen';
import { checkedSides } from './PenActions';

interface Props {
  readonly pen: PenAnswer;
  /** It is gone or rests: it is not checked. */
  readonly away: boolean;
}

/** Where else one goes from a pen. */
export function PenLinks({ pen, away }: Props) {
  const router = useRouter();
  const { id, body } = pen;
  const link = (label: string, href: Path) => (
    <Button kind="text" label={label} onPress={() => router.navigate(href)} />
  );
  return (
    <View style={styles.links}>
      {checkedSides(pen).length > 1 && !away ? (
        <>
          {link(penSays.checkBothEcFirst, paths.bench(id, { quantity: 'ec', then: 'ph' }))}
          {link(penSays.checkBothPhFirst, paths.bench(id, { quantity: 'ph', then: 'ec' }))}
        </>
      ) : null}
      {body.ph ? link(commonSays.checkStandard, paths.control(id)) : null}
      {away ? null : link(penSays.compare, paths.compare(id))}
      {link(penSays.printChecks, paths.print({ what: 'pen', id }))}
      {link(penSays.probes, paths.probes(id))}
    </View>
  );
}

const styles = StyleSheet.create({ links: { flexDirection: 'row', flexWrap: 'wrap' } });
