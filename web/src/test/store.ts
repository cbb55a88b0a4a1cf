import { vi } from 'vitest';

/** Puts an empty store in the place of the browser's; gives its contents. */
export function store(name: 'localStorage' | 'sessionStorage'): Map<string, string> {
  const kept = new Map<string, string>();
  vi.stubGlobal(name, {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => kept.set(key, value),
    removeItem: (key: string) => kept.delete(key),
  });
  return kept;
}
