import { useState } from 'react';
import { Button } from '@/ui/button';
import { TextField } from '@/ui/form';
import { Panel } from '@/ui/layout';
import { doseSays } from '@/words/dose/dose';

/** Acid after base, or base after acid, goes on only with a reason; the caps stay. */
export function ChasingPanel({ onAccept }: { readonly onAccept: (why: string) => void }) {
  const [why, setWhy] = useState('');
  return (
    <Panel>
      <TextField label={doseSays.whyGoOn} typed={why} onType={setWhy} />
      <Button
        label={doseSays.goOnAllTheSame}
        disabled={why.trim() === ''}
        onPress={() => onAccept(why.trim())}
      />
    </Panel>
  );
}
