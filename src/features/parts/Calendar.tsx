import { DayPicker } from 'react-day-picker';
import { Panel } from '@/ui/layout';
import { CALENDAR_STYLES } from './calendarStyles';

interface Props {
  readonly day: Date | undefined;
  readonly onPick: (day: Date) => void;
}

/** Years before and after this one that can be picked; others are typed. */
const REACH = 12;

/** A month to pick a day from. */
export function Calendar({ day, onPick }: Props) {
  const year = new Date().getFullYear();
  return (
    <Panel>
      <DayPicker
        mode="single"
        selected={day}
        {...(day ? { defaultMonth: day } : {})}
        captionLayout="label"
        startMonth={new Date(year - REACH, 0)}
        endMonth={new Date(year + REACH, 11)}
        weekStartsOn={1}
        onSelect={(picked) => picked && onPick(picked)}
        styles={CALENDAR_STYLES}
        modifiersStyles={{ today: CALENDAR_STYLES.today, selected: CALENDAR_STYLES.selected }}
      />
    </Panel>
  );
}
