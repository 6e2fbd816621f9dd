import type { Tank } from '@/records/kinds';
import { make, revise, save, type Act, type Known } from './act';

/** A tank as a screen knows it. */
export interface KnownTank extends Known {
  readonly body: Tank;
}

/** A new tank, or another description of one: from a moment on, or as it always was. */
export const saveTank = (tank: Known | undefined, body: Tank, effectiveFromMs?: number): Act => ({
  said: `${body.name} is ${tank ? 'changed' : 'added'}.`,
  changes: [save('tank', tank, body, effectiveFromMs)],
});

/** Another tank like one that is there. */
export const copyTank = ({ body }: KnownTank, place: number): Act => {
  const name = `${body.name}, copy`;
  const copy: Tank = { ...body, name, place, learnFrom: undefined };
  return { said: `${name} is added.`, changes: [make('tank', copy)] };
};

/** Out of use, or back in use. */
export const retireTank = (tank: KnownTank): Act => {
  const retired = tank.body.retired ? undefined : true;
  return {
    said: `${tank.body.name} is ${retired ? 'out of use' : 'back in use'}.`,
    changes: [revise('tank', tank, { ...tank.body, retired })],
  };
};

/** The order in which the tanks are walked, by their ids. */
export const orderTanks = (tanks: readonly KnownTank[], ids: readonly string[]): Act => {
  const changes = ids.flatMap((id, at) => {
    const tank = tanks.find((one) => one.id === id);
    if (!tank || tank.body.place === at + 1) return [];
    // Without naming what it replaces: one move after the other, each on what stands by then.
    return [{ kind: 'tank' as const, recordId: id, body: { ...tank.body, place: at + 1 } }];
  });
  return { said: 'The order is changed.', changes };
};

/** What the tank's doses taught is forgotten from a moment on. */
export const forgetLearned = (tank: KnownTank, nowMs: number): Act => ({
  said: `What ${tank.body.name} taught is forgotten.`,
  changes: [revise('tank', tank, { ...tank.body, learnFrom: new Date(nowMs).toISOString() })],
});
