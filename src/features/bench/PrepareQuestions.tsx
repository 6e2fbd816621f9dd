import { useRouter } from 'expo-router';
import { useState } from 'react';
import type { BenchAnswer } from '@/book/answers';
import { useNowMs } from '@/book/react';
import { paths } from '@/shell/navigation/paths';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/form';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { ago, CARE_WORD, DISPUTES } from '@/words';
import { prepareSays } from '@/words/bench/prepare';
import { commonSays } from '@/words/common';
import type { Scope } from './preparePlan';
import type { PenId } from '@/records';

interface ScopeProps {
  readonly cups: number;
  readonly scope: Scope;
  readonly onScope: (scope: Scope) => void;
}

/** How much of a check is made. */
export function ScopeQuestion({ cups, scope, onScope }: ScopeProps) {
  const several = cups > 1;
  const looking = { hint: prepareSays.adjustsNothing };
  return (
    <Choice
      label={prepareSays.howMuch}
      value={scope}
      onChoose={onScope}
      options={[
        { value: 'full', label: prepareSays.checkAdjustIfOut, hint: prepareSays.theUsual },
        ...(several
          ? [{ ...looking, value: 'all' as const, label: prepareSays.onlyLookAllCups }]
          : []),
        several
          ? { value: 'first', label: prepareSays.onlyLookOneCup, hint: prepareSays.offsetOnly }
          : { ...looking, value: 'first', label: prepareSays.onlyLook },
      ]}
    />
  );
}

/** Whether tap water would do, and why not; the least that does instead. */
export function TapWaterQuestion({
  onOneCup,
  penId,
}: {
  readonly onOneCup: (() => void) | undefined;
  readonly penId: PenId;
}) {
  const router = useRouter();
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button
        kind="text"
        label={prepareSays.wouldTapWaterDoInstead}
        onPress={() => setOpen(!open)}
      />
      {open ? (
        <Panel tone="wash">
          <Say>{prepareSays.whyNotTapWater}</Say>
          <Say size="small" tone="soft">
            {DISPUTES.knownWater.others}
          </Say>
          {onOneCup ? <Button label={prepareSays.thenOnlyOneCup} onPress={onOneCup} /> : null}
          <Button
            label={prepareSays.noBufferCompare}
            onPress={() => router.navigate(paths.compare(penId))}
          />
        </Panel>
      ) : null}
    </>
  );
}

interface CleanedProps {
  /** What the book knows was done since the last reading: the question is answered by it. */
  readonly known: BenchAnswer['movedSince'];
  readonly cleaned: boolean;
  readonly onCleaned: (cleaned: boolean) => void;
}

/** Whether the probe was cleaned since its last reading: the check then tells nothing of the past. */
export function CleanedQuestion({ known, cleaned, onCleaned }: CleanedProps) {
  const nowMs = useNowMs();
  return (
    <Choice
      label={prepareSays.wasProbeCleaned}
      value={cleaned ? 'yes' : 'no'}
      onChoose={(value) => onCleaned(value === 'yes')}
      options={[
        { value: 'no', label: commonSays.no, hint: prepareSays.notCleanedHint },
        {
          value: 'yes',
          label: commonSays.yes,
          hint: known
            ? prepareSays.knownFromBook(CARE_WORD[known.what], ago(known.atMs, nowMs))
            : prepareSays.cleanedHint,
        },
      ]}
    />
  );
}

/** What has no bottle in date, else how many such checks the Shelf holds; nothing where nobody counts. */
export function ShelfLine({
  missing,
  sittingsLeft,
}: {
  readonly missing: readonly string[];
  readonly sittingsLeft: number | undefined;
}) {
  if (missing.length > 0)
    return (
      <Say size="small" tone="attention">
        {prepareSays.noInDateBottle(missing.join(', '))}
      </Say>
    );
  if (!sittingsLeft) return null;
  return (
    <Say size="small" tone={sittingsLeft < 2 ? 'attention' : 'soft'}>
      {prepareSays.shelfHoldsEnoughFor(sittingsLeft)}
    </Say>
  );
}
