import { LarderClient } from "./client";
import { Painter } from "./paint";
import { BoardStore } from "./store";
import { TurningBoard } from "./turn";

/** Starts the board in the element with the id `board`. */
export async function main(): Promise<void> {
  const host = document.getElementById("board");
  if (host === null) {
    throw new Error("there is no element called board");
  }
  const store = new BoardStore(new LarderClient());
  const painter = new Painter(host);
  const board = new TurningBoard(store, painter, host.dataset.keeper ?? "unknown");
  try {
    board.show(await store.load(), new Date());
  } catch (error) {
    painter.warn(null, String(error));
  }
}

void main();
