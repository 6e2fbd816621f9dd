import type { PenDetailAnswer } from '@/book/answers';
import { useFormats } from '@/shell/formats';
import { Choice } from '@/ui/form';
import { NumberField } from '@/ui/number-field';
import { Say } from '@/ui/text';
import { QUANTITY_NAME } from '@/words';
import { commonSays } from '@/words/common';
import { comparedUnit, compareSays } from '@/words/pens/compare';
import type { CompareNow } from './useCompare';

interface Props {
  readonly pen: PenDetailAnswer;
  readonly compare: CompareNow;
}

/** What is compared. */
export function WhatQuestion({ compare }: Pick<Props, 'compare'>) {
  const { sides, what, setWhat } = compare;
  return (
    <Choice
      label={compareSays.whatIsCompared}
      value={what}
      onChoose={setWhat}
      options={[
        ...sides.map((value) => ({ value, label: QUANTITY_NAME[value] })),
        { value: 'temp' as const, label: compareSays.thermometer },
      ]}
    />
  );
}

/** What it is compared with. */
export function AgainstQuestion({ compare }: Pick<Props, 'compare'>) {
  const { isTemp, ice, setIce, other, others, setOtherId } = compare;
  if (isTemp)
    return (
      <Choice
        label={compareSays.against}
        value={ice}
        onChoose={setIce}
        options={[
          { value: 'ice', label: compareSays.meltingIce, hint: compareSays.meltingIceHint },
          { value: 'other', label: compareSays.otherThermometer },
        ]}
      />
    );
  if (!other)
    return (
      <Say bold tone="attention">
        {compareSays.noCheckedPen}
      </Say>
    );
  return (
    <Choice
      label={compareSays.withWhichPen}
      value={other.id}
      onChoose={setOtherId}
      options={others.map(({ id, body, word }) => ({
        value: id,
        label: `${body.code} · ${body.name}`,
        hint: word === 'ready' ? compareSays.checkedPenHint : compareSays.dueHint,
      }))}
    />
  );
}

/** What both show, and how warm it is. */
export function ShownFields({ pen, compare }: Props) {
  const formats = useFormats();
  const { what, isTemp, inIce, other, field } = compare;
  const beside = isTemp ? undefined : other;
  return (
    <>
      <NumberField
        label={compareSays.shows(pen.body.code)}
        unit={comparedUnit(pen.body, what, formats)}
        {...field('own')}
      />
      {inIce ? null : (
        <NumberField
          label={beside ? compareSays.shows(beside.body.code) : compareSays.theOtherShows}
          unit={comparedUnit((beside ?? pen).body, what, formats)}
          {...field('other')}
        />
      )}
      {isTemp ? null : (
        <NumberField label={commonSays.temp} unit={formats.settings.tempUnit} {...field('temp')} />
      )}
    </>
  );
}
