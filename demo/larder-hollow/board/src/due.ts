import type { Wheel } from "./types";

const DAY_MS = 24 * 60 * 60 * 1000;

/** When the wheel wants to be turned next. */
export function dueAt(wheel: Wheel): Date {
  return new Date(wheel.turnedAt.getTime() + wheel.cheese.turnEveryDays * DAY_MS);
}

export function isDue(wheel: Wheel, now: Date): boolean {
  return dueAt(wheel) <= now;
}

/** Days until the next turn, negative when overdue. */
export function daysLeft(wheel: Wheel, now: Date): number {
  return Math.floor((dueAt(wheel).getTime() - now.getTime()) / DAY_MS);
}

/** The most urgent first; among equals the lighter wheel. */
export function byUrgency(now: Date): (a: Wheel, b: Wheel) => number {
  return (a, b) => daysLeft(a, now) - daysLeft(b, now) || a.weightGrams - b.weightGrams;
}
