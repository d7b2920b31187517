declare module 'fft.js' {
  export default class FFT {
    constructor(size: number);
    createComplexArray(): number[];
    /** Of real numbers: the first half of the spectrum, real and imaginary parts in turn. */
    realTransform(out: ArrayLike<number>, data: ArrayLike<number>): void;
    inverseTransform(out: ArrayLike<number>, data: ArrayLike<number>): void;
  }
}
