import type { Dip, DipLot } from '../calibration';
import type { PlacedDip } from './dipUpdate';
import type { Restart } from './filter';

interface Slot {
  key: string | undefined;
  readonly value: string;
  usedAt: number;
}

/**
 * Which bottle stands in which place of the state. There are as many places as cup values; a new
 * bottle takes the place longest unused, on a tie that of its own value.
 */
export class LotSlots {
  private readonly slots: Slot[];
  private uses = 0;

  constructor(values: readonly string[]) {
    this.slots = values.map((value) => ({ key: undefined, value, usedAt: 0 }));
  }

  get count(): number {
    return this.slots.length;
  }

  private placeFor(lot: DipLot, taken: ReadonlySet<number>): number {
    let best = -1;
    this.slots.forEach((slot, at) => {
      if (taken.has(at)) return;
      const now = this.slots[best];
      const older = !now || slot.usedAt < now.usedAt;
      const own = now && slot.usedAt === now.usedAt && slot.value === lot.value;
      if (older || (own && now.value !== lot.value)) best = at;
    });
    return best;
  }

  /** Places the dips of one check; bottles that are new start anew. */
  place(dips: readonly Dip[], firstLot: number): { placed: PlacedDip[]; restarts: Restart[] } {
    this.uses += 1;
    const lots = new Map<string, DipLot>();
    for (const { lot } of dips) if (lot) lots.set(lot.key, lot);
    const at = new Map<string, number>();
    const taken = new Set<number>();
    const hold = (key: string, slot: number) => {
      at.set(key, slot);
      taken.add(slot);
      this.slots[slot]!.usedAt = this.uses;
    };
    for (const key of lots.keys()) {
      const held = this.slots.findIndex((slot) => slot.key === key);
      if (held >= 0) hold(key, held);
    }
    const restarts: Restart[] = [];
    for (const [key, lot] of lots) {
      if (at.has(key)) continue;
      const slot = this.placeFor(lot, taken);
      if (slot < 0) continue;
      this.slots[slot]!.key = key;
      hold(key, slot);
      restarts.push({ row: firstLot + slot, known: { mean: 0, stdU: lot.stdU } });
    }
    const placed = dips.map((dip) => ({
      ...dip,
      slot: dip.lot ? (at.get(dip.lot.key) ?? -1) : -1,
    }));
    return { placed, restarts };
  }
}
