import { useState } from 'react';
import type { Control } from 'react-hook-form';
import { FormField } from '@/features/parts/FormField';
import { SchoolNote } from '@/features/parts/SchoolNote';
import { Button } from '@/ui/button';
import { Say } from '@/ui/text';
import { FormChoice } from './FormChoice';
import type { PenFormIn, PenFormOut } from './penFormSchema';

interface Props {
  readonly control: Control<PenFormIn, unknown, PenFormOut>;
  readonly hasPh: boolean;
}

const YES_NO = [
  { value: 'no', label: 'no' },
  { value: 'yes', label: 'yes' },
] as const;

/** Everything else that makes one pen unlike another; the procedure follows from it. */
export function MoreFields({ control, hasPh }: Props) {
  const [open, setOpen] = useState(false);
  if (!open) {
    return <Button label="Its button, display and papers…" onPress={() => setOpen(true)} />;
  }
  const yes = (name: keyof PenFormIn, label: string) => (
    <FormChoice control={control} name={name} label={label} options={YES_NO} />
  );
  const text = (name: keyof PenFormIn, label: string, hint?: string) => (
    <FormField control={control} name={name} label={label} {...(hint ? { hint } : {})} />
  );
  return (
    <>
      {hasPh ? <PhMore control={control} yes={yes} text={text} /> : null}
      <Say size="large" face="slab" heading={2}>
        Display
      </Say>
      <FormField
        control={control}
        name="autoOff"
        label="Switches itself off after"
        unit="min"
        hint="Empty: never."
        numeric
      />
      {yes('displayHolds', 'Can its display be held?')}
      {yes('displayPress', 'Does it measure only after a press?')}
      {yes('displaySleeps', 'Does it sleep while you wait?')}
      <FormField
        control={control}
        name="markDays"
        label="Its “calibrated” mark goes out after"
        unit="days"
        hint="A timer, not a measurement. Empty: it has none."
        numeric
      />
      <Say size="large" face="slab" heading={2}>
        Papers
      </Say>
      {text('serial', 'Device number')}
      {text('boughtOn', 'Bought on')}
      {text(
        'adjustedOn',
        'Adjusted by its factory or dealer on',
        'Its first session: good to the maker’s accuracy until its first check.',
      )}
      {text('guaranteeUntil', 'Guarantee until')}
      {text('certificate', 'Certificate')}
      {text('batteries', 'Batteries')}
      {yes('waterproof', 'Waterproof?')}
      <FormField
        control={control}
        name="lifeDays"
        label="Its pH probe should last"
        unit="days"
        hint="Empty: a year. Nine to twelve months are common in daily use."
        numeric
      />
      {text('note', 'Note')}
    </>
  );
}

function PhMore({
  control,
  yes,
  text,
}: {
  readonly control: Props['control'];
  readonly yes: (name: keyof PenFormIn, label: string) => React.ReactNode;
  readonly text: (name: keyof PenFormIn, label: string, hint?: string) => React.ReactNode;
}) {
  return (
    <>
      <Say size="large" face="slab" heading={2}>
        How it takes a point
      </Say>
      {text('phCups', 'Cups in their order', 'Values as printed, e.g. 7 4.01 10.01.')}
      <SchoolNote about="pointOrder" />
      <FormChoice
        control={control}
        name="phStores"
        label="What does it store?"
        options={[
          { value: 'atTemperature', label: 'the value at its temperature' },
          {
            value: 'nominal',
            label: 'the printed value',
            hint: 'whatever the temperature; Zolder corrects for it',
          },
        ]}
      />
      <FormChoice
        control={control}
        name="phWhen"
        label="When is its button pressed?"
        options={[
          { value: 'afterDip', label: 'in the cup, once still' },
          { value: 'beforeDip', label: 'before dipping' },
        ]}
      />
      <FormField control={control} name="phHold" label="Held for" unit="s" numeric />
      {yes('phPastOff', 'Does the same button switch it off first?')}
      {text(
        'phPicks',
        'Short presses that pick the buffer',
        'For the first, second, third cup: 1 2 3. Empty: it finds them itself.',
      )}
      {yes('phConfirm', 'Does a second press confirm?')}
      {yes('phUnseen', 'Does it end by itself, perhaps unseen?')}
      <FormChoice
        control={control}
        name="phBetween"
        label="Between the points"
        options={[
          { value: 'staysOn', label: 'it stays on' },
          { value: 'offLosesPoints', label: 'switched off it loses them' },
          { value: 'offAfterEach', label: 'it is switched off after each' },
        ]}
      />
      {text(
        'errorTexts',
        'Errors it shows, and what they mean',
        'One in a line or two: Err1: pressed while it moved',
      )}
      {yes('phOneBottle', 'One bottle for everything?')}
      {yes('phReplaceable', 'Can its probe be changed?')}
      {yes('phSpear', 'A spear tip for soil?')}
      <FormChoice
        control={control}
        name="phWetBy"
        label="What keeps the tip wet?"
        options={[
          { value: 'sponge', label: 'a sponge in the cap' },
          { value: 'liquid', label: 'liquid in the cap' },
          { value: 'bottle', label: 'a screwed-on bottle' },
          { value: 'dry', label: 'nothing', hint: 'a gel or dry-stored tip' },
        ]}
      />
      <FormField
        control={control}
        name="phFirstSoak"
        label="Soak before its first use"
        unit="h"
        numeric
      />
    </>
  );
}
