import { byUrgency, daysLeft, isDue } from "./due";
import { calmly } from "./events";
import type { BoardStore, Trouble } from "./store";
import type { Rack, Wheel } from "./types";
import { cell, Painter } from "./paint";

/** The board: one row per rack, one cell per slot, a button on wheels that are due. */
export class TurningBoard {
  private readonly cells = new Map<number, HTMLElement>();
  private readonly repaint: (wheel: Wheel) => void;

  constructor(
    private readonly store: BoardStore,
    private readonly painter: Painter,
    private readonly who: string,
  ) {
    this.repaint = calmly((wheel: Wheel) => this.paintWheel(wheel), 50);
    store.changed.listen(this.repaint);
    store.trouble.listen((trouble) => this.showTrouble(trouble));
  }

  show(racks: Rack[], now: Date): void {
    for (const rack of racks) {
      const row = this.painter.row(rack);
      for (const wheel of this.store.wheelsOf(rack).sort(byUrgency(now))) {
        row.append(this.makeCell(wheel, now));
      }
    }
  }

  private makeCell(wheel: Wheel, now: Date): HTMLElement {
    const element = cell(wheel);
    if (isDue(wheel, now)) {
      element.append(this.makeButton(wheel));
    } else {
      element.title = `${daysLeft(wheel, now)} days left`;
    }
    this.cells.set(wheel.id, element);
    return element;
  }

  private makeButton(wheel: Wheel): HTMLButtonElement {
    const button = document.createElement("button");
    button.textContent = "turn";
    button.addEventListener("click", () => void this.onTurn(wheel));
    return button;
  }

  /** The button was pressed. */
  async onTurn(wheel: Wheel): Promise<void> {
    const turned = await this.store.turn(wheel, this.who);
    if (turned) {
      this.repaint(wheel);
    }
  }

  private paintWheel(wheel: Wheel): void {
    const old = this.cells.get(wheel.id);
    old?.replaceWith(this.makeCell(wheel, new Date()));
  }

  private showTrouble({ wheel, text }: Trouble): void {
    const element = wheel === null ? null : this.cells.get(wheel.id);
    this.painter.warn(element ?? null, text);
  }
}
