import { Button } from '@/ui/button';
import { useBack } from '@/shell/navigation/useBack';
import { commonSays } from '@/words/common';

interface Props {
  /** The verb of the main action. */
  readonly label: string;
  readonly onSave: () => Promise<unknown> | void;
  readonly disabled?: boolean;
}

/** The bar of a form: back at the left, its one main action under the thumb. */
export function SaveBar({ label, onSave, disabled = false }: Props) {
  const back = useBack();
  return (
    <>
      <Button wet label={commonSays.back} onPress={back} />
      <Button kind="main" wet grow label={label} disabled={disabled} onPress={onSave} />
    </>
  );
}
