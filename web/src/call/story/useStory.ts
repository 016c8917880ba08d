import { computed } from 'vue'
import { useSession } from '../../api/queries'
import type { Entry, Finding, Line, WayFound } from '../../api/types'
import { byId } from '../../judgement/byId'
import { findingText } from '../../judgement/wording'
import { useUnits } from '../../readings/useUnits'
import { lowerFirst, money } from '../../ui/text/format'
import { useCallContext } from '../context'
import { ABOUT, conditionText, DEBT, thingText } from '../job'

interface StoryLine {
  id: string
  at: number
  by: string
  what: string
  result: string
  undo: () => unknown
  /** What can be answered otherwise. */
  entry?: Entry
}

/** What has one of several answers. */
const ANSWERED: Finding['kind'][] = ['symptom-settled', 'fact-known', 'check-made', 'reading-taken']

const PLACE = { TRAY: 'on the tray', BACK: 'back in', LEFT_OUT: 'left out' }

/** All that was entered about a call, from top to bottom, each with the way to take it back. */
export function useStory() {
  const { call, pack, codes, actions } = useCallContext()
  const { data: session } = useSession()
  const units = useUnits()

  const line = ({ id, at, by, version, what: said }: Line, what: string, result: string): StoryLine => ({
    id,
    at,
    by,
    what,
    result,
    undo: () => actions.strike({ id, at, by, version, what: said }),
  })
  const station = (id: string) =>
    byId(
      pack.value.paths.flatMap((path) => path.stations),
      id,
    )?.name ?? id

  function wayText({ way, choice }: WayFound): [string, string] {
    const known = byId(pack.value.ways, way)
    return [known?.ask ?? way, byId(known?.choices ?? [], choice)?.name ?? choice]
  }

  function jobLines(): StoryLine[] {
    const { pieces, conditions, things, notes, debts, water, ways, lastLook, labour, signature } =
      call.value.job
    return [
      ...pieces.map((one) => line(one, one.what.name, PLACE[one.what.place])),
      ...conditions.map((one) => line(one, station(one.what.station), conditionText(one.what))),
      ...things.map((one) => line(one, `${one.what.count} × ${one.what.what}`, thingText(one.what))),
      ...notes.map((one) =>
        line(
          one,
          one.what.text,
          one.what.about === 'NOTE'
            ? ''
            : lowerFirst(ABOUT[one.what.about]) + (one.what.proved ? ', proved' : ''),
        ),
      ),
      ...debts.map((one) => line(one, DEBT[one.what.what], one.what.settled ? 'put back' : 'to put back')),
      ...water.map((one) => line(one, 'Water still in it', `${one.what.levelCm} cm`)),
      ...ways.map((one) => line(one, ...wayText(one.what))),
      ...lastLook.map((one) => line(one, 'Last look', `${one.what.looks.length} things`)),
      ...labour.map((one) => line(one, 'Labour charged', `${one.what.minutes} min`)),
      ...signature.map((one) => line(one, 'Signed by', one.what.name)),
    ]
  }

  function proofLines(): StoryLine[] {
    return call.value.job.proofs.map((one) => {
      const { runs, before, after, proof } = one.what
      const known = byId(pack.value.proofs, proof)!
      const reading = (value: number | undefined, when: string) =>
        value === undefined ? '' : `${units.reading(known.reading!, value)} ${when}`
      const seen = runs ? `seen ${runs} ×` : ''
      return line(
        one,
        known.name,
        [seen, reading(before, 'before'), reading(after, 'after')].filter(Boolean).join(', '),
      )
    })
  }

  return computed<StoryLine[]>(() =>
    [
      ...call.value.story.map((entry) => ({
        id: entry.id,
        at: entry.at,
        by: entry.by,
        ...findingText(entry.finding, pack.value, codes.value, call.value.find.readings[entry.id]?.says),
        undo: () => actions.takeBack(entry),
        entry: ANSWERED.includes(entry.finding.kind) ? entry : undefined,
      })),
      ...call.value.cautions.map((kept) => ({
        id: kept.id,
        at: kept.at,
        by: kept.by,
        what: byId(pack.value.cautions, kept.caution)?.done ?? kept.caution,
        result: '',
        undo: () => actions.unconfirm(kept.id),
      })),
      ...call.value.parts.map((use) => ({
        id: use.id,
        at: use.at,
        by: '',
        what: `${use.used} × ${use.number} ${use.name}`,
        result: session.value ? money(use.used * use.unitPrice, session.value.currency) : '',
        undo: () => actions.putBack(use.id),
      })),
      ...jobLines(),
      ...proofLines(),
    ].sort((a, b) => a.at - b.at),
  )
}
