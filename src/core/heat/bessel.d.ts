declare module 'bessel' {
  /** Modified Bessel function of the second kind, order n, of x over nothing. */
  export function besselk(x: number, n: number): number;
}
