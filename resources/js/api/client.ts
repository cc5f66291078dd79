import createClient, { type Middleware } from 'openapi-fetch'
import type { components, paths } from './schema'

export type Schemas = components['schemas']

/** An error the server explained: its status, its stable reason, and every key that was wrong. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    readonly problem: Schemas['Problem'] | undefined,
  ) {
    super(problem?.detail ?? `HTTP ${status}`)
  }

  get violations(): Schemas['Violation'][] {
    return this.problem?.violations ?? []
  }
}

function cookie(name: string): string {
  const found = document.cookie.split('; ').find((pair) => pair.startsWith(`${name}=`))
  return found === undefined ? '' : decodeURIComponent(found.slice(name.length + 1))
}

const session: Middleware = {
  onRequest({ request }) {
    request.headers.set('Accept', 'application/json')
    if (request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', cookie('XSRF-TOKEN'))
    return request
  },
}

export const api = createClient<paths>({ baseUrl: '/api/v1', credentials: 'same-origin' })
api.use(session)

/** Turns { data, error } into a value or a thrown ApiError, as queries want it. */
export async function orThrow<T>(call: Promise<{ data?: T; error?: Schemas['Problem']; response: Response }>): Promise<T> {
  const { data, error, response } = await call
  if (data === undefined) throw new ApiError(response.status, error)
  return data
}

/** The same for calls that answer with nothing. */
export async function orThrowEmpty(call: Promise<{ error?: Schemas['Problem']; response: Response }>): Promise<void> {
  const { error, response } = await call
  if (!response.ok) throw new ApiError(response.status, error)
}
