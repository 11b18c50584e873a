/** A value with a change on it: JSON Merge Patch, RFC 7396, section 2. Neither of them is changed. */
export function patched<T>(target: T, patch: unknown): T {
  return merged(target, patch) as T
}

type Fields = Record<string, unknown>

function merged(target: unknown, patch: unknown): unknown {
  if (!isObject(patch)) return patch
  const all = new Map(Object.entries(isObject(target) ? target : {}))
  for (const [name, value] of Object.entries(patch)) {
    if (value === null) all.delete(name)
    else all.set(name, merged(all.get(name), value))
  }
  return Object.fromEntries(all)
}

function isObject(value: unknown): value is Fields {
  return typeof value === 'object' && value !== null && !Array.isArray(value)
}
