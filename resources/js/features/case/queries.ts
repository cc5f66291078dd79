import { queryOptions } from '@tanstack/vue-query'
import { api, ApiError, orThrow, type Schemas } from '@/api/client'
import { once } from '@/api/once'

export const movesQuery = (lot: number) =>
  queryOptions({
    queryKey: ['case', 'moves', lot] as const,
    queryFn: async () => (await orThrow(api.GET('/case/lots/{lot}/moves', { params: { path: { lot } } }))).moves,
  })

/** Sends a file of lots. Rows that are refused come back by their number, whether the rest was taken or not. */
export async function importCase(file: File, isCsv: boolean, goodRows: boolean, key: string): Promise<Schemas['CaseImported']> {
  const { data, error, response } = await api.POST('/case/import', {
    params: { query: { good_rows: goodRows } },
    // The bytes of the file go as they are: what is no UTF-8 is for the server to see.
    body: file as never,
    bodySerializer: (body) => body as unknown as File,
    headers: { 'Content-Type': isCsv ? 'text/csv' : 'application/json', ...once(key) },
  })
  const answer: unknown = data ?? error
  if (answer !== null && typeof answer === 'object' && 'refused' in answer) return answer as Schemas['CaseImported']
  throw new ApiError(response.status, answer as Schemas['Problem'])
}
