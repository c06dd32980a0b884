import { Cheese, Family, Slot, Wheel } from "./types";

/** A wheel as it travels. */
export interface WireWheel {
  id: number;
  cheese: { id: number; name: string; turn_every_days: number; family: string };
  slot: [number, number, number] | null;
  turned_at: string;
  weight_grams: number;
}

export function parseWheel(wire: WireWheel): Wheel {
  return {
    id: wire.id,
    cheese: parseCheese(wire.cheese),
    slot: wire.slot === null ? null : parseSlot(wire.slot),
    turnedAt: new Date(wire.turned_at),
    weightGrams: wire.weight_grams,
  };
}

function parseCheese(wire: WireWheel["cheese"]): Cheese {
  return { id: wire.id, name: wire.name, turnEveryDays: wire.turn_every_days, family: parseFamily(wire.family) };
}

function parseSlot([rack, row, column]: [number, number, number]): Slot {
  return { rack, row, column };
}

export function parseFamily(word: string): Family {
  switch (word) {
    case "washed":
      return Family.Washed;
    case "blue":
      return Family.Blue;
    case "hard":
      return Family.Hard;
    default:
      return Family.Bloomy;
  }
}
