/** A setting and who set it. */
export interface Choice<T> {
  value: T;
  by: 'you' | 'app';
  why: string;
}
