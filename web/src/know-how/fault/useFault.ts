import { computed, type Ref } from 'vue'
import type { Knowhow } from '../../api/types'
import { byId } from '../../judgement/byId'

const concerns = (causes: Record<string, number>, fault: string) => fault in causes

/** All that the know-how says about one fault. */
export function useFault(knowhow: Ref<Knowhow>, id: Ref<string>) {
  const pack = computed(() => knowhow.value.pack)
  const fault = computed(() => byId(pack.value.faults, id.value))

  const symptoms = computed(() =>
    pack.value.symptoms
      .filter((symptom) => concerns(symptom.causes, id.value))
      .map((symptom) => ({ ...symptom, strength: symptom.causes[id.value]! }))
      .sort((a, b) => b.strength - a.strength),
  )
  return {
    pack,
    fault,
    symptoms,
    /** What brings it about, and what it brings about, each with the chance that it does. */
    causes: computed(() =>
      Object.entries(fault.value?.broughtBy ?? {}).map(([id, chance]) => ({
        id,
        chance,
        name: byId(pack.value.faults, id)!.name,
      })),
    ),
    consequences: computed(() =>
      pack.value.faults
        .filter((other) => concerns(other.broughtBy, id.value))
        .map((other) => ({ id: other.id, name: other.name, chance: other.broughtBy[id.value]! })),
    ),
    stations: computed(() =>
      pack.value.paths.flatMap((path) =>
        path.stations
          .filter((station) => fault.value?.at.includes(station.id))
          .map((station) => ({ ...station, path: path.name })),
      ),
    ),
    codes: computed(() => {
      const shown = new Set(symptoms.value.map((symptom) => symptom.id))
      return knowhow.value.codes.filter(
        (code) =>
          concerns(code.faults, id.value) || Object.keys(code.symptoms).some((symptom) => shown.has(symptom)),
      )
    }),
    shifts: computed(() =>
      pack.value.facts.flatMap((fact) =>
        fact.choices
          .filter((choice) => concerns(choice.shifts, id.value))
          .map((choice) => ({
            id: `${fact.id}.${choice.id}`,
            text: `${fact.name}: ${choice.name}`,
            times: choice.shifts[id.value]!,
          })),
      ),
    ),
    checks: computed(() =>
      pack.value.checks.flatMap((check) => {
        const outcomes = check.outcomes.filter((outcome) => concerns(outcome.causes, id.value))
        const shows = outcomes.map((outcome) => ({ name: outcome.name, strength: outcome.causes[id.value]! }))
        return outcomes.length ? [{ ...check, shows }] : []
      }),
    ),
    /** From the gentlest up, as the pack lists them. */
    remedies: computed(() =>
      pack.value.remedies
        .filter((remedy) => concerns(remedy.cures, id.value))
        .map((remedy) => ({ ...remedy, chance: remedy.cures[id.value]! })),
    ),
    habits: computed(() => pack.value.habits.filter((habit) => habit.faults.includes(id.value))),
    cadences: computed(() => pack.value.cadences.filter((cadence) => cadence.faults.includes(id.value))),
  }
}
