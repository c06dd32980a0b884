/** A cheese and how it wants to be treated. */
export interface Cheese {
  readonly id: number;
  readonly name: string;
  /** Days between two turns. */
  readonly turnEveryDays: number;
  readonly family: Family;
}

export enum Family {
  Washed = "washed",
  Blue = "blue",
  Hard = "hard",
  Bloomy = "bloomy",
}

/** A place on a rack, counted from the bottom left. */
export interface Slot {
  readonly rack: number;
  readonly row: number;
  readonly column: number;
}

export interface Wheel {
  readonly id: number;
  readonly cheese: Cheese;
  slot: Slot | null;
  turnedAt: Date;
  weightGrams: number;
}

export interface Rack {
  readonly id: number;
  readonly cave: string;
  readonly rows: number;
  readonly columns: number;
}

/** What the board asks the routes to do. */
export interface TurnOrder {
  readonly wheel: number;
  readonly by: string;
  readonly note?: string;
}

export interface TurnPlan {
  readonly slot: Slot;
  readonly dueAt: string;
}

export interface Reading {
  readonly probe: number;
  readonly celsius: number;
  readonly humidity: number;
  readonly at: string;
}

export type Listener<T> = (value: T) => void;
