/** In every platform that the core runs on (HTML standard, Node), but in no language library of TypeScript. */
declare function structuredClone<T>(value: T): T;
