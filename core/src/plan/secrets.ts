/** What only its owner may see. It is known by the name of its property, in documents and patches of every format. */
import type { Patch } from './patches';

/**
 * By the name of its property: what a secret may be. `secretText`: a file of somebody else's that may hold passwords,
 * with line ends. `secretFiles`: files of somebody else's, zipped, in base64. None may hold what a database does not
 * take.
 */
const SECRETS: Readonly<Record<string, RegExp>> = {
  password: /^[^\u0000-\u001f\u007f\ud800-\udfff]{1,200}$/u,
  secretText: /^[^\u0000\ud800-\udfff]{1,200000}$/u,
  secretFiles: /^[A-Za-z0-9+/=]{1,3000000}$/,
};

/** Whether a text can be kept as the secret of that name; what cannot is left for the schema to refuse. */
export function fitsSecret(name: string, secret: string): boolean {
  return SECRETS[name]?.test(secret) === true;
}

/**
 * The same value with each secret that is not empty replaced; parts without one keep their identity. `key`: under which
 * the value stands.
 */
export function mapSecrets<T>(
  value: T,
  replace: (secret: string, name: string) => string,
  key: string | null = null,
): T {
  if (typeof value === 'string')
    return (key !== null && key in SECRETS && value !== '' ? replace(value, key) : value) as T;
  if (typeof value !== 'object' || value === null) return value;
  let changed = false;
  const mapped = Object.entries(value).map(([name, part]) => {
    const next: unknown = mapSecrets(part as unknown, replace, Array.isArray(value) ? null : name);
    changed ||= next !== part;
    return [name, next] as const;
  });
  if (!changed) return value;
  return (Array.isArray(value) ? mapped.map(([, part]) => part) : Object.fromEntries(mapped)) as T;
}

/** The same for patches, by the ends of their paths. */
export function mapPatchSecrets(patches: readonly Patch[], replace: (secret: string, name: string) => string): Patch[] {
  return patches.map((patch) => {
    if (patch.op === 'remove') return patch;
    const value = mapSecrets(patch.value, replace, patch.path.slice(patch.path.lastIndexOf('/') + 1));
    return value === patch.value ? patch : { ...patch, value };
  });
}
