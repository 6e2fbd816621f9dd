import { View } from 'react-native';
import { useFormats } from '@/shell/formats';
import type { Pen } from '@/records/kinds';
import { Say } from '@/ui/text';

/** The adjustment a pen came with: its first session, good to the maker's accuracy until a check. */
export function MakerSession({ body: { papers, ph, ec } }: { readonly body: Pen }) {
  const formats = useFormats();
  const worth = [
    ph && `± ${formats.number(ph.accuracyPh, 2)} pH`,
    ec && `± ${formats.number(ec.accuracyMsPerCm, 2)} mS/cm`,
  ]
    .filter(Boolean)
    .join(', ');
  return (
    <View>
      <Say size="small" tone="soft">
        {papers?.adjustedOn} · adjusted by its factory or dealer
      </Say>
      <Say size="small">
        Its maker states {worth}. Until its first check Zolder counts with more: a shelf ages a
        probe, so that check is worth doing at once.
      </Say>
    </View>
  );
}
