declare module 'perspective-transform' {
  /** A map of four points onto four others, each list x, y, x, y ... */
  export default function PerspT(
    from: readonly number[],
    onto: readonly number[],
  ): { transform(x: number, y: number): [number, number] };
}
