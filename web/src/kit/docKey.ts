const keys = new WeakMap<object, number>();
let next = 0;

/** A short key for a document in a query's key: documents never change, so the object itself tells which one it is. */
export function docKey(document: object): number {
  const known = keys.get(document);
  if (known !== undefined) return known;
  keys.set(document, ++next);
  return next;
}
