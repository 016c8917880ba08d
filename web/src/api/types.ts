import type { components } from './schema'

type Schemas = components['schemas']

export type Article = Schemas['Article']
export type Assessment = Schemas['Assessment']
export type Business = Schemas['Business']
export type Logo = Schemas['Logo']
/** All that the screen of a call shows: what follows from it, and what is told of it besides. */
export type Call = CallState &
  Omit<HeldCall, 'call' | 'knowhow' | 'circumstances' | 'digest'> &
  Pick<Circumstances, 'shelf'>
export type CallState = Schemas['CallState']
export type Circumstances = Schemas['Circumstances']
export type Change = Schemas['PieceChange']
export type Check = Schemas['Check']
export type Code = Schemas['Code']
export type Colleague = Schemas['Colleague']
export type Competence = Qualification['competence']
export type Condition = Schemas['Condition']
export type Customer = Schemas['Customer']
export type Address = Schemas['Address']
export type AddressData = Schemas['AddressData']
export type CustomerData = Schemas['CustomerData']
export type CustomerFile = Schemas['CustomerFile']
export type DueMachine = Schemas['DueMachine']
export type Debt = Schemas['Debt']
export type Device = Schemas['DeviceView']
export type Passkey = Schemas['Passkey']
export type Draft = Schemas['DraftView']
export type Command = Schemas['Command']
export type Happening = Schemas['Happening']
export type Trace = Schemas['Trace']
export type Taken = Schemas['Taken']
export type Entry = Schemas['Entry']
export type CallChange = Schemas['Change']
export type Fact = Schemas['Fact']
export type Fault = Schemas['Fault']
export type Feature = Schemas['Feature']
export type Gauge = Schemas['GaugeView']
export type GaugeInput = Schemas['InputView']
export type Finding = Schemas['Finding']
export type Found = Schemas['Found']
export type HeldCall = Schemas['HeldCall']
export type Heard = Schemas['Heard']
export type Hit = Schemas['Hit']
export type Home = Schemas['Home']
export type Import = Schemas['Import']
export type Inspection = Schemas['Inspection']
export type Instruction = Schemas['Instruction']
export type Judgement = Schemas['JudgementView']
export type Knowhow = Schemas['KnowhowView']
export type JobLine = Schemas['JobLine']
export type LearntOfModel = Schemas['LearntOfModel']
export type Learner = Schemas['Learner']
export type WayFound = Schemas['WayFound']
export type WayOpen = Schemas['WayOpen']
export type Laid = Schemas['Laid']
export type Layer = Schemas['Layer']
export type Machine = Schemas['CallMachine']
export type Curve = Schemas['Curve']
export type Imported = Schemas['Imported']
/** Who asks the core, where and when. */
export interface Asker {
  viewer: { rank: Person['rank']; units: Session['units'] }
  now: number
  clocks: Session['clocks']['changes']
}
/** What a new call about a kind of machine is held against, the parts with it. */
export type NewOfKind = Omit<Schemas['NewOfKind'], 'shelf'> & Required<Pick<Schemas['NewOfKind'], 'shelf'>>
export type NextDays = Omit<Schemas['NextDays'], 'kinds'> & { kinds: NewOfKind[] }
export type Note = Schemas['Note']
export type Pack = Schemas['Pack']
export type PartUse = Schemas['PartUse']
export type Plate = Schemas['Plate']
export type PathState = Schemas['PathState']
/** Who makes a command. */
export interface Person {
  account: string
  name: string
  rank: 'TECHNICIAN' | 'LEAD'
}
export type Picture = Schemas['PictureView']
export type Piece = Schemas['Piece']
export type PracticeMeter = Schemas['PracticeMeter']
export type Proof = Schemas['Proof']
export type ProofRun = Schemas['ProofRun']
export type Qualification = Schemas['Qualification']
export type Quantity = GaugeInput['quantity']
export type Rating = NonNullable<GaugeInput['rating']>
export type Reading = Schemas['Reading']
export type RecordOfCall = Schemas['Call']
/** Why a command is not taken, as the core says. */
export interface Refusal {
  kind: 'CLOSED' | 'LICENSED' | 'GAPS' | 'STALE' | 'NOT_FOUND' | 'INVALID'
  sentence: string
  fields: Record<string, string>
  gaps: string[]
  theirs?: Entry
}
export type Remedy = Schemas['Remedy']
export type Report = Schemas['Report']
export type Revision = Schemas['Revision']
export type Round = Schemas['DayView']
export type RoundOfDay = Omit<Round, 'day' | 'today'>
export type RoundCall = Schemas['CallSummary']
export type ThingToLoad = Schemas['ThingToLoad']
export type DayPlan = Schemas['DayPlan']
export type Arrival = Schemas['Arrival']
export type Board = Schemas['Board']
export type Lane = Schemas['Lane']
export type Proposal = Schemas['Proposal']
export type Replanned = Schemas['Replanned']
export type TimeWindow = Schemas['Window']
export type SchoolSetting = Schemas['SchoolSetting']
export type Screws = Schemas['Screws']
export type Series = Schemas['Read']
export type ListedPart = Schemas['ListedPart']
export type StockedPart = Schemas['Stocked']
export type PartMove = Schemas['PartMove']
export type PartMoving = Schemas['Moving']
export type PartOrder = Schemas['PartOrder']
export type Ordering = Schemas['Ordering']
export type Arrived = Schemas['Arrived']
export type ToOrder = Schemas['ToOrder']
export type Session = Schemas['Session']
export type Symptom = Schemas['Symptom']
export type Stage = Call['stands']
export type Step = Schemas['Step']
export type Consequence = Schemas['Consequence']
export type Supposed = Schemas['Supposed']
export type Supposition = Schemas['Supposition']
export type Suspect = Schemas['Suspect']
export type Typed = Schemas['Typed']
export type Turn = Schemas['Turn']
export type UpkeepTask = Schemas['Task']
export type Verdict = Judgement['verdict']

export type Written = Partial<Typed>

/** A line of the job sheet, as far as it takes to change it. */
export type Line<T = JobLine> = { id: string; version: number; at: number; by: string; what: T }
