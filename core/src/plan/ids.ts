/** What an id may be: also a key of a plain object, so names that every object inherits are left out. */
export const ID_PATTERN =
  '^(?!(?:constructor|toString|toLocaleString|valueOf|hasOwnProperty|isPrototypeOf|propertyIsEnumerable|__[A-Za-z]+__)$)[A-Za-z0-9_-]{1,60}$';
