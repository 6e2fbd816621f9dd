import { useLocalSearchParams, useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import type { PenDetailAnswer, PenSide } from '@/book/answers';
import { useAnswer, useNowMs } from '@/book/react';
import { TOLERANCE_EC_REL, TOLERANCE_PH } from '@/core/calibration';
import { erasableFromMs } from '@/core/retention';
import { judgeReading } from '@/core/verdict';
import { DriftPanel } from '@/features/LazyChart';
import { useFormats } from '@/features/frame/formats';
import { useKeyAct } from '@/features/frame/keys/Keys';
import { useKeyHint } from '@/features/frame/keys/useKeyHint';
import { WhyBudget } from '@/features/parts/WhyBudget';
import { Button } from '@/ui/button';
import { FirstSoak } from './FirstSoak';
import { MakerSession } from './MakerSession';
import { Panel, Screen, Skeleton } from '@/ui/layout';
import { Notch } from '@/ui/notch';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import {
  CARE_WORD,
  careDetail,
  dueReason,
  LEFT_OUT_REASON,
  PEN_REASON,
  PEN_TONE,
  PEN_WORD,
  shortDay,
  dayMonthYear,
} from '@/words';
import {
  errorLine,
  lastCheckLine,
  nextCheckLine,
  OUTCOME_SENTENCE,
  sessionLine,
  careDueLine,
} from './penViewModel';

/** One pen: what each side is worth now, and its sessions. */
export function PenScreen() {
  const { penId } = useLocalSearchParams<{ penId: string }>();
  return <PenDetail penId={penId} />;
}

/** The same for a pen named by whoever shows it. */
export function PenDetail({
  penId,
  beside = false,
}: {
  readonly penId: string;
  /** Another pane acts on the pen; this one only shows it. */
  readonly beside?: boolean;
}) {
  const nowMs = useNowMs();
  const router = useRouter();
  const formats = useFormats();
  const { data: pen } = useAnswer(['pen', penId], (client) => client.pen(penId, nowMs), nowMs);
  const hint = useKeyHint();
  useKeyAct('check', () => router.navigate(`/pens/${penId}/bench` as '/'));
  if (pen === undefined) return <Skeleton label="Loading the pen" />;
  if (pen === null) return <NoPen />;
  const go = (href: string) => router.navigate(href as '/');
  const oldest = pen.sessions.at(-1)?.atMs;
  return (
    <Screen
      label={pen.body.code}
      actions={
        beside ? null : (
          <>
            <Button wet label="Care" onPress={() => go(`/pens/${penId}/care`)} />
            {pen.sides.map((side, at) => (
              <Button
                key={side.quantity}
                kind={at === 0 ? 'main' : 'quiet'}
                keyHint={at === 0 ? hint('C') : undefined}
                wet
                grow
                label={
                  pen.sides.length === 1 ? 'Check' : `Check ${side.quantity === 'ph' ? 'pH' : 'EC'}`
                }
                onPress={() => go(`/pens/${penId}/bench?quantity=${side.quantity}`)}
              />
            ))}
          </>
        )
      }
    >
      <View>
        <Say size="huge" face="slab" heading={1}>
          {pen.body.code} · {pen.body.name}
        </Say>
        <View style={styles.about}>
          <Say face="slab" size="large" tone={PEN_TONE[pen.word]}>
            {PEN_WORD[pen.word]}
          </Say>
          {beside ? null : (
            <Button kind="text" label="Change the pen" onPress={() => go(`/pens/${penId}/edit`)} />
          )}
        </View>
        <Say size="small">{reasonOf(pen)}</Say>
      </View>
      {pen.sides.map((side) => (
        <SidePanel key={side.quantity} pen={pen} side={side} nowMs={nowMs} />
      ))}
      {pen.drift.map((drift) => (
        <DriftPanel key={drift.quantity} drift={drift} nowMs={nowMs} />
      ))}
      {pen.drift
        .filter(({ points }) => points.length > 1)
        .map(({ quantity }) => (
          <Button
            key={quantity}
            label={`Look back: ${quantity === 'ph' ? 'pH' : 'EC'}`}
            onPress={() => go(`/pens/${penId}/look-back?quantity=${quantity}`)}
          />
        ))}
      <View style={styles.links}>
        {pen.sides.length > 1 ? (
          <Button
            kind="text"
            label="Check both, EC first"
            onPress={() => go(`/pens/${penId}/bench?quantity=ec&then=ph`)}
          />
        ) : null}
        {pen.body.ph ? (
          <Button kind="text" label="House control" onPress={() => go(`/pens/${penId}/control`)} />
        ) : null}
        <Button kind="text" label="Probes" onPress={() => go(`/pens/${penId}/probes`)} />
      </View>
      {pen.careDue.map((due) => {
        const text = careDueLine(due, nowMs);
        return text ? (
          <Say key={due.side} size="small">
            {text}
          </Say>
        ) : null;
      })}
      {papersLine(pen.body) ? (
        <Say size="small" tone="soft">
          {papersLine(pen.body)}
        </Say>
      ) : null}
      {pen.care.length > 0 ? (
        <View>
          <Say size="large" face="slab" heading={2}>
            Care
          </Say>
          {pen.care.slice(0, 6).map(({ id, body, atMs, by }) => (
            <Say key={id} size="small">
              {shortDay(atMs)} · {CARE_WORD[body.what]} {careDetail(body)} {by}
              {body.note ? ` · ${body.note}` : ''}
            </Say>
          ))}
        </View>
      ) : null}
      <Say size="large" face="slab" heading={2}>
        Checks
      </Say>
      {pen.sessions.length === 0 ? (
        <Say>
          No check yet. The first check takes about two minutes a cup; until then the maker’s
          accuracy is all its numbers are worth.
        </Say>
      ) : null}
      {pen.sessions.length === 0 && pen.body.ph ? <FirstSoak pen={pen} nowMs={nowMs} /> : null}
      {pen.sessions.slice(0, 20).map((session) => (
        <View key={session.id} style={styles.session}>
          <Say size="small" tone="soft">
            {shortDay(session.atMs)} · {session.body.plan.quantity === 'ph' ? 'pH' : 'EC'} at{' '}
            {formats.temp(session.body.plan.tempC)} {session.by ? `· ${session.by}` : ''}
          </Say>
          <Say size="small" face="mono">
            {sessionLine(session, formats)}
          </Say>
          <View style={styles.outcome}>
            <Say size="small">{OUTCOME_SENTENCE[session.body.outcome]}</Say>
            <Button
              kind="text"
              label="Look back"
              name={`Look back from ${shortDay(session.atMs)}, ${session.body.plan.quantity === 'ph' ? 'pH' : 'EC'}`}
              onPress={() =>
                go(
                  `/pens/${penId}/look-back?quantity=${session.body.plan.quantity}&at=${session.atMs}`,
                )
              }
            />
          </View>
        </View>
      ))}
      {pen.body.papers?.adjustedOn ? <MakerSession body={pen.body} /> : null}
      {oldest === undefined ? null : (
        <Say size="small" tone="soft">
          Records of checks are kept three years at least: the oldest here until{' '}
          {dayMonthYear(erasableFromMs(oldest))}.
        </Say>
      )}
    </Screen>
  );
}

/** What its papers say, in one line. */
function papersLine({ papers }: PenDetailAnswer['body']): string {
  if (!papers) return '';
  const { serial, boughtOn, guaranteeUntil, certificate, batteries } = papers;
  return [
    serial && `no. ${serial}`,
    boughtOn && `bought ${boughtOn}`,
    guaranteeUntil && `guarantee until ${guaranteeUntil}`,
    certificate && `certificate ${certificate}`,
    batteries && `batteries ${batteries}`,
  ]
    .filter(Boolean)
    .join(' · ');
}

/** Why it is in its state: the event or date that makes it so, else the word's own reason. */
function reasonOf(pen: PenDetailAnswer): string {
  const isLeftOut = pen.sides.some(({ word, leftOut }) => word === 'cantBeTrusted' && leftOut);
  if (pen.word === 'cantBeTrusted' && isLeftOut) return LEFT_OUT_REASON;
  const due = pen.word === 'checkDue' ? pen.sides.map(({ due: each }) => dueReason(each)) : [];
  return due.find((reason) => reason !== undefined) ?? PEN_REASON[pen.word];
}

/** One side: its error in the notch of its tolerance. */
function SidePanel(props: {
  readonly pen: PenDetailAnswer;
  readonly side: PenSide;
  readonly nowMs: number;
}) {
  const { pen, side, nowMs } = props;
  const formats = useFormats();
  const ph = side.quantity === 'ph';
  const policy = pen.body.tolerancePolicy;
  const tolerance = ph ? TOLERANCE_PH[policy] : TOLERANCE_EC_REL[policy];
  const { error } = side;
  const line = errorLine(side, formats);
  const limit = ph
    ? `± ${formats.number(tolerance, 2)} pH`
    : `± ${formats.number(100 * tolerance, 0)} %`;
  const band = { low: -tolerance, high: tolerance };
  return (
    <Panel>
      <Say bold>
        {ph ? 'pH' : 'EC'} {lastCheckLine(side, nowMs)}
      </Say>
      <Say size="large" face="mono" bold>
        {line}
      </Say>
      {error ? (
        <Notch
          size="row"
          band={band}
          reading={{
            value: error.error,
            expandedU: error.budget.expandedU,
            verdict: judgeReading(error.error, error.budget.stdU, band).verdict,
          }}
          sentence={`${line}; tolerance ${limit}.`}
        />
      ) : null}
      {error ? (
        <WhyBudget
          aside={`tolerance ${limit}; every reading is corrected by this`}
          of={`of the ${ph ? 'pH' : 'EC'} error`}
          budget={error.budget}
          write={(u) => (ph ? formats.number(u, 3) : `${formats.number(100 * u, 1)} %`)}
        />
      ) : (
        <Say size="small" tone="soft">
          The maker’s accuracy is all there is.
        </Say>
      )}
      <Say size="small">{nextCheckLine(side, nowMs)}</Say>
    </Panel>
  );
}

function NoPen() {
  const router = useRouter();
  return (
    <Screen
      actions={
        <Button kind="main" wet grow label="All pens" onPress={() => router.navigate('/pens')} />
      }
    >
      <Say size="huge" face="slab" heading={1}>
        This pen is not in the book.
      </Say>
      <Say>It may be in the other book: the demo and your own are kept apart.</Say>
    </Screen>
  );
}

const styles = StyleSheet.create({
  about: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    justifyContent: 'space-between',
  },
  links: { flexDirection: 'row', flexWrap: 'wrap' },
  outcome: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    justifyContent: 'space-between',
  },
  session: { gap: 2, paddingBottom: space.s2 },
});
