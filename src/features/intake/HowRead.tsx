import { useState } from 'react';
import type { TableSeen } from '@/book/answers';
import { Button } from '@/ui/button';
import { Say } from '@/ui/text';
import { intakeSays } from '@/words/intake/intake';
import { ColumnFields } from './ColumnFields';
import { howReadLines, isUnsure } from './howReadLines';
import { ShapeFields } from './ShapeFields';
import type { TypedWish } from './wish';

interface Props {
  readonly typed: TypedWish;
  readonly onChange: (typed: TypedWish) => void;
  readonly onLook: (at: Pick<TableSeen, 'subject' | 'shape'>) => void;
}

/** How the table is read, in a few lines; all of it can be changed, and is asked where it is unsure. */
export function HowRead({ typed, onChange, onLook }: Props) {
  const [open, setOpen] = useState(() => isUnsure(typed.seen));
  return (
    <>
      {open ? (
        <>
          <ShapeFields {...{ typed, onChange, onLook }} />
          <Say size="large" face="slab" heading={2}>
            {intakeSays.columns}
          </Say>
          <ColumnFields typed={typed} onChange={onChange} />
        </>
      ) : (
        howReadLines(typed.seen).map((line) => (
          <Say key={line} size="small">
            {line}
          </Say>
        ))
      )}
      <Button label={open ? intakeSays.done : intakeSays.change} onPress={() => setOpen(!open)} />
    </>
  );
}
