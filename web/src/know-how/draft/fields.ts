import { COMPETENCES } from '../../judgement/competences'
import type { Draft } from '../../api/types'
import { namesOf, stationsOf, type Named, type Section } from './sections'

/** How a member of a piece is entered. A number is shown times its scale; a member that is optional may be empty. */
export type Field = { member: string; label: string; hint?: string; optional?: true } & (
  | { kind: 'text' | 'lines' | 'steps' | 'outcomes' | 'yes' }
  | { kind: 'number'; scale: number; unit: string; least: number; most: number }
  | { kind: 'choice' | 'choices' | 'chances'; from: (draft: Draft) => Named[] }
)

const from = (list: string) => (draft: Draft) => namesOf(draft, list)

const POWER: Named[] = [
  { id: 'LIVE', name: 'power' },
  { id: 'DEAD', name: 'no power' },
  { id: 'EITHER', name: 'either' },
]
const KNOWN: Named[] = [
  { id: 'SEEN', name: 'seen with one’s own eyes' },
  { id: 'MEASURED', name: 'measured' },
  { id: 'FELT', name: 'felt by hand' },
  { id: 'HEARD', name: 'heard' },
  { id: 'TOLD', name: 'told' },
]

const HAZARDS: Named[] = [
  { id: 'BATTERY', name: 'battery' },
  { id: 'POWER', name: 'electric power' },
  { id: 'STORED', name: 'stored energy: charge, springs, pressure' },
  { id: 'GAS', name: 'gas' },
  { id: 'WATER', name: 'water' },
  { id: 'RESIDUAL_WATER', name: 'water left in the machine' },
  { id: 'HEAT', name: 'heat' },
  { id: 'FIRE', name: 'fire' },
  { id: 'CUTS', name: 'cuts' },
  { id: 'MOVING', name: 'moving parts' },
  { id: 'FALL', name: 'a fall' },
  { id: 'LIFTING', name: 'lifting' },
  { id: 'CHEMICALS', name: 'chemicals' },
  { id: 'HYGIENE', name: 'hygiene' },
  { id: 'OTHER', name: 'another' },
]

const name: Field = { member: 'name', label: 'Name', kind: 'text' }
const minutes: Field = {
  member: 'minutes',
  label: 'Minutes of work',
  kind: 'number',
  scale: 1,
  unit: 'min',
  least: 0,
  most: 600,
}
const words: Field = {
  member: 'words',
  label: 'Other words for it',
  hint: 'What customers and other trades call it; one a line. The search and the complaint go by them.',
  kind: 'lines',
  optional: true,
}
const steps: Field = { member: 'steps', label: 'Steps', hint: 'From the gentlest means up.', kind: 'steps' }
const tools: Field = {
  member: 'tools',
  label: 'Tools',
  hint: 'One a line. Drivers for what comes off on the way there are added by themselves.',
  kind: 'lines',
}
const layer: Field = {
  member: 'layer',
  label: 'To be opened for it',
  kind: 'choice',
  from: from('layers'),
  optional: true,
}
const cautions: Field = {
  member: 'cautions',
  label: 'What can hurt',
  kind: 'choices',
  from: from('cautions'),
  optional: true,
}
const after: Field = {
  member: 'after',
  label: 'Only after a look at',
  kind: 'choices',
  from: from('checks'),
  optional: true,
}

const power: Field = {
  member: 'power',
  label: 'The machine has',
  hint: 'Behind a cover that exposes something it has none.',
  kind: 'choice',
  from: () => POWER,
}

const competence: Field = {
  member: 'competence',
  label: 'Only for somebody qualified for',
  hint: 'Whoever is not hands it on.',
  kind: 'choice',
  from: () => Object.entries(COMPETENCES).map(([id, name]) => ({ id, name })),
  optional: true,
}

export const FIELDS: Record<Section, Field[]> = {
  faults: [
    name,
    {
      member: 'rate',
      label: 'How often',
      hint: 'Of 10 000 machines that worked before, so many have come to have it by the day of a call.',
      kind: 'number',
      scale: 10_000,
      unit: 'of 10 000',
      least: 0.1,
      most: 5000,
    },
    { member: 'at', label: 'Where on its paths', kind: 'choices', from: stationsOf },
    {
      member: 'blocks',
      label: 'How much of the flow it takes',
      kind: 'number',
      scale: 100,
      unit: '%',
      least: 0,
      most: 100,
    },
    {
      member: 'danger',
      label: 'If it can hurt: the caution',
      kind: 'choice',
      from: from('cautions'),
      optional: true,
    },
    {
      member: 'broughtBy',
      label: 'Brought about by',
      hint: 'Of machines with that other fault, so many come to have this one.',
      kind: 'chances',
      from: from('faults'),
      optional: true,
    },
    words,
  ],
  symptoms: [
    name,
    { member: 'ask', label: 'The question', kind: 'text' },
    minutes,
    { member: 'complaint', label: 'Customers call because of it', kind: 'yes', optional: true },
    {
      member: 'causes',
      label: 'Shown by',
      hint: 'Of machines with that fault, so many show the symptom.',
      kind: 'chances',
      from: from('faults'),
    },
    {
      member: 'leak',
      label: 'Seen without any of them',
      kind: 'number',
      scale: 100,
      unit: '%',
      least: 0.01,
      most: 99,
    },
    words,
  ],
  checks: [
    name,
    minutes,
    { member: 'known', label: 'Its answer is', kind: 'choice', from: () => KNOWN },
    layer,
    steps,
    tools,
    cautions,
    {
      member: 'outcomes',
      label: 'Answers',
      hint: 'In order: the first whose faults are there is seen, the last when none is.',
      kind: 'outcomes',
    },
    after,
    power,
    competence,
    {
      member: 'mayBeOff',
      label: 'With power, these may be open',
      hint: 'Everything else that exposes something is closed first.',
      kind: 'choices',
      from: from('layers'),
      optional: true,
    },
  ],
  remedies: [
    name,
    minutes,
    {
      member: 'cures',
      label: 'Cures',
      hint: 'Of machines with that fault alone, so many work afterwards.',
      kind: 'chances',
      from: from('faults'),
    },
    layer,
    steps,
    tools,
    { member: 'parts', label: 'Parts', kind: 'choices', from: from('parts'), optional: true },
    cautions,
    after,
    power,
    competence,
    { member: 'proof', label: 'Proved by', kind: 'choice', from: from('proofs') },
  ],
  parts: [
    name,
    {
      member: 'price',
      label: 'Usual price',
      hint: 'Where the catalogue has none: estimate.',
      kind: 'number',
      scale: 1,
      unit: '',
      least: 0,
      most: 10_000,
      optional: true,
    },
    { member: 'serial', label: 'Its serial number is noted', kind: 'yes', optional: true },
  ],
  cautions: [
    { member: 'title', label: 'Title', kind: 'text' },
    { member: 'hazard', label: 'The hazard', kind: 'choice', from: () => HAZARDS },
    { member: 'text', label: 'What to do against it', kind: 'text' },
    { member: 'done', label: 'What whoever has done it says', kind: 'text', optional: true },
  ],
}

/** What a new piece begins with. */
export const BLANK: Record<Section, Record<string, unknown>> = {
  faults: { at: [], blocks: 0, rate: 0.0012 },
  symptoms: { minutes: 1, leak: 0.01 },
  checks: {
    minutes: 2,
    known: 'SEEN',
    tools: [],
    outcomes: [
      { id: 'found', name: '' },
      { id: 'fine', name: '' },
    ],
  },
  remedies: { minutes: 10, tools: [] },
  parts: {},
  cautions: {},
}

const isEmpty = (value: unknown) =>
  value === '' ||
  value === false ||
  (Array.isArray(value) && !value.length) ||
  (typeof value === 'object' && value !== null && !Object.keys(value).length)

/** What is sent of what was entered: an optional member that is empty is taken out. */
export const toSend = (section: Section, entered: Record<string, unknown>) =>
  Object.fromEntries(
    Object.entries(entered).map(([member, value]) => {
      const optional = FIELDS[section].find((field) => field.member === member)?.optional
      return [member, value === undefined || (optional && isEmpty(value)) ? null : value]
    }),
  )
