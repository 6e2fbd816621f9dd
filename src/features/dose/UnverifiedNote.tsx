import { useRouter } from 'expo-router';
import type { ReadingRow } from '@/book/answers';
import { Button } from '@/ui/button';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';

interface Props {
  readonly reading: ReadingRow | undefined;
  readonly quantity: 'ph' | 'ec';
}

/** Said where a dose would rest on a pen that was never in a buffer or standard; else nothing. */
export function UnverifiedNote({ reading, quantity }: Props) {
  const router = useRouter();
  const side = reading?.[quantity];
  if (!side?.judged || side.judged.standing === 'checked') return null;
  const { penCode, penId } = side;
  return (
    <Panel>
      <Say bold tone="attention">
        Unverified: {penCode} was never checked.
      </Say>
      <Say size="small">
        This dose would rest on the maker’s word. A check takes about two minutes a cup.
      </Say>
      <Button
        kind="text"
        label={`Check ${penCode} first`}
        onPress={() => router.navigate(`/pens/${penId}/bench?quantity=${quantity}` as '/')}
      />
    </Panel>
  );
}
