import { beforeEach, expect, test, vi } from 'vitest'
import type { Call } from '../../api/types'
import { useStage } from './useStage'

const router = { push: vi.fn(), replace: vi.fn() }
vi.mock('vue-router', () => ({ useRoute: () => ({ hash: '' }), useRouter: () => router }))

const call = (id: string) => ({ head: { id }, ring: [], stands: 'CALL' }) as unknown as Call

beforeEach(() => vi.clearAllMocks())

test('who has gone on is not brought back to the call by an older answer', () => {
  let shown = call('one')
  const stage = useStage(() => shown)
  stage.stay('CALL')
  expect(router.replace).toHaveBeenCalledExactlyOnceWith({ hash: '#call' })
  stage.show()
  stage.stay('CALL')
  expect(router.replace).toHaveBeenCalledTimes(1)
  shown = call('two')
  stage.stay('CALL')
  expect(router.replace).toHaveBeenCalledTimes(2)
})
