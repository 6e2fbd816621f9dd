import type { DoseAnswer } from '@/book/answers';
import { useFormats } from '@/shell/formats';
import { Choice } from '@/ui/form';
import { clock } from '@/words';

interface Props {
  readonly answer: DoseAnswer;
  readonly neverChanged: boolean;
  readonly onNeverChanged: (never: boolean) => void;
}

/** Whether the book tells all: a change that was booked and never made is noticed by nobody else. */
export function FillQuestion({ answer, neverChanged, onNeverChanged }: Props) {
  const formats = useFormats();
  const { filledMs, believed, reading } = answer;
  const ec = reading?.ec?.judged?.value;
  const shows =
    ec === undefined ? 'Its EC was not read' : `It reads ${formats.ec(ec)} ${formats.ecUnit}`;
  const doubted = filledMs !== undefined && believed?.unwitnessed === true;
  return (
    <Choice
      label={
        doubted
          ? `${shows}. Was the tank really emptied and filled at ${clock(filledMs)}, and is all that was added since logged?`
          : 'Have you logged everything added since the last fill?'
      }
      value={neverChanged ? 'no' : 'yes'}
      onChoose={(value) => onNeverChanged(value === 'no')}
      options={[
        { value: 'yes', label: 'yes' },
        { value: 'no', label: 'no', hint: 'plan a small, careful dose' },
      ]}
    />
  );
}
