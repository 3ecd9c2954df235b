import type { Plan } from '../api/client';

/** An edit is a pure function of documents; what it does not touch keeps its identity. */
export type Edit = (plan: Plan) => Plan;

export const replaced = <T>(list: readonly T[], is: (each: T) => boolean, change: (each: T) => T): T[] =>
  list.map((each) => (is(each) ? change(each) : each));

/** A field set, or taken out where there is no value. */
export function withField<T extends object>(document: T, field: string, value: unknown): T {
  if (value !== undefined) {
    return { ...document, [field]: value };
  }
  const { [field as keyof T]: _, ...rest } = document;
  return rest as T;
}
