import { useRouter } from 'expo-router';
import { Button } from '@/ui/button';

interface Props {
  /** The verb of the main action. */
  readonly label: string;
  readonly onSave: () => Promise<unknown> | void;
  readonly disabled?: boolean;
}

/** The bar of a form: back at the left, its one main action under the thumb. */
export function SaveBar({ label, onSave, disabled = false }: Props) {
  const router = useRouter();
  return (
    <>
      <Button wet label="Back" onPress={() => router.back()} />
      <Button
        kind="main"
        wet
        grow
        label={label}
        disabled={disabled}
        onPress={() => void onSave()}
      />
    </>
  );
}
