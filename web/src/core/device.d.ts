/** The core, compiled for the browser by Maven (`device`): every question is JSON, and so is every answer. */
declare module '#device' {
  export function know(name: string, knowhow: string): void
  export function state(question: string): string
  export function apply(question: string): string
  export function begin(question: string): string
  export function round(question: string): string
  export function report(question: string): string
}
