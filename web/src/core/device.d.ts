/** The core, compiled for the browser by Maven (`device`): every question is JSON, and so is every answer. */
declare module '#device' {
  export function know(name: string, knowhow: string): void
  export function state(question: string): string
  export function apply(question: string): string
  export function foresee(question: string): string
  export function begin(question: string): string
  export function round(question: string): string
  export function report(question: string): string
  export function gauges(question: string): string
  export function judge(question: string): string
  export function steps(question: string): string
  export function step(question: string): string
  export function sample(question: string): string
  export function found(question: string): string
  export function heard(question: string): string
}
