import { View } from 'react-native';
import { useFormats } from '@/shell/formats';
import type { Pen } from '@/records/kinds';
import { Say } from '@/ui/text';
import { paperDay } from '@/words';
import { penSays } from '@/words/pens/pen';

/** The adjustment a pen came with: its first session, good to the maker's accuracy until a check. */
export function MakerSession({ body: { papers, ph, ec } }: { readonly body: Pen }) {
  const formats = useFormats();
  const worth = [
    ph && penSays.plusMinusPh(formats.number(ph.accuracyPh, 2)),
    ec && penSays.accuracyEc(formats.number(ec.accuracyMsPerCm, 2)),
  ]
    .filter(Boolean)
    .join(', ');
  return (
    <View>
      <Say size="small" tone="soft">
        {penSays.adjustedByMaker(paperDay(papers?.adjustedOn ?? ''))}
      </Say>
      <Say size="small">{penSays.makerStates(worth)}</Say>
    </View>
  );
}
