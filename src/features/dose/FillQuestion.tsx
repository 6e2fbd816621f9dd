import type { DoseAnswer } from '@/book/answers';
import { useFormats } from '@/shell/formats';
import { Choice } from '@/ui/form';
import { clock } from '@/words';
import { doseSays } from '@/words/dose/dose';
import { commonSays } from '@/words/common';

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
    ec === undefined ? doseSays.itsEcWasNotRead : doseSays.itReads(formats.ec(ec), formats.ecUnit);
  const doubted = filledMs !== undefined && believed?.unwitnessed === true;
  return (
    <Choice
      label={doubted ? doseSays.wasItReallyFilled(shows, clock(filledMs)) : doseSays.isAllLogged}
      value={neverChanged ? 'no' : 'yes'}
      onChoose={(value) => onNeverChanged(value === 'no')}
      options={[
        { value: 'yes', label: commonSays.yes },
        { value: 'no', label: commonSays.no, hint: doseSays.planASmallCarefulDose },
      ]}
    />
  );
}
