/** The outcome of reading something a person or a file said: a value, or a message that says what to say instead. */
export type Result<T> = { ok: true; value: T } | { ok: false; message: string };

export const ok = <T>(value: T): Result<T> => ({ ok: true, value });
export const refuse = (message: string): Result<never> => ({ ok: false, message });
