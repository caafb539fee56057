/** Where the strands of a round bundle lie across, and the radius of the circle round them all. */
export interface Bundle {
  readonly places: readonly (readonly [x: number, z: number])[];
  readonly radius: number;
}

/**
 * So many equal strands packed round: up to six in a ring, seven with one in the middle, more in rings of that packing.
 * The smallest circle round n ≤ 6 equal circles in a ring is (1 + 1 ÷ sin(π ÷ n)) ÷ 2 diameters in radius (for one, half).
 *
 * @param diameter of a strand, in any unit; the answer is in the same
 *
 * @example
 * bundle(1, 2) // { places: [[0, 0]], radius: 1 }
 */
export function bundle(strands: number, diameter: number): Bundle {
  if (strands <= 1) return { places: [[0, 0]], radius: diameter / 2 };
  const middle = strands >= 7 ? 1 : 0;
  const ring = Math.min(strands - middle, Math.max(6, strands - middle));
  const reach = Math.max(middle * diameter, diameter / (2 * Math.sin(Math.PI / ring)));
  const places = Array.from({ length: ring }, (_, i): [number, number] => {
    const t = (2 * Math.PI * i) / ring;
    return [reach * Math.sin(t), reach * Math.cos(t)];
  });
  return { places: middle ? [[0, 0], ...places] : places, radius: reach + diameter / 2 };
}
