import type { Listener } from "./types";

/** A list of listeners that are told in the order they came. */
export class Signal<T> {
  private readonly listeners = new Set<Listener<T>>();

  /** Adds a listener; calling the result takes it away again. */
  listen(listener: Listener<T>): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  emit(value: T): void {
    for (const listener of [...this.listeners]) {
      listener(value);
    }
  }

  get size(): number {
    return this.listeners.size;
  }
}

/** Calls `work` at most once per `waitMs`, with the latest arguments. */
export function calmly<A extends unknown[]>(work: (...args: A) => void, waitMs: number): (...args: A) => void {
  let timer: ReturnType<typeof setTimeout> | null = null;
  let latest: A;
  return (...args: A) => {
    latest = args;
    if (timer !== null) {
      return;
    }
    timer = setTimeout(() => {
      timer = null;
      work(...latest);
    }, waitMs);
  };
}
