declare module 'fft.js' {
  export default class FFT {
    constructor(size: number);
    createComplexArray(): number[];
    inverseTransform(out: ArrayLike<number>, data: ArrayLike<number>): void;
  }
}
