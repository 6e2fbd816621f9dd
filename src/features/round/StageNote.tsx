import { useRouter } from 'expo-router';
import type { StageNews } from '@/book/answers';
import { useFormats } from '@/shell/formats';
import { paths } from '@/shell/navigation/paths';
import { Press } from '@/ui/button';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { stageLine } from '@/words/round/stopWords';

interface Props {
  readonly news: StageNews;
  readonly when: 'today' | 'tomorrow';
}

/** That the bands of a tank change by its plan; a press leads to the plan. */
export function StageNote({ news, when }: Props) {
  const formats = useFormats();
  const router = useRouter();
  const href = paths.plan(news.tankId);
  return (
    <Press href={href} onPress={() => router.navigate(href)}>
      <Panel tone="wash">
        <Say size="small" bold={when === 'today'}>
          {stageLine(news, when, formats)}
        </Say>
      </Panel>
    </Press>
  );
}
