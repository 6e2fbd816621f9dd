import { useRouter } from 'expo-router';
import { View } from 'react-native';
import type { PenAnswer } from '@/book/answers';
import { UnderTitle } from '@/features/parts/UnderTitle';
import { paths } from '@/shell/navigation/paths';
import { Button } from '@/ui/button';
import { Say } from '@/ui/text';
import { GONE_WORD, PEN_TONE, shortDay } from '@/words';
import { penSays } from '@/words/pens/pen';
import { penWords, reasonOf } from '@/words/pens/penLines';

interface Props {
  readonly pen: PenAnswer;
  /** Another pane acts on the pen; this one only shows it. */
  readonly beside: boolean;
}

/** A pen's name, its word and why. */
export function PenHead({ pen, beside }: Props) {
  const router = useRouter();
  const { code, name, gone } = pen.body;
  return (
    <View>
      <Say size="huge" face="slab" heading={1}>
        {code} · {name}
      </Say>
      <UnderTitle>
        <Say face="slab" size="large" tone={PEN_TONE[pen.word]}>
          {penWords(pen)}
        </Say>
        {beside ? null : (
          <Button
            kind="text"
            label={penSays.changeThePen}
            onPress={() => router.navigate(paths.editPen(pen.id))}
          />
        )}
      </UnderTitle>
      {gone ? (
        <Say size="small" bold>
          {penSays.goneSince(GONE_WORD[gone.why], shortDay(Date.parse(gone.at)))}
        </Say>
      ) : null}
      <Say size="small">{reasonOf(pen)}</Say>
    </View>
  );
}
