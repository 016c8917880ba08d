import { useMutation } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api } from '../../api/client'
import { queryClient } from '../../api/queryClient'
import type { Draft } from '../../api/types'
import type { Section } from './sections'

/** What can be done to the draft of a kind's know-how; each answers with the draft as it then is. */
export function useDraftActions(kind: string) {
  const path = { kind }

  function show(draft: Draft) {
    queryClient.setQueryData(['draft', kind], draft)
    void queryClient.invalidateQueries({ queryKey: ['draft-cases', kind] })
    void queryClient.invalidateQueries({ queryKey: ['draft-consequence', kind] })
  }
  function changing<T>(request: (what: T) => Promise<Draft>) {
    return useMutation({ mutationFn: request, onSuccess: show })
  }

  const put = changing(
    (edit: { section: Section | 'families'; id: string; members: Record<string, unknown> }) =>
      answer(() =>
        api.PUT('/api/know-how/{kind}/draft/{section}/{piece}', {
          params: { path: { kind, section: edit.section, piece: edit.id } },
          body: edit.members as Record<string, never>,
        }),
      ),
  )
  const takeOut = changing((piece: { section: Section; id: string }) =>
    answer(() =>
      api.DELETE('/api/know-how/{kind}/draft/{section}/{piece}', {
        params: { path: { kind, section: piece.section, piece: piece.id } },
      }),
    ),
  )
  const takeBack = changing((number: number) =>
    answer(() =>
      api.DELETE('/api/know-how/{kind}/draft/edits/{number}', { params: { path: { kind, number } } }),
    ),
  )
  const forget = changing(() => answer(() => api.DELETE('/api/know-how/{kind}/draft', { params: { path } })))
  const use = useMutation({
    mutationFn: (body: { note: string; alone: boolean }) =>
      answer(() => api.POST('/api/know-how/{kind}/draft/use', { params: { path }, body })),
    onSuccess: () => queryClient.invalidateQueries(),
  })

  const all = [put, takeOut, takeBack, forget, use]
  return {
    put,
    takeOut,
    takeBack,
    forget,
    use,
    problem: computed(() => all.map((one) => one.error.value).find((one) => one)),
    dismiss: () => all.forEach((one) => one.reset()),
  }
}
