import { zodResolver } from '@hookform/resolvers/zod';
import { useLocalSearchParams } from 'expo-router';
import { useMemo, useState } from 'react';
import { useForm } from 'react-hook-form';
import { View } from 'react-native';
import { keepProfile, savePen } from '@/acts';
import { useAnswer, useAct, useNowMs, useRows, questions } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { useKeyAct } from '@/shell/keys/Keys';
import { DescribedFields } from '@/features/parts/fields/DescribedFields';
import { openedWith, schemaOf, takenInto } from '@/features/parts/fields/field';
import { useFormDraft } from '@/features/parts/useFormDraft';
import { useGoOn } from '@/shell/navigation/useGoOn';
import type { Pen } from '@/records/kinds';
import { GENERIC_PROFILES, penFromProfile, type GenericProfile } from '@/records/profiles';
import { SaveBar } from '@/features/parts/SaveBar';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/form';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { commonSays } from '@/words/common';
import { penFormSays } from '@/words/pens/penForm';
import { penName } from './penName';
import { penFields, penParts, type PenFormIn, type PenFormOut, type PenParts } from './fields';
import { paths } from '@/shell/navigation/paths';
import type { PenId, ProfileId, RevId } from '@/records';

/** Adds a pen from a profile, or changes one. */
export function PenForm() {
  const { penId } = useLocalSearchParams<{ penId?: PenId }>();
  const nowMs = useNowMs();
  const { data: pens } = useAnswer(questions.pens(nowMs));
  const formats = useFormats();
  const [profileId, setProfileId] = useState(GENERIC_PROFILES[0]!.id);
  const { data: own } = useRows('profile');
  if (!pens || !own) return <Skeleton label={commonSays.loadingThePen} />;
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
  readonly penId?: PenId;
  readonly revId?: RevId;
  readonly profileId?: ProfileId;
  readonly profiles?: readonly GenericProfile[];
  readonly onProfile?: (id: string) => void;
}

function Fields({ base, penId, revId, profileId, profiles = [], onProfile }: Props) {
  const goOn = useGoOn();
  const formats = useFormats();
  const { act } = useAct();
  const [kept, setKept] = useState('');
  const [more, setMore] = useState(false);
  const parts = useMemo(() => penParts(formats), [formats]);
  const all = penFields(parts);
  const fields = useForm<PenFormIn, unknown, PenFormOut>({
    resolver: zodResolver(schemaOf(all)),
    defaultValues: openedWith(all, base),
  });
  const { control, handleSubmit } = fields;
  const draft = useFormDraft(`pen/${penId ?? profileId}`, fields);
  const unfold = () => setMore(true);
  const save = handleSubmit(async (out) => {
    const known = penId && revId ? { id: penId, revId } : undefined;
    const recordIds = await act(savePen(known, takenInto(all, out, base)));
    if (!recordIds) return;
    draft.forget();
    goOn.to(paths.pen(recordIds[0]!));
    // What is wrong must be seen, also where it stands folded away.
  }, unfold);
  /** What stands in the form as a profile of one's own: a starting point for the next such pen. */
  const keep = handleSubmit(async (out) => {
    const { name: title, ph, ec, display } = takenInto(all, out, base);
    const profile = { title, hint: penFormSays.yourOwn, ph, ec, display, note: '' };
    if (await act(keepProfile(profile))) setKept(title);
  }, unfold);
  useKeyAct('save', save);
  const part = (name: keyof PenParts, heading?: string) => (
    <>
      {heading ? (
        <Say size="large" face="slab" heading={2}>
          {heading}
        </Say>
      ) : null}
      <DescribedFields control={control} fields={parts[name]} />
    </>
  );
  return (
    <Screen
      actions={
        <SaveBar label={penId ? penFormSays.saveThePen : penFormSays.addThePen} onSave={save} />
      }
    >
      <Say size="huge" face="slab" heading={1}>
        {penId ? penFormSays.changeCode(base.code) : penFormSays.aNewPen}
      </Say>
      {onProfile && profileId ? (
        <Choice
          label={penFormSays.whatKind}
          value={profileId}
          options={profiles.map(({ id, title, hint }) => ({ value: id, label: title, hint }))}
          onChoose={onProfile}
        />
      ) : null}
      {part('named')}
      {base.ph ? part('phSide', penFormSays.phSide) : null}
      {base.ec ? part('ecSide', penFormSays.ecSide) : null}
      {part('policies')}
      {more ? (
        <>
          {base.ph ? part('point', penFormSays.howItTakesAPoint) : null}
          {part('display', penFormSays.display)}
          {part('papers', penFormSays.papers)}
        </>
      ) : (
        <Button label={penFormSays.buttonDisplayPapers} onPress={() => setMore(true)} />
      )}
      <View>
        <Button kind="text" label={penFormSays.keepAsProfile} onPress={keep} />
        <View role="status" aria-live="polite">
          {kept ? <Say bold>{penFormSays.keptAsProfile(kept)}</Say> : null}
        </View>
      </View>
    </Screen>
  );
}
