/** Temperature over a plate while and after beads are laid, °C. Filled by the transient solver when it comes. */
export interface HeatField {
  at(x_mm: number, y_mm: number, time_s: number): number;
}
