import { LarderClient, RouteError } from "./client";
import { Signal } from "./events";
import type { Rack, TurnOrder, Wheel } from "./types";

/** What went wrong, in words for the board. */
export interface Trouble {
  readonly wheel: Wheel | null;
  readonly text: string;
}

/** Wheels and racks as the board shows them. */
export class BoardStore {
  readonly changed = new Signal<Wheel>();
  readonly trouble = new Signal<Trouble>();
  private readonly byRack = new Map<number, Wheel[]>();
  private racks: Rack[] = [];

  constructor(private readonly client: LarderClient) {}

  async load(): Promise<Rack[]> {
    this.racks = await this.client.racks();
    for (const rack of this.racks) {
      this.byRack.set(rack.id, await this.client.wheels(rack));
    }
    return this.racks;
  }

  wheelsOf(rack: Rack): Wheel[] {
    return this.byRack.get(rack.id) ?? [];
  }

  findRack(id: number): Rack | undefined {
    return this.racks.find((rack) => rack.id === id);
  }

  /** Turns a wheel; on a conflict the wheel stays as it was. */
  async turn(wheel: Wheel, by: string): Promise<boolean> {
    const order: TurnOrder = { wheel: wheel.id, by };
    try {
      const plan = await this.client.turn(order);
      wheel.slot = plan.slot;
      this.touch(wheel);
      return true;
    } catch (error) {
      this.complain(wheel, error);
      return false;
    }
  }

  private touch(wheel: Wheel): void {
    wheel.turnedAt = new Date();
    this.changed.emit(wheel);
  }

  private complain(wheel: Wheel, error: unknown): void {
    const text = error instanceof RouteError && error.isConflict ? "the rack is full" : String(error);
    this.trouble.emit({ wheel, text });
  }
}
