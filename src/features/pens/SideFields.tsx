import type { Control } from 'react-hook-form';
import { useFormats } from '@/shell/formats';
import { FormField } from '@/features/parts/FormField';
import { EC_SCALES } from '@/core/units';
import { Say } from '@/ui/text';
import { SCALE_LABEL } from '@/words';
import { FormChoice } from './FormChoice';
import type { PenFormIn, PenFormOut } from './penFormSchema';

interface Props {
  readonly control: Control<PenFormIn, unknown, PenFormOut>;
}

/** What decides how the pH side is checked and what its numbers are worth. */
export function PhFields({ control }: Props) {
  return (
    <>
      <Say size="large" face="slab" heading={2}>
        pH side
      </Say>
      <FormChoice
        control={control}
        name="phFamily"
        label="Which buffers does it know?"
        options={[
          { value: 'technical', label: '7.00 and 4.01' },
          { value: 'technical-7.01', label: '7.01 and 4.01' },
          { value: 'sachet', label: '6.86 and 4.00', hint: 'powder sachets' },
        ]}
      />
      <FormChoice
        control={control}
        name="phPoints"
        label="How many points?"
        disputed="pointCount"
        options={[
          { value: '2', label: 'two', hint: 'they bracket the work' },
          { value: '1', label: 'one', hint: 'leaves the slope unknown' },
          { value: '3', label: 'three, one line', hint: 'when samples run above 8' },
          { value: '3pieces', label: 'three, two pieces', hint: 'meeting at the neutral buffer' },
        ]}
      />
      <FormChoice
        control={control}
        name="phAdjust"
        label="How is it adjusted?"
        options={[
          { value: 'button', label: 'button', hint: 'finds its buffer' },
          { value: 'steps', label: 'stepped up or down' },
          { value: 'screw', label: 'trim screw' },
          { value: 'dials', label: 'two dials', hint: 'zero, then slope' },
          { value: 'none', label: 'not at all', hint: 'verify only' },
        ]}
      />
      <FormChoice
        control={control}
        name="phResolution"
        label="Last digit of the display"
        options={[
          { value: '0.01', label: '0.01' },
          { value: '0.1', label: '0.1' },
        ]}
      />
      <FormChoice
        control={control}
        name="phAtc"
        label="Does it compensate for temperature?"
        options={[
          { value: 'yes', label: 'yes' },
          { value: 'no', label: 'no' },
        ]}
      />
      <FormField
        control={control}
        name="phAccuracy"
        label="Accuracy the maker states"
        unit="± pH"
        numeric
      />
    </>
  );
}

/** The same for the EC side. */
export function EcFields({ control }: Props) {
  const formats = useFormats();
  return (
    <>
      <Say size="large" face="slab" heading={2}>
        EC side
      </Say>
      <FormChoice
        control={control}
        name="ecScale"
        label="What does it show?"
        options={EC_SCALES.map((scale) => ({ value: scale, label: SCALE_LABEL[scale] }))}
      />
      <FormField
        control={control}
        name="ecStandard"
        label="Standard it is checked in, at 25 °C"
        unit={formats.ecUnit}
        hint={`${formats.ecPlain(1.413)} for weak feeds, ${formats.ecPlain(2.77)} for usual ones`}
        numeric
      />
      <FormChoice
        control={control}
        name="ecAdjust"
        label="How is it adjusted?"
        disputed="ecAdjust"
        options={[
          { value: 'button', label: 'button' },
          { value: 'steps', label: 'stepped up or down' },
          { value: 'dials', label: 'dial' },
          { value: 'none', label: 'not at all', hint: 'verify only' },
        ]}
      />
      <FormField control={control} name="ecHold" label="Its button is held for" unit="s" numeric />
      <FormField
        control={control}
        name="ecAccuracy"
        label="Accuracy the maker states"
        unit={`± ${formats.ecUnit}`}
        hint={`2 % of the full scale is common: ${formats.ecPlain(0.1)} on ${formats.ecPlain(5)}.`}
        numeric
      />
      <FormChoice
        control={control}
        name="ecAlpha"
        label="Its temperature coefficient"
        options={[
          { value: '0.02', label: '2.0 % per °C' },
          { value: '0.019', label: '1.9 % per °C' },
          { value: 'none', label: 'none', hint: 'shows conductivity as it is' },
        ]}
      />
      <FormChoice
        control={control}
        name="ecReference"
        label="It states conductivity at"
        options={[
          { value: '25', label: '25 °C' },
          { value: '20', label: '20 °C' },
        ]}
      />
    </>
  );
}
