import type { components } from './schema'

type Schemas = components['schemas']

export type Call = Schemas['CallView']
export type Entry = Schemas['Entry']
export type NewCall = Schemas['NewCall']
export type Machine = Schemas['Machine']
export type Home = Schemas['Home']
export type Knowhow = Schemas['Knowhow']
export type Pack = Schemas['Pack']
export type Step = Schemas['Step']
export type Suspect = Schemas['Suspect']
export type PathState = Schemas['PathState']
export type Round = Schemas['Round']
export type RoundCall = Schemas['RoundCall']
export type Session = Schemas['Session']
