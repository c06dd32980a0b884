import { daysLeft, isDue } from "./due";
import { Family, Wheel } from "./types";

/** A test of wheels with words for the board. */
export interface Filter {
  readonly label: string;
  holds(wheel: Wheel, now: Date): boolean;
}

export class DueFilter implements Filter {
  readonly label = "due";

  holds(wheel: Wheel, now: Date): boolean {
    return isDue(wheel, now);
  }
}

/** Due within some days. */
export class SoonFilter implements Filter {
  readonly label: string;

  constructor(private readonly days: number) {
    this.label = `within ${days} days`;
  }

  holds(wheel: Wheel, now: Date): boolean {
    return daysLeft(wheel, now) <= this.days;
  }
}

export class FamilyFilter implements Filter {
  constructor(private readonly family: Family) {}

  get label(): string {
    return this.family;
  }

  holds(wheel: Wheel): boolean {
    return wheel.cheese.family === this.family;
  }
}

/** All of them at once; none at all holds for every wheel. */
export class AllOf implements Filter {
  constructor(private readonly parts: readonly Filter[]) {}

  get label(): string {
    return this.parts.map((part) => part.label).join(" and ");
  }

  holds(wheel: Wheel, now: Date): boolean {
    return this.parts.every((part) => part.holds(wheel, now));
  }
}

const FAMILIES: readonly Family[] = [Family.Washed, Family.Blue, Family.Hard, Family.Bloomy];

/** The filters the board offers. */
export function offered(): Filter[] {
  const families = FAMILIES.map((family) => new FamilyFilter(family));
  return [new DueFilter(), new SoonFilter(2), ...families];
}

export function* matching(wheels: Iterable<Wheel>, filter: Filter, now: Date): Generator<Wheel> {
  for (const wheel of wheels) {
    if (filter.holds(wheel, now)) {
      yield wheel;
    }
  }
}
