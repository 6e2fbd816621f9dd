import { useRouter } from 'expo-router';
import type { PenAnswer } from '@/book/answers';
import { useKeyHint } from '@/shell/keys/useKeyHint';
import { paths } from '@/shell/navigation/paths';
import { Button } from '@/ui/button';
import { QUANTITY_NAME } from '@/words';
import { commonSays } from '@/words/common';
import { penSays } from '@/words/pens/pen';

/** The sides that have a check of their own: one bottle for both is one check. */
export const checkedSides = ({ body, sides }: PenAnswer) =>
  body.ph?.oneBottle && !body.ph.twoModes
    ? sides.filter(({ quantity }) => quantity === 'ph')
    : sides;

/** What is done with a pen: its care, a check of each side. */
export function PenActions({ pen }: { readonly pen: PenAnswer }) {
  const router = useRouter();
  const hint = useKeyHint();
  const sides = checkedSides(pen);
  return (
    <>
      <Button wet label={penSays.care} onPress={() => router.navigate(paths.care(pen.id))} />
      {sides.map(({ quantity }, at) => (
        <Button
          key={quantity}
          kind={at === 0 ? 'main' : 'quiet'}
          keyHint={at === 0 ? hint('C') : undefined}
          wet
          grow
          label={sides.length === 1 ? commonSays.check : penSays.checkSide(QUANTITY_NAME[quantity])}
          onPress={() => router.navigate(paths.bench(pen.id, { quantity }))}
        />
      ))}
    </>
  );
}
