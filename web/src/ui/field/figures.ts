/** A number as it was typed, or a sentence about how to write it; the server reads its own in the same way. */
export function readNumber(typed: string): { value: number } | { error: string } {
  const text = typed.trim().replace('−', '-')
  if (/^-?\d*,\d+$/.test(text))
    return {
      error: `Write “${text.replace(',', '.')}”, with a point: a comma could part thousands just as well.`,
    }
  if (!/^-?(\d+\.?\d*|\.\d+)$/.test(text)) return { error: 'A number, please, for example 3.5.' }
  return { value: Number(text) }
}
