/** A place in space, mm. */
export interface Point3 {
  x: number;
  y: number;
  z: number;
}

/**
 * Field of a straight lead from one place to another, G: mu0 I / (4 pi d) (cos a - cos b) (Biot and Savart).
 * @returns zero on the line of the lead itself
 */
export function segmentField_G(current_A: number, from: Point3, to: Point3, at: Point3): Point3 {
  const along = minus(to, from);
  const length = Math.hypot(along.x, along.y, along.z);
  const unit = { x: along.x / length, y: along.y / length, z: along.z / length };
  const seen = minus(at, from);
  const ahead = seen.x * unit.x + seen.y * unit.y + seen.z * unit.z;
  const off = {
    x: seen.x - ahead * unit.x,
    y: seen.y - ahead * unit.y,
    z: seen.z - ahead * unit.z,
  };
  const d = Math.hypot(off.x, off.y, off.z);
  if (d < 1e-9) return { x: 0, y: 0, z: 0 };
  const cosA = ahead / Math.hypot(ahead, d);
  const cosB = (ahead - length) / Math.hypot(ahead - length, d);
  // mu0 / 4 pi is 1 G mm/A.
  const strength = (current_A / d) * (cosA - cosB);
  const out = { x: off.x / d, y: off.y / d, z: off.z / d };
  return {
    x: strength * (unit.y * out.z - unit.z * out.y),
    y: strength * (unit.z * out.x - unit.x * out.z),
    z: strength * (unit.x * out.y - unit.y * out.x),
  };
}

const minus = (a: Point3, b: Point3): Point3 => ({ x: a.x - b.x, y: a.y - b.y, z: a.z - b.z });
