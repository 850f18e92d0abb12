/** An object whose parts are made when they are first read, each at most once; then they are plain properties. */
export function lazily<T extends object>(makers: { readonly [Name in keyof T]: () => T[Name] }): T {
  const parts = {};
  for (const name of Object.keys(makers) as (keyof T)[]) {
    Object.defineProperty(parts, name, {
      get: () => {
        const value = makers[name]();
        Object.defineProperty(parts, name, { value, enumerable: true });
        return value;
      },
      enumerable: true,
      configurable: true,
    });
  }
  return parts as T;
}
