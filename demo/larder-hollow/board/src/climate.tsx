import { LarderClient } from "./client";
import type { Reading } from "./types";

interface GaugeProps {
  label: string;
  value: number;
  unit: string;
}

function Gauge({ label, value, unit }: GaugeProps) {
  return (
    <div className="gauge">
      {label}: {value.toFixed(1)} {unit}
    </div>
  );
}

/** The mean of the latest readings. */
export function mean(readings: Reading[], pick: (reading: Reading) => number): number {
  if (readings.length === 0) {
    return Number.NaN;
  }
  return readings.map(pick).reduce((sum, value) => sum + value, 0) / readings.length;
}

export function Climate({ readings }: { readings: Reading[] }) {
  return (
    <section>
      <Gauge label="warmth" value={mean(readings, (r) => r.celsius)} unit="°C" />
      <Gauge label="damp" value={mean(readings, (r) => r.humidity)} unit="%" />
    </section>
  );
}

export async function loadClimate(client: LarderClient, cave: string) {
  const readings = await client.readings(cave);
  return <Climate readings={readings} />;
}
