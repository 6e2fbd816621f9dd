import { useState } from 'react';
import { Button } from '@/ui/button';
import { TextField } from '@/ui/form';
import { Panel } from '@/ui/layout';

/** Acid after base, or base after acid, goes on only with a reason; the caps stay. */
export function ChasingPanel({ onAccept }: { readonly onAccept: (why: string) => void }) {
  const [why, setWhy] = useState('');
  return (
    <Panel>
      <TextField label="Why go on" typed={why} onType={setWhy} />
      <Button
        label="Go on all the same"
        disabled={why.trim() === ''}
        onPress={() => onAccept(why.trim())}
      />
    </Panel>
  );
}
