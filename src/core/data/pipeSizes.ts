/** A pipe by its nominal size: outside and walls by schedule, mm. */
export interface PipeSize {
  outside_mm: number;
  wall_mm: Readonly<Record<PipeSchedule, number>>;
}

export const PIPE_SCHEDULES = ['10', '40', '80'] as const;
export type PipeSchedule = (typeof PIPE_SCHEDULES)[number];

const pipe = (outside_mm: number, ten: number, forty: number, eighty: number): PipeSize => ({
  outside_mm,
  wall_mm: { '10': ten, '40': forty, '80': eighty },
});

/** By nominal inches: ASME B36.10M, schedule 10 as 10S of B36.19M; from memory. */
export const PIPE_SIZES: readonly (readonly [inches: number, size: PipeSize])[] = [
  [0.5, pipe(21.3, 2.11, 2.77, 3.73)],
  [0.75, pipe(26.7, 2.11, 2.87, 3.91)],
  [1, pipe(33.4, 2.77, 3.38, 4.55)],
  [1.25, pipe(42.2, 2.77, 3.56, 4.85)],
  [1.5, pipe(48.3, 2.77, 3.68, 5.08)],
  [2, pipe(60.3, 2.77, 3.91, 5.54)],
  [2.5, pipe(73, 3.05, 5.16, 7.01)],
  [3, pipe(88.9, 3.05, 5.49, 7.62)],
  [3.5, pipe(101.6, 3.05, 5.74, 8.08)],
  [4, pipe(114.3, 3.05, 6.02, 8.56)],
  [5, pipe(141.3, 3.4, 6.55, 9.53)],
  [6, pipe(168.3, 3.4, 7.11, 10.97)],
  [8, pipe(219.1, 3.76, 8.18, 12.7)],
  [10, pipe(273, 4.19, 9.27, 15.09)],
  [12, pipe(323.8, 4.57, 10.31, 17.48)],
];
