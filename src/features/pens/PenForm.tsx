import { zodResolver } from '@hookform/resolvers/zod';
import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { keepProfile, savePen } from '@/acts';
import { useAnswer, useAct, useNowMs, useRows, questions } from '@/book/react';
import { USES_BETWEEN_CHECKS } from '@/core/schedule';
import { useFormats } from '@/shell/formats';
import { useKeyAct } from '@/shell/keys/Keys';
import { FormField } from '@/features/parts/FormField';
import { useFormDraft } from '@/features/parts/useFormDraft';
import { useGoOn } from '@/shell/navigation/useGoOn';
import type { Pen } from '@/records/kinds';
import { GENERIC_PROFILES, penFromProfile, type GenericProfile } from '@/records/profiles';
import { SaveBar } from '@/features/parts/SaveBar';
import { Button } from '@/ui/button';
import { Choice, FieldRow } from '@/ui/form';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { MoreFields } from './MoreFields';
import { penName } from './penName';
import { FormChoice } from './FormChoice';
import { EcFields, PhFields } from './SideFields';
import { penFormSchema, type PenFormIn, type PenFormOut } from './penFormSchema';
import { penDefaults, penOf } from './penFromForm';
import { paths } from '@/shell/navigation/paths';

/** Adds a pen from a profile, or changes one. */
export function PenForm() {
  const { penId } = useLocalSearchParams<{ penId?: string }>();
  const nowMs = useNowMs();
  const { data: pens } = useAnswer(questions.pens(nowMs));
  const formats = useFormats();
  const [profileId, setProfileId] = useState(GENERIC_PROFILES[0]!.id);
  const { data: own } = useRows('profile');
  if (!pens || !own) return <Skeleton label="Loading the pen" />;
  const pen = pens.find(({ id }) => id === penId);
  if (pen)
    return (
      <Fields
        key={`${pen.revId} ${formats.settings.ecScale}`}
        base={pen.body}
        penId={pen.id}
        revId={pen.revId}
      />
    );
  const all: readonly GenericProfile[] = [
    ...GENERIC_PROFILES,
    ...own.map(({ id, body }) => ({ id, ...body })),
  ];
  const profile = all.find(({ id }) => id === profileId) ?? GENERIC_PROFILES[0]!;
  const base = penFromProfile(profile, {
    code: `P${pens.length + 1}`,
    name: penName(profile.title),
    tolerancePolicy: formats.settings.tolerancePolicy,
  });
  return (
    <Fields
      key={`${profileId} ${formats.settings.ecScale}`}
      base={base}
      profileId={profileId}
      profiles={all}
      onProfile={setProfileId}
    />
  );
}

interface Props {
  readonly base: Pen;
  readonly penId?: string;
  readonly revId?: string;
  readonly profileId?: string;
  readonly profiles?: readonly GenericProfile[];
  readonly onProfile?: (id: string) => void;
}

function Fields({ base, penId, revId, profileId, profiles = [], onProfile }: Props) {
  const goOn = useGoOn();
  const formats = useFormats();
  const { act } = useAct();
  const [kept, setKept] = useState('');
  const fields = useForm<PenFormIn, unknown, PenFormOut>({
    resolver: zodResolver(penFormSchema(formats)),
    defaultValues: penDefaults(base, formats),
  });
  const { control, handleSubmit } = fields;
  const policy = useWatch({ control, name: 'checkPolicy' });
  const draft = useFormDraft(`pen/${penId ?? profileId}`, fields);
  const save = handleSubmit(async (out) => {
    const known = penId && revId ? { id: penId, revId } : undefined;
    const recordIds = await act(savePen(known, penOf(out, base)));
    if (!recordIds) return;
    draft.forget();
    goOn.to(paths.pen(recordIds[0]!));
  });
  /** What stands in the form as a profile of one's own: a starting point for the next such pen. */
  const keep = handleSubmit(async (out) => {
    const { name: title, ph, ec, display } = penOf(out, base);
    const profile = { title, hint: 'your own', ph, ec, display, note: '' };
    if (await act(keepProfile(profile))) setKept(title);
  });
  useKeyAct('save', save);
  return (
    <Screen actions={<SaveBar label={penId ? 'Save the pen' : 'Add the pen'} onSave={save} />}>
      <Say size="huge" face="slab" heading={1}>
        {penId ? `Change ${base.code}` : 'A new pen'}
      </Say>
      {onProfile && profileId ? (
        <Choice
          label="What kind of pen is it?"
          value={profileId}
          options={profiles.map(({ id, title, hint }) => ({ value: id, label: title, hint }))}
          onChoose={onProfile}
        />
      ) : null}
      <FieldRow>
        <FormField
          control={control}
          name="code"
          label="Code"
          hint="As written on the pen: P1, P2…"
        />
        <FormField control={control} name="name" label="Name" />
      </FieldRow>
      {base.ph ? <PhFields control={control} /> : null}
      {base.ec ? <EcFields control={control} /> : null}
      <FormChoice
        control={control}
        name="checkPolicy"
        label="How often is it checked?"
        disputed="frequency"
        options={[
          { value: 'everyUse', label: 'before every use' },
          { value: 'daily', label: 'every day' },
          { value: 'weekly', label: 'every week', hint: 'check first, adjust only if out' },
          { value: 'weeklyAdjust', label: 'every week, always adjust' },
          { value: 'monthly', label: 'every 30 days', hint: 'or when its mark goes out' },
          { value: 'quarterly', label: 'every 90 days' },
          { value: 'afterUses', label: 'after so many readings' },
          {
            value: 'ownDrift',
            label: 'by its own drift',
            hint: 'from two checks on; weekly until then',
          },
          { value: 'onlyWhenDoubted', label: 'only when doubted' },
        ]}
      />
      {policy === 'afterUses' ? (
        <FormField
          control={control}
          name="usesAllowed"
          label="Readings between checks"
          hint={`Empty: ${USES_BETWEEN_CHECKS}.`}
          numeric
        />
      ) : null}
      <FormChoice
        control={control}
        name="cleaningPolicy"
        label="How often is it cleaned?"
        disputed="cleaningInterval"
        options={[
          { value: 'byUse', label: 'by its use', hint: 'weekly in heavy use, else monthly' },
          { value: 'weekly', label: 'every week' },
          { value: 'monthly', label: 'every month' },
          {
            value: 'beforeEachCheck',
            label: 'after each as found',
            hint: 'others clean only when slow or off',
          },
        ]}
      />
      <FormChoice
        control={control}
        name="tolerancePolicy"
        label="How far off is good enough?"
        disputed="tolerance"
        options={[
          { value: 'laboratory', label: 'laboratory', hint: '±0.02 pH, 2 % EC' },
          { value: 'normal', label: 'normal', hint: '±0.05 pH, 3 % EC' },
          { value: 'relaxed', label: 'relaxed', hint: '±0.1 pH, 5 % EC' },
        ]}
      />
      <MoreFields control={control} hasPh={base.ph !== null} />
      <View>
        <Button kind="text" label="Keep this as a profile of my own" onPress={keep} />
        <View role="status" aria-live="polite">
          {kept ? <Say bold>{kept} is now among the kinds of pens.</Say> : null}
        </View>
      </View>
    </Screen>
  );
}
