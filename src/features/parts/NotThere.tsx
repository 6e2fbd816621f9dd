import { useRouter } from 'expo-router';
import type { Path } from '@/shell/navigation/paths';
import { Button } from '@/ui/button';
import { Screen } from '@/ui/layout';
import { Say } from '@/ui/text';

interface Props {
  readonly title: string;
  readonly hint?: string;
  /** The one way on. */
  readonly label: string;
  readonly href: Path;
}

/** In place of something that is not there: says so, and leads on. */
export function NotThere({ title, hint, label, href }: Props) {
  const router = useRouter();
  return (
    <Screen
      actions={<Button kind="main" wet grow label={label} onPress={() => router.navigate(href)} />}
    >
      <Say size="huge" face="slab" heading={1}>
        {title}
      </Say>
      {hint ? <Say>{hint}</Say> : null}
    </Screen>
  );
}
