import type { components } from './schema'

type Schemas = components['schemas']

export type Assessment = Schemas['Assessment']
export type Business = Schemas['Business']
export type Call = Schemas['CallView']
export type Caution = Schemas['Caution']
export type Change = Schemas['Change']
export type Check = Schemas['Check']
export type Code = Schemas['Code']
export type Condition = Schemas['Condition']
export type Debt = Schemas['Debt']
export type Draft = Schemas['DraftView']
export type Entry = Schemas['Entry']
export type Fact = Schemas['Fact']
export type Fault = Schemas['Fault']
export type Feature = Schemas['Feature']
export type Gauge = Schemas['GaugeView']
export type GaugeInput = Schemas['InputView']
export type Found = Schemas['Found']
export type Heard = Schemas['Heard']
export type Hit = Schemas['Hit']
export type Home = Schemas['Home']
export type Import = Schemas['Import']
export type Inspection = Schemas['Inspection']
export type Instruction = Schemas['Instruction']
export type Judgement = Schemas['JudgementView']
export type Knowhow = Schemas['KnowhowView']
export type Laid = Schemas['Laid']
export type Layer = Schemas['Layer']
export type Machine = Schemas['Machine']
export type NewCall = Schemas['NewCall']
export type Note = Schemas['Note']
export type Outcome = Schemas['Outcome']
export type Pack = Schemas['Pack']
export type PartUse = Schemas['PartUse']
export type PathState = Schemas['PathState']
export type Picture = Schemas['PictureView']
export type Piece = Schemas['Piece']
export type PracticeMeter = Schemas['PracticeMeter']
export type Proof = Schemas['Proof']
export type ProofRun = Schemas['ProofRun']
export type Quantity = GaugeInput['quantity']
export type Rating = NonNullable<GaugeInput['rating']>
export type Reading = Schemas['Reading']
export type Remedy = Schemas['Remedy']
export type Report = Schemas['Report']
export type Revision = Schemas['Revision']
export type Round = Schemas['Round']
export type RoundCall = Schemas['RoundCall']
export type SchoolSetting = Schemas['SchoolSetting']
export type Screws = Schemas['Screws']
export type Series = Schemas['Read']
export type Session = Schemas['Session']
export type Sign = Schemas['Sign']
export type Stage = Call['stands']
export type Step = Schemas['Step']
export type Supposed = Schemas['Supposed']
export type Supposition = Schemas['Supposition']
export type Suspect = Schemas['Suspect']
export type Typed = Schemas['Typed']
export type Turn = Schemas['Turn']
export type UpkeepTask = Schemas['Task']
export type Verdict = Judgement['verdict']
export type WaterLeft = Schemas['WaterLeft']

export type Written = Schemas['Written']

/** The kinds of lines of a job sheet, with what they say. */
export interface Job {
  pieces: Laid
  conditions: Condition
  debts: Debt
  things: Found
  notes: Note
  proofs: ProofRun
  water: WaterLeft
}
/** A line of the job sheet, as far as it takes to change it. */
export type Line<T = unknown> = { id: string; version: number; at: string; by: string; what: T }
