/** The header under which something happens once, however often it is sent. */
export const once = (key: string) => ({ 'Idempotency-Key': key })

/** A key nobody else has; also where the page is not served over HTTPS. */
export function newKey(): string {
  return Array.from(crypto.getRandomValues(new Uint8Array(16)), (byte) => byte.toString(16).padStart(2, '0')).join('')
}

/** Keys for one form: the same for the same, until told that it was done. */
export function useOnceKey(): (body: string | null) => string {
  let last: { body: string | null; key: string } = { body: null, key: newKey() }
  return (body) => {
    if (body === null || last.body !== body) last = { body, key: newKey() }
    return last.key
  }
}
