import type { Rack, Reading, TurnOrder, TurnPlan, Wheel } from "./types";
import { parseWheel, WireWheel } from "./wire";

const BASE = "/api";

/** The routes answered, but not with what was asked for. */
export class RouteError extends Error {
  constructor(
    readonly status: number,
    readonly path: string,
    message: string,
  ) {
    super(`${path}: ${status} ${message}`);
  }

  get isConflict(): boolean {
    return this.status === 409;
  }
}

async function request<T>(method: string, path: string, body?: unknown): Promise<T> {
  const response = await fetch(`${BASE}${path}`, {
    method,
    headers: { "content-type": "application/json" },
    body: body === undefined ? undefined : JSON.stringify(body),
  });
  if (!response.ok) {
    throw new RouteError(response.status, path, await response.text());
  }
  return (await response.json()) as T;
}

export function get<T>(path: string): Promise<T> {
  return request<T>("GET", path);
}

export function post<T>(path: string, body: unknown): Promise<T> {
  return request<T>("POST", path, body);
}

/** Everything the board wants to know of the routes. */
export class LarderClient {
  async wheels(rack: Rack): Promise<Wheel[]> {
    const wire = await get<WireWheel[]>(`/racks/${rack.id}/wheels`);
    return wire.map(parseWheel);
  }

  racks(): Promise<Rack[]> {
    return get<Rack[]>("/racks");
  }

  readings(cave: string): Promise<Reading[]> {
    return get<Reading[]>(`/caves/${cave}/readings`);
  }

  turn(order: TurnOrder): Promise<TurnPlan> {
    return post<TurnPlan>(`/wheels/${order.wheel}/turn`, order);
  }

  async weigh(wheel: Wheel, grams: number): Promise<void> {
    await post(`/wheels/${wheel.id}/weight`, { grams });
    wheel.weightGrams = grams;
  }
}
