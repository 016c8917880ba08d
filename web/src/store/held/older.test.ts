import 'fake-indexeddb/auto'
import { openDB } from 'idb'
import { expect, test } from 'vitest'
import { storage } from '../storage'

test('what waits from before a new version is sent in its form, photo and all', async () => {
  const before = await openDB('grimy-gasket', 1, {
    upgrade(db) {
      db.createObjectStore('calls')
      db.createObjectStore('knowhow')
      db.createObjectStore('outbox', { keyPath: 'place' })
      db.createObjectStore('nextDays')
    },
  })
  const typed = { text: '4.2', spread: 0.2 }
  await before.put('outbox', { place: 7, account: 'maren', command: { id: 'a', change: { typed } } })
  await before.put('outbox', { place: 8, account: 'maren', command: { id: 'b' }, picture: new Blob(['p']) })
  const told = { kind: 'sign-settled', sign: 'smell' }
  await before.put('outbox', { place: 9, account: 'maren', command: { id: 'c', change: { finding: told } } })
  const cautions = [{ id: 'cuts', title: 'Cuts' }]
  const proofs = [{ id: 'drains' }]
  const pack = { signs: [{ id: 'smell' }], cautions, proofs, checks: [{ id: 'look', cautions: ['cuts'] }] }
  await before.put('knowhow', JSON.stringify({ pack }), 'dryer/1')
  const note = 'they wrote "spread": wide, "sign": none'
  await before.put('calls', { call: { story: [{ reading: { value: 4.2, spread: 0.2 } }], note } }, 'call')
  await before.put(
    'nextDays',
    { kinds: [{ kind: 'dryer', circumstances: { shelf: [{ id: 'belt' }] } }] },
    'now',
  )
  before.close()

  const now = await storage()
  expect(await now.getAll('outbox')).toMatchObject([
    {
      place: 7,
      account: 'maren',
      command: { id: 'a', change: { typed: { text: '4.2', standardUncertainty: 0.2 } } },
    },
    { place: 8, command: { id: 'b' }, picture: {} },
    { place: 9, command: { change: { finding: { kind: 'symptom-settled', symptom: 'smell' } } } },
  ])
  expect(await now.get('calls', 'call')).toEqual({
    call: { story: [{ reading: { value: 4.2, standardUncertainty: 0.2 } }], note },
  })
  expect(JSON.parse((await now.get('knowhow', 'dryer/1'))!)).toEqual({
    pack: {
      symptoms: [{ id: 'smell' }],
      cautions: [{ id: 'cuts', title: 'Cuts', done: 'Done: cuts' }],
      proofs: [{ id: 'drains', inPlace: [] }],
      checks: [{ id: 'look', cautions: ['cuts'] }],
    },
  })
  expect((await now.get('nextDays', 'now'))?.kinds[0]?.shelf).toEqual([{ part: { id: 'belt' } }])
})
