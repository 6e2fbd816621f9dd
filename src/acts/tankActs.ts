import type { Change } from '@/records';
import type { Tank } from '@/records/kinds';
import { make, revise, save, type Act, type Known } from './act';

/** A tank as a screen knows it. */
export interface KnownTank extends Known<'tank'> {
  /** As it was written, without the stage its plan has reached. */
  readonly written: Tank;
  /** From when that holds, epoch ms; absent: it was always so. */
  readonly fromMs?: number | undefined;
}

/** A new tank, or another description of one: from a moment on, or as it always was. */
export const saveTank = (
  tank: Known<'tank'> | undefined,
  body: Tank,
  effectiveFromMs?: number,
): Act => ({
  done: { what: tank ? 'changed' : 'added', name: body.name },
  changes: [save('tank', tank, body, effectiveFromMs)],
});

/** Something of a tank said anew that leaves the past as it was judged: it holds from when the tank does. */
export const patchedTank = (tank: KnownTank, patch: Partial<Tank>): Change =>
  revise('tank', tank, { ...tank.written, ...patch }, tank.fromMs);

/** Something else said of a tank: its plan, bands of its samples, its coefficient. */
export const describeTank = (tank: KnownTank, patch: Partial<Tank>): Act => ({
  done: { what: 'changed', name: tank.written.name },
  changes: [patchedTank(tank, patch)],
});

/** Another tank like one that is there. */
export const copyTank = ({ written }: KnownTank, place: number): Act => {
  const name = `${written.name}, copy`;
  const copy: Tank = { ...written, name, place, learnFrom: undefined };
  return { done: { what: 'added', name }, changes: [make('tank', copy)] };
};

/** Out of use, or back in use. */
export const retireTank = (tank: KnownTank): Act => {
  const retired = tank.written.retired ? undefined : true;
  return {
    done: { what: retired ? 'tankRetired' : 'tankBack', name: tank.written.name },
    changes: [patchedTank(tank, { retired })],
  };
};

/** The order in which the tanks are walked, by their ids. */
export const orderTanks = (tanks: readonly KnownTank[], ids: readonly string[]): Act => {
  const changes = ids.flatMap((id, at): Change[] => {
    const tank = tanks.find((one) => one.id === id);
    if (!tank || tank.written.place === at + 1) return [];
    // Without naming what it replaces: one move after the other, each on what stands by then.
    const { parents: _, ...move } = patchedTank(tank, { place: at + 1 });
    return [move];
  });
  return { done: { what: 'ordered' }, changes };
};

/** What the tank's doses taught is forgotten from a moment on. */
export const forgetLearned = (tank: KnownTank, nowMs: number): Act => ({
  done: { what: 'learnedForgotten', name: tank.written.name },
  changes: [patchedTank(tank, { learnFrom: new Date(nowMs).toISOString() })],
});
