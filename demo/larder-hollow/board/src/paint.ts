import { Family, Rack, Wheel } from "./types";

const SHADES: Record<Family, string> = {
  [Family.Washed]: "#c98a4b",
  [Family.Blue]: "#8fa3b8",
  [Family.Hard]: "#d9bf77",
  [Family.Bloomy]: "#efe9da",
};

/** Draws rows and warnings into one element. */
export class Painter {
  constructor(private readonly host: HTMLElement) {}

  row(rack: Rack): HTMLElement {
    const row = document.createElement("div");
    row.className = "rack";
    row.dataset.rack = String(rack.id);
    this.host.append(row);
    return row;
  }

  warn(near: HTMLElement | null, text: string): void {
    const note = document.createElement("p");
    note.className = "warning";
    note.textContent = text;
    (near ?? this.host).append(note);
  }

  clear(): void {
    this.host.replaceChildren();
  }
}

export function shadeOf(family: Family): string {
  return SHADES[family];
}

export function cell(wheel: Wheel): HTMLElement {
  const element = document.createElement("span");
  element.className = "wheel";
  element.textContent = wheel.cheese.name;
  element.style.background = shadeOf(wheel.cheese.family);
  return element;
}
