/** Plain JSON that nobody may change in place; arrays and tuples stay what they are. */
export type DeepReadonly<T> = T extends object
  ? { readonly [Key in keyof T]: DeepReadonly<T[Key]> }
  : T;
